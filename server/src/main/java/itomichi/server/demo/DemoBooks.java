package itomichi.server.demo;

import itomichi.cover.CoverStuff;
import itomichi.finding.Stage;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocument.Count;
import itomichi.server.document.BookDocument.CountSystem;
import itomichi.server.document.BookDocument.Cover;
import itomichi.server.document.BookDocument.Extent;
import itomichi.server.document.BookDocument.Leaf;
import itomichi.server.document.BookDocument.Paper;
import itomichi.server.document.BookDocument.Scheme;
import itomichi.server.document.BookDocument.Stack;
import itomichi.server.document.BookDocument.Stations;
import itomichi.server.document.BookDocument.Thread;
import itomichi.server.document.BookDocument.Use;
import itomichi.server.document.StartingBook;
import itomichi.structure.Hands;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** The books that the marionette theatre Moth and Pulley binds for itself, each at another stage. Everything in them is made up. */
final class DemoBooks {

    private static final Count LINEN_30_3 = new Count(CountSystem.LINEN, 30, 3, 20, 10);

    private DemoBooks() {}

    /**
     * A demo book.
     *
     * @param document the book
     * @param step moves sewn
     * @param onShelf whether it stands on the shelf
     */
    record DemoBook(BookDocument document, int step, boolean onShelf) {}

    static List<DemoBook> all() {
        return List.of(
                new DemoBook(rigging(), 0, true),
                new DemoBook(
                        DemoWorkshop.covered(longSong(), "soft-folded", Map.of("ends-wide", 70.0), Map.of()), 0, false),
                new DemoBook(programme(), 0, false),
                new DemoBook(cueSlips(), 2, false));
    }

    private static BookDocument cueSlips() {
        return new BookDocument(
                "Cue slips, twelve hands",
                "One for each string hand; read in the dark of the bridge, so it must lie open by itself.",
                Unit.MM,
                "pamphlet",
                new Use(List.of(), 12, Hands.PRACTISED),
                twelveHands(),
                new Extent(itomichi.gathering.Extent.By.PAGES, 16),
                new Leaf(74, 105, false),
                new Paper("Grey wove 90", 90, BulkKind.BOOK_WOVE, new Stack(20, 2.5), Grain.WITH_FOLD, null, null),
                List.of(),
                StartingBook.USUAL_CUTTING,
                StartingBook.PLAIN_GATHERING,
                StartingBook.PLAIN_PAGES,
                StartingBook.stations(3, 16),
                StartingBook.USUAL_ROWS,
                StartingBook.USUAL_SIDE,
                new Cover(true, 0.25, 0, null, null, null, CoverStuff.CARD, null),
                StartingBook.USUAL_COVERING,
                new Thread("Linen 30/3", Fibre.LINEN, LINEN_30_3, 1, 60, 3, 1.0, Face.INSIDE, 2, null),
                StartingBook.USUAL_STITCH,
                before(Stage.SEW),
                Map.of());
    }

    /** One for each hand at the strings; those up in the flies are told by their thread in the dark. */
    private static BookDocument.Edition twelveHands() {
        return new BookDocument.Edition(
                List.of(new BookDocument.CopyKind(
                        "up in the flies", 4, new BookDocument.KindThread("Linen 30/3, indigo", null), List.of())),
                10,
                90,
                List.of(
                        "Prompt corner",
                        "Moth, left hand",
                        "Moth, right hand",
                        "Moth, wings",
                        "Pulley, left hand",
                        "Pulley, right hand",
                        "Lantern",
                        "Curtain",
                        "Fly left, fore",
                        "Fly left, aft",
                        "Fly right, fore",
                        "Fly right, aft"),
                "Sewn on the bridge of Moth and Pulley for The Lantern Eater.");
    }

    private static BookDocument programme() {
        return new BookDocument(
                "Programme, The Lantern Eater",
                "Two languages back to back from one spine; sold at the door, a hundred to be sewn by whoever has hands free.",
                Unit.INCH,
                "double-pamphlet",
                StartingBook.ANY_USE,
                StartingBook.ALIKE,
                new Extent(itomichi.gathering.Extent.By.PAGES, 30),
                new Leaf(139.7, 215.9, true),
                new Paper("Laid ivory", 90.2, BulkKind.SMOOTH, null, Grain.WITH_FOLD, null, null),
                List.of(),
                StartingBook.USUAL_CUTTING,
                StartingBook.PLAIN_GATHERING,
                StartingBook.PLAIN_PAGES,
                StartingBook.stations(5, 19.05),
                StartingBook.USUAL_ROWS,
                StartingBook.USUAL_SIDE,
                new Cover(true, 0.3, 3.175, null, null, null, CoverStuff.CARD, null),
                StartingBook.USUAL_COVERING,
                new Thread(
                        "Madder cotton",
                        Fibre.COTTON,
                        new Count(CountSystem.COTTON, 10, 4, 20, 10),
                        1,
                        76.2,
                        3,
                        1.2,
                        Face.INSIDE,
                        2,
                        null),
                StartingBook.USUAL_STITCH,
                before(Stage.GATHER),
                Map.of());
    }

    private static BookDocument longSong() {
        return new BookDocument(
                "The long song, prompt copy",
                "Tall and narrow, to stand on the prompter’s ledge through the whole second act.",
                Unit.MM,
                "pamphlet",
                StartingBook.ANY_USE,
                StartingBook.ALIKE,
                new Extent(itomichi.gathering.Extent.By.PAGES, 40),
                new Leaf(130, 330, false),
                new Paper("Bulky cream 100", 100, BulkKind.BULKY_BOOK, null, Grain.WITH_FOLD, null, null),
                List.of(),
                StartingBook.USUAL_CUTTING,
                StartingBook.PLAIN_GATHERING,
                StartingBook.PLAIN_PAGES,
                placed(List.of(20.0, 68.0, 116.0, 165.0, 214.0, 262.0, 310.0)),
                StartingBook.USUAL_ROWS,
                StartingBook.USUAL_SIDE,
                new Cover(true, 0.35, 3, null, null, null, CoverStuff.CARD, null),
                StartingBook.USUAL_COVERING,
                new Thread(
                        "Waxed linen 18/3",
                        Fibre.LINEN,
                        new Count(CountSystem.LINEN, 18, 3, 20, 12.4),
                        1,
                        80,
                        3,
                        1.3,
                        Face.INSIDE,
                        3,
                        null),
                StartingBook.USUAL_STITCH,
                before(Stage.TEMPLATE),
                Map.of());
    }

    private static BookDocument rigging() {
        return new BookDocument(
                "Rigging notes, winter tour",
                "Knots, weights and who tied them.",
                Unit.MM,
                "pamphlet",
                StartingBook.ANY_USE,
                StartingBook.ALIKE,
                new Extent(itomichi.gathering.Extent.By.PAGES, 24),
                new Leaf(105, 148, true),
                new Paper("Office 80", 80, BulkKind.OFFICE, null, Grain.WITH_FOLD, null, null),
                List.of(),
                StartingBook.USUAL_CUTTING,
                StartingBook.PLAIN_GATHERING,
                StartingBook.PLAIN_PAGES,
                StartingBook.stations(5, 15),
                StartingBook.USUAL_ROWS,
                StartingBook.USUAL_SIDE,
                new Cover(true, 0.3, 2, null, null, null, CoverStuff.CARD, null),
                StartingBook.USUAL_COVERING,
                new Thread("Linen 30/3", Fibre.LINEN, LINEN_30_3, 1, 75, 3, 1.1, Face.INSIDE, 2, null),
                StartingBook.USUAL_STITCH,
                List.of(Stage.values()),
                Map.of());
    }

    /** Stations placed one by one. */
    static Stations placed(List<Double> places) {
        Stations usual = StartingBook.stations(places.size(), places.get(0));
        return new Stations(
                Scheme.PLACED,
                places.size(),
                usual.headMm(),
                usual.tailMm(),
                usual.sharePercent(),
                usual.pairs(),
                usual.pairMm(),
                usual.kettleMm(),
                usual.exemplarHeightMm(),
                usual.exemplarMm(),
                usual.carry(),
                places,
                false,
                usual.level());
    }

    static List<Stage> before(Stage stage) {
        return Arrays.stream(Stage.values()).takeWhile(one -> one != stage).toList();
    }
}
