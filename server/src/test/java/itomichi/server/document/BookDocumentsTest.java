package itomichi.server.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.cover.PieceStuff;
import itomichi.cutting.CutWish;
import itomichi.gathering.Back;
import itomichi.gathering.Extent;
import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument.Gathering;
import itomichi.server.document.BookDocument.Paper;
import itomichi.server.document.BookDocument.RecipeSheet;
import itomichi.server.document.BookDocument.Stack;
import itomichi.server.document.BookDocument.Stock;
import itomichi.server.document.BookDocument.Use;
import itomichi.server.document.BookDocument.Wish;
import itomichi.spec.PageWish;
import itomichi.spec.PastedOn;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Hands;
import itomichi.structure.Need;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is kept of a book is what was said of it. */
public class BookDocumentsTest {

    private static final BookDocument START = StartingBook.in(Unit.MM);

    private static BookDocument book(
            String structure, Use use, Extent.By by, Paper paper, List<Paper> others, Gathering gathering) {
        return new BookDocument(
                START.name(),
                "for nothing",
                Unit.INCH,
                structure,
                use,
                EDITION,
                new BookDocument.Extent(by, 61),
                START.leaf(),
                paper,
                others,
                new BookDocument.Cutting(CutWish.Manner.TEAR, false, 2.5),
                gathering,
                new BookDocument.Pages(
                        PageWish.BlankPlace.BOTH,
                        2,
                        4,
                        9,
                        true,
                        ARTWORK,
                        List.of(new BookDocument.Pasted(PastedOn.Kind.POCKET, 5, 0, 90.5, 80, 1.2))),
                START.stations(),
                START.rows(),
                START.side(),
                START.cover(),
                START.covering(),
                START.thread(),
                START.stitch(),
                START.done(),
                Map.of("SPRING:AN_HOUR", new BookDocument.Taught(5, 14.5, 9, 20)));
    }

    private static final BookDocument.Edition EDITION = new BookDocument.Edition(
            List.of(new BookDocument.CopyKind(
                    "in cloth",
                    1,
                    new BookDocument.KindThread("Linen 30/3, red", UUID.randomUUID()),
                    List.of(new BookDocument.CoverStock(
                            PieceStuff.CLOTH,
                            "Curtain",
                            700,
                            500,
                            SheetGrain.ALONG_WIDTH,
                            Dye.MADDER,
                            UUID.randomUUID())))),
            15,
            85,
            List.of("Prompt corner", "", "Fly left"),
            "Sewn for the bridge.");

    private static final BookDocument.Made ARTWORK = new BookDocument.Made(
            List.of(new BookDocument.Picture(new BookDocument.Half(1, 2, true, false), "the moth")),
            List.of(new BookDocument.Facing(
                    new BookDocument.Half(1, 2, true, false), new BookDocument.Half(1, 3, false, true))));

    private static Paper stocked(UUID from) {
        return new Paper(
                "Wove",
                118.4,
                BulkKind.SMOOTH,
                new Stack(24, 3.1),
                Grain.ACROSS_FOLD,
                new Stock(640, 900, SheetGrain.ALONG_WIDTH, 4, 17, 0.75),
                from);
    }

    private static Paper plain() {
        return new Paper("Plain", 90, BulkKind.OFFICE, null, Grain.UNKNOWN, null, null);
    }

    @DataProvider
    Object[][] books() {
        Use any = StartingBook.ANY_USE;
        Gathering wished = new Gathering(
                11, true, 8, new Wish(true, 11, 6, 8, true), Pressing.AN_HOUR, Back.ROUNDED, 4.2, List.of(), List.of());
        Gathering mixed = new Gathering(
                null,
                false,
                null,
                new Wish(false, null, null, null, false),
                Pressing.FRESH,
                Back.FLAT,
                0,
                List.of(
                        List.of(new RecipeSheet(1, null, null), new RecipeSheet(0, 60.0, 260.5)),
                        List.of(new RecipeSheet(0, null, 31.0))),
                List.of(new BookDocument.Unlike(2, 180), new BookDocument.Unlike(5, 205)));
        return new Object[][] {
            {START},
            {StartingBook.in(Unit.INCH)},
            {
                book(
                        "link-stitch",
                        new Use(List.of(Need.WRITE, Need.LIE_FLAT), 3, Hands.NEW),
                        Extent.By.LEAVES,
                        stocked(null),
                        List.of(),
                        wished)
            },
            {book("long-stitch", any, Extent.By.PAGES, plain(), List.of(stocked(UUID.randomUUID())), mixed)},
            {
                book(
                        "stab-corners",
                        any,
                        Extent.By.SHEETS,
                        stocked(UUID.randomUUID()),
                        List.of(),
                        StartingBook.PLAIN_GATHERING)
            },
        };
    }

    @Test(dataProvider = "books")
    public void aDocumentReadAndWrittenIsTheSame(BookDocument book) {
        assertEquals(BookDocuments.changed(book, BookDocuments.spec(book)), book);
    }

    @Test(dataProvider = "books")
    public void anotherNameChangesNothingElse(BookDocument book) {
        assertEquals(book.withName("Other").withName(book.name()), book);
    }

    private interface Lacking {
        BookDocument book();
    }

    @DataProvider
    Object[][] lacking() {
        Gathering plain = StartingBook.PLAIN_GATHERING;
        return new Object[][] {
            {"use", (Lacking) () -> book("pamphlet", null, Extent.By.PAGES, plain(), List.of(), plain)},
            {
                "use.needs",
                (Lacking)
                        () -> book("pamphlet", new Use(null, 1, Hands.NEW), Extent.By.PAGES, plain(), List.of(), plain)
            },
            {"extent.by", (Lacking) () -> book("pamphlet", StartingBook.ANY_USE, null, plain(), List.of(), plain)},
            {"paper", (Lacking) () -> book("pamphlet", StartingBook.ANY_USE, Extent.By.PAGES, null, List.of(), plain)},
            {
                "otherPapers",
                (Lacking) () -> book("pamphlet", StartingBook.ANY_USE, Extent.By.PAGES, plain(), null, plain)
            },
            {
                "gathering",
                (Lacking) () -> book("pamphlet", StartingBook.ANY_USE, Extent.By.PAGES, plain(), List.of(), null)
            },
            {
                "gathering.wish",
                (Lacking) () -> book(
                        "pamphlet",
                        StartingBook.ANY_USE,
                        Extent.By.PAGES,
                        plain(),
                        List.of(),
                        new Gathering(null, false, null, null, Pressing.FRESH, Back.FLAT, 0, List.of(), List.of()))
            },
            {
                "gathering.recipes",
                (Lacking) () -> book(
                        "pamphlet",
                        StartingBook.ANY_USE,
                        Extent.By.PAGES,
                        plain(),
                        List.of(),
                        new Gathering(null, false, null, plain.wish(), Pressing.FRESH, Back.FLAT, 0, null, List.of()))
            },
        };
    }

    @Test(dataProvider = "lacking")
    public void aPartThatIsMissingIsNamed(String field, Lacking lacking) {
        assertEquals(
                expectThrows(UnfitValueException.class, () -> BookDocuments.spec(lacking.book()))
                        .field(),
                field);
    }
}
