package itomichi.server.demo;

import itomichi.cover.CoverPiece;
import itomichi.cover.PieceStuff;
import itomichi.material.SheetGrain;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocument.CoverStock;
import itomichi.server.document.Dye;
import itomichi.server.plan.PlanViews;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The theatre's books with thread and cover stuffs out of its drawers. */
final class DemoStock {

    private static final Set<String> THREADS = Set.of("Linen 30/3", "Linen 18/3, waxed", "Linen 40/3", "Madder cotton");

    private DemoStock() {}

    /**
     * The book made from what lies in the drawers.
     *
     * @param id of a thing, by its drawer and its name
     */
    static BookDocument taken(BookDocument book, BiFunction<String, String, UUID> id) {
        String thread = book.thread().name();
        BookDocument.Covering covering = book.covering();
        Set<PieceStuff> cut = PlanViews.plan(book).covering().work().pieces().stream()
                .map(CoverPiece::stuff)
                .collect(Collectors.toSet());
        BookDocument covered = book.withCovering(new BookDocument.Covering(
                covering.kind(),
                covering.numbers(),
                covering.schools(),
                covering.block(),
                Stream.of(
                                new CoverStock(
                                        PieceStuff.BOARD,
                                        "Grey board 2",
                                        700,
                                        1000,
                                        SheetGrain.ALONG_HEIGHT,
                                        Dye.ASH,
                                        id.apply("BOARDS", "Grey board 2")),
                                new CoverStock(
                                        PieceStuff.CARD,
                                        "Blue card 250",
                                        500,
                                        700,
                                        SheetGrain.ALONG_HEIGHT,
                                        Dye.INDIGO,
                                        id.apply("COVERS", "Blue card 250")),
                                new CoverStock(
                                        PieceStuff.CLOTH,
                                        "Sail cloth",
                                        700,
                                        1000,
                                        SheetGrain.ALONG_HEIGHT,
                                        Dye.MADDER,
                                        id.apply("COVERS", "Sail cloth")),
                                new CoverStock(
                                        PieceStuff.OPEN_CLOTH,
                                        "Gauze, open",
                                        900,
                                        1000,
                                        SheetGrain.ALONG_HEIGHT,
                                        Dye.UNDYED,
                                        id.apply("COVERS", "Gauze, open")),
                                new CoverStock(
                                        PieceStuff.PAPER,
                                        "Laid ivory 90",
                                        430,
                                        610,
                                        SheetGrain.ALONG_WIDTH,
                                        Dye.WELD,
                                        id.apply("PAPERS", "Laid ivory 90")))
                        .filter(stock -> cut.contains(stock.stuff()))
                        .toList(),
                covering.ticked()));
        BookDocument kinds = covered.withEdition(taken(book.edition(), id));
        return THREADS.contains(thread) ? kinds.withThread(id.apply("THREADS", thread)) : kinds;
    }

    private static BookDocument.Edition taken(BookDocument.Edition edition, BiFunction<String, String, UUID> id) {
        return new BookDocument.Edition(
                edition.kinds().stream().map(kind -> taken(kind, id)).toList(),
                edition.sparePercent(),
                edition.practicePercent(),
                edition.names(),
                edition.colophon());
    }

    private static BookDocument.CopyKind taken(BookDocument.CopyKind kind, BiFunction<String, String, UUID> id) {
        BookDocument.KindThread thread = kind.thread();
        return thread == null
                ? kind
                : new BookDocument.CopyKind(
                        kind.name(),
                        kind.copies(),
                        new BookDocument.KindThread(thread.name(), id.apply("THREADS", thread.name())),
                        kind.stocks());
    }
}
