package itomichi.server.demo;

import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.gathering.Extent.By;
import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocument.Count;
import itomichi.server.document.BookDocument.CountSystem;
import itomichi.server.document.BookDocument.Extent;
import itomichi.server.document.BookDocument.Gathering;
import itomichi.server.document.BookDocument.Leaf;
import itomichi.server.document.BookDocument.Paper;
import itomichi.server.document.BookDocument.RecipeSheet;
import itomichi.server.document.BookDocument.Stack;
import itomichi.server.document.BookDocument.Stock;
import itomichi.server.document.BookDocument.Thread;
import itomichi.server.document.BookDocument.Use;
import itomichi.server.document.BookDocument.Wish;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Hands;
import itomichi.structure.Need;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** The theatre's larger books, made from what lies in its drawers. Everything in them is made up. */
final class DemoWorkshop {

    private static final Thread LINEN_18_3 = new Thread(
            "Linen 18/3, waxed",
            Fibre.LINEN,
            new Count(CountSystem.WOUND, 18, 3, 20, 12.4),
            1,
            80,
            3,
            1.6,
            Face.INSIDE,
            2,
            null);
    private static final Thread LINEN_30_3 = new Thread(
            "Linen 30/3",
            Fibre.LINEN,
            new Count(CountSystem.LINEN, 30, 3, 20, 10),
            1,
            75,
            3,
            1.1,
            Face.INSIDE,
            2,
            null);
    private static final Thread LINEN_40_3 = new Thread(
            "Linen 40/3",
            Fibre.LINEN,
            new Count(CountSystem.LINEN, 40, 3, 20, 10),
            1,
            75,
            3,
            1.1,
            Face.INSIDE,
            2,
            null);

    private final Function<String, UUID> paperId;

    /** @param paperId finds a paper of the drawer by its name */
    DemoWorkshop(Function<String, UUID> paperId) {
        this.paperId = paperId;
    }

    List<DemoBooks.DemoBook> all() {
        return List.of(
                new DemoBooks.DemoBook(sceneDiary(), 0, false),
                new DemoBooks.DemoBook(swatches(), 0, false),
                new DemoBooks.DemoBook(shadowFigures(), 0, false),
                new DemoBooks.DemoBook(flyLoft(), 0, false),
                new DemoBooks.DemoBook(promptBook(), 0, false));
    }

    private Paper bookWove() {
        return new Paper(
                "Book wove 120",
                120,
                BulkKind.BOOK_WOVE,
                new Stack(20, 3.34),
                Grain.UNKNOWN,
                new Stock(640, 900, SheetGrain.ALONG_HEIGHT, 0, 48, 0.9),
                paperId.apply("Book wove 120"));
    }

    private BookDocument promptBook() {
        BookDocument book = book(
                "Prompt book, The Lantern Eater",
                "Every cue in it, and it must lie flat on the ledge.",
                new Use(List.of(Need.WRITE, Need.LIE_FLAT), 1, Hands.PRACTISED),
                new Extent(By.PAGES, 216),
                new Leaf(148, 210, false),
                List.of(bookWove()),
                LINEN_30_3,
                StartingBook.PLAIN_GATHERING);
        return covered(
                bound(book, "link-stitch", List.of(Stage.PURPOSE, Stage.PAPER)),
                "spine-free",
                Map.of(),
                Map.of("slip-on", "PAPER", "corners-cut", "ALL"));
    }

    private BookDocument flyLoft() {
        BookDocument book = book(
                "Fly-loft log",
                "Weights, ropes, inspections; carried up the ladder every evening.",
                new Use(List.of(Need.WRITE, Need.CARRY), 1, Hands.PRACTISED),
                new Extent(By.LEAVES, 96),
                new Leaf(148, 210, true),
                List.of(new Paper(
                        "Bulky cream 100",
                        100,
                        BulkKind.BULKY_BOOK,
                        null,
                        Grain.UNKNOWN,
                        new Stock(640, 900, SheetGrain.ALONG_HEIGHT, 0, 5, 0.8),
                        paperId.apply("Bulky cream 100"))),
                LINEN_30_3,
                new Gathering(
                        null,
                        false,
                        null,
                        new Wish(true, null, null, null, true),
                        Pressing.OVERNIGHT,
                        Back.FLAT,
                        0,
                        List.of(),
                        List.of()));
        return covered(
                bound(book, "tapes", List.of(Stage.PURPOSE)),
                "case-flat",
                Map.of("turn-in", 16.0),
                Map.of("covered", "HALF", "joints", "BOARDS"));
    }

    private BookDocument shadowFigures() {
        BookDocument book = book(
                "Shadow figures, patterns",
                "Loose pattern sheets, held so that none is lost on tour.",
                new Use(List.of(Need.LOOSE_SHEETS, Need.CARRY), 1, Hands.PRACTISED),
                new Extent(By.SHEETS, 24),
                new Leaf(230, 320, false),
                List.of(new Paper(
                        "Shadow card 250",
                        250,
                        BulkKind.CARDSTOCK,
                        new Stack(10, 3.02),
                        Grain.UNKNOWN,
                        new Stock(700, 1000, SheetGrain.ALONG_HEIGHT, 0, 18, 2.2),
                        paperId.apply("Shadow card 250"))),
                LINEN_18_3,
                StartingBook.PLAIN_GATHERING);
        return covered(
                boundIn(bound(book, "stab-tortoise-shell", List.of(Stage.PURPOSE))),
                "stab-soft",
                Map.of("stab-flaps", 25.0),
                Map.of("stab-corners", "CLOTH"));
    }

    private BookDocument swatches() {
        Paper kraft = new Paper(
                "Kraft wrap 110",
                110,
                BulkKind.OFFICE,
                null,
                Grain.UNKNOWN,
                new Stock(900, 1200, SheetGrain.ALONG_WIDTH, 0, 9, 0.7),
                paperId.apply("Kraft wrap 110"));
        BookDocument book = book(
                "Costume swatches",
                "Cloth of every coat is pasted in; it will be twice as thick when it is full.",
                new Use(List.of(Need.PASTE_IN, Need.CARRY), 1, Hands.PRACTISED),
                new Extent(By.PAGES, 112),
                new Leaf(170, 240, false),
                List.of(bookWove(), kraft),
                LINEN_18_3,
                new Gathering(
                        null,
                        false,
                        null,
                        StartingBook.PLAIN_GATHERING.wish(),
                        Pressing.AN_HOUR,
                        Back.FLAT,
                        14,
                        List.of(List.of(
                                new RecipeSheet(1, null, null),
                                new RecipeSheet(0, null, null),
                                new RecipeSheet(0, 60.0, null),
                                new RecipeSheet(0, null, 300.0))),
                        List.of()));
        return covered(
                bound(book, "long-stitch", List.of(Stage.PURPOSE)),
                "limp",
                Map.of("limp-wide", 30.0),
                Map.of("limp-flap", "FRONT", "limp-closing", "BUTTON", "limp-stitches", "WOVEN"));
    }

    private BookDocument sceneDiary() {
        BookDocument book = book(
                "Scene diary",
                "One signature for each act, all in one cover.",
                new Use(List.of(Need.WRITE, Need.CARRY), 1, Hands.NEW),
                new Extent(By.PAGES, 120),
                new Leaf(105, 148, false),
                List.of(new Paper(
                        "Grey wove 90",
                        90,
                        BulkKind.BOOK_WOVE,
                        new Stack(20, 2.5),
                        Grain.UNKNOWN,
                        new Stock(420, 594, SheetGrain.ALONG_HEIGHT, 0, 60, 0.4),
                        paperId.apply("Grey wove 90"))),
                LINEN_40_3,
                StartingBook.PLAIN_GATHERING);
        return covered(
                inCover(bound(book, "several-pamphlets", List.of(Stage.PURPOSE, Stage.PAPER)), 26),
                "soft-flap",
                Map.of("flap", 60.0),
                Map.of("edges", "TURNED", "closing", "TIE"));
    }

    private static BookDocument book(
            String name,
            String purpose,
            Use use,
            Extent extent,
            Leaf leaf,
            List<Paper> papers,
            Thread thread,
            Gathering gathering) {
        BookDocument start = StartingBook.in(Unit.MM);
        return new BookDocument(
                name,
                purpose,
                Unit.MM,
                start.structure(),
                use,
                StartingBook.ALIKE,
                extent,
                leaf,
                papers.get(0),
                papers.subList(1, papers.size()),
                StartingBook.USUAL_CUTTING,
                gathering,
                start.pages(),
                start.stations(),
                start.rows(),
                start.side(),
                start.cover(),
                start.covering(),
                thread,
                start.stitch(),
                List.of(),
                Map.of());
    }

    /** Bound in a structure as a binder would choose it, keeping the gathering that is wanted. */
    private static BookDocument bound(BookDocument book, String structure, List<Stage> done) {
        BookDocument chosen = BookDocuments.changed(
                book,
                Binding.as(BookDocuments.spec(book), Structures.keyed(structure).orElseThrow()));
        return chosen.withGathering(book.gathering()).withDone(done);
    }

    /** With covers that are sewn through together with its sheets. */
    private static BookDocument boundIn(BookDocument book) {
        BookSpec spec = BookDocuments.spec(book);
        return BookDocuments.changed(book, spec.withCover(spec.cover().withWanted(true)));
    }

    /** In that kind of cover. */
    static BookDocument covered(
            BookDocument book, String kind, Map<String, Double> numbers, Map<String, String> schools) {
        BookDocument.Covering usual = book.covering();
        return book.withCovering(
                new BookDocument.Covering(kind, numbers, schools, usual.block(), usual.stocks(), usual.ticked()));
    }

    /** In a cover whose spine is wide enough for cover stuff to be left between the rows. */
    private static BookDocument inCover(BookDocument book, double spineMm) {
        BookSpec spec = BookDocuments.spec(book);
        return BookDocuments.changed(book, spec.withCover(spec.cover().withSpine(Optional.of(Length.ofMm(spineMm)))));
    }
}
