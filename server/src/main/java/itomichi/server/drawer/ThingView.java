package itomichi.server.drawer;

import itomichi.cover.PieceStuff;
import itomichi.material.SheetGrain;
import itomichi.server.document.BookDocument;
import itomichi.server.document.Dye;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A thing for the screen.
 *
 * @param cells what is known of it, as it is shown, by the columns' keys
 * @param numbers the same as they are kept, of those that are numbers: things are put in order by them
 * @param colour its colour, where that is known
 * @param thickness how thick it is, where that can be told, and by what
 * @param usedIn books that were planned with it
 * @param paper the thing as a book's paper, if it is one
 * @param thread the thing as a book's thread, if it is one
 * @param sheet the thing as a sheet that pieces of covers are cut from, if it is one and no off-cut
 * @param measureMm what a book takes from it: a cover's thickness, a needle's eye
 */
record ThingView(
        UUID id,
        long version,
        String name,
        Map<String, InUnits> cells,
        Map<String, Double> numbers,
        @Nullable Dye colour,
        @Nullable InUnits thickness,
        List<UsedIn> usedIn,
        BookDocument.@Nullable Paper paper,
        @Nullable ThreadView thread,
        @Nullable CutFrom sheet,
        @Nullable Double measureMm) {

    /** A sheet, and what is cut from it. */
    record CutFrom(
            double widthMm,
            double heightMm,
            SheetGrain grain,
            @Nullable Dye colour,
            List<PieceStuff> stuffs) {}

    /** A book. */
    record UsedIn(UUID id, String name) {}

    /** A thread as a book takes it. */
    record ThreadView(String name, itomichi.material.Fibre fibre, BookDocument.Count count, UUID drawerId) {}
}
