package itomichi.server.supply;

import itomichi.cover.PieceStuff;
import itomichi.finding.Stage;
import itomichi.material.SheetGrain;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView.LayoutView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What books want, and what the drawers hold of it.
 *
 * @param books the books on the bench, and which of them are looked at
 * @param more whether more books are on the bench, changed longer ago
 * @param knife what is cut with
 * @param needs what is used up, what lacks first
 * @param cost of what lacks, as far as prices are known; nothing where none is
 * @param unpriced whether something lacks whose price is not known
 * @param tables what is cut from one thing for all the books together
 * @param unsettled what is not settled yet
 * @param acts what was cut and bought last
 */
public record SupplyView(
        List<BookChoice> books,
        boolean more,
        KnifeView knife,
        List<NeedView> needs,
        @Nullable Double cost,
        boolean unpriced,
        List<CuttingTable> tables,
        List<Unsettled> unsettled,
        List<ActView> acts) {

    /** A book on the bench. */
    public record BookChoice(UUID id, String name, boolean looked) {}

    /** What is cut with; {@code reach} is left out where it reaches as far as one likes. */
    public record KnifeView(
            @Nullable InUnits reach, @Nullable Double reachMm, InUnits leastStrip, double leastStripMm) {}

    /**
     * Something that is used up.
     *
     * @param thing where it lies; left out of what is not kept in a drawer
     * @param drawer what its drawer is called
     * @param needed how much is wanted, with its unit
     * @param have how much there is; left out where that is not known
     * @param lacking how much is to be bought, a number; nothing where enough is there or not known
     * @param lacks the same with its unit
     * @param price of what lacks
     * @param books for which
     * @param unfit whether nothing that is wanted comes out of it
     * @param missing pieces that are larger than a sheet of it; empty where all come out
     */
    public record NeedView(
            @Nullable UUID thing,
            String name,
            @Nullable String drawer,
            InUnits needed,
            @Nullable String have,
            @Nullable Double lacking,
            @Nullable String lacks,
            @Nullable Double price,
            List<String> books,
            boolean unfit,
            List<String> missing) {}

    /** What is cut from one thing and from what was cut off it before. */
    public record CuttingTable(
            UUID thing,
            String name,
            List<UUID> books,
            int pieces,
            int sheets,
            int offcuts,
            boolean fewest,
            List<WantedView> wanted,
            List<CutSheetView> cuts,
            List<LeftView> kept,
            List<String> missing) {}

    /** Pieces of one size. */
    public record WantedView(String whose, InUnits size, int number) {}

    /** Sheets that are parted alike; sizes in mm. */
    public record CutSheetView(
            String name,
            boolean offcut,
            double widthMm,
            double heightMm,
            InUnits size,
            SheetGrain grain,
            LayoutView layout) {}

    /** What is left and worth keeping. */
    public record LeftView(InUnits size, int number) {}

    /** A stuff whose sheets are not settled, or not known. */
    public record Unsettled(UUID book, String bookName, PieceStuff stuff, String words) {}

    /** Something done to the drawers, which can be undone. */
    public record ActView(UUID id, String words) {}

    /**
     * What a stage of a book takes out of the drawers.
     *
     * @param number how much, with its unit
     * @param have how much there is now; left out where that is not known
     * @param taken whether it was taken already
     */
    public record StageUse(
            Stage stage,
            UUID thing,
            String name,
            String number,
            @Nullable String have,
            boolean taken) {}
}
