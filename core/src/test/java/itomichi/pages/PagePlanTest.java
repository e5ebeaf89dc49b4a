package itomichi.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.gathering.SplitWish;
import itomichi.measure.Length;
import itomichi.spec.Artwork;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.GatherWish.RecipeSheet;
import itomichi.spec.PageWish;
import itomichi.spec.PageWish.BlankPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which page lies where. */
public class PagePlanTest {

    private static PagePlan plan(BookSpec book) {
        return PagePlan.of(Planner.planUnmended(book).worked());
    }

    private static String side(SheetSides.Side side) {
        return side.left().map(Page::words).orElse("") + "|" + side.right().words();
    }

    private static List<String> sides(BookSpec book) {
        return plan(book).gatherings().get(0).sheets().stream()
                .flatMap(sheet -> List.of(side(sheet.outer()), side(sheet.inner())).stream())
                .toList();
    }

    /** Folds, nests and stacks the sheets by their sides alone, and reads them. */
    private static List<Page> read(PagePlan plan) {
        List<Page> read = new ArrayList<>();
        for (Gathering gathering : plan.gatherings()) {
            List<SheetSides> sheets = gathering.sheets();
            for (SheetSides sheet : sheets) {
                read.add(sheet.outer().right());
                read.add(
                        sheet.second().isPresent()
                                ? sheet.inner().left().orElseThrow()
                                : sheet.inner().right());
            }
            for (int i = sheets.size() - 1; i >= 0; i--) {
                SheetSides sheet = sheets.get(i);
                if (sheet.second().isPresent()) {
                    read.add(sheet.inner().right());
                    read.add(sheet.outer().left().orElseThrow());
                }
            }
        }
        return read;
    }

    /** The order of a booklet of 8 pages stapled through its fold, as handbooks of printing give it (from memory). */
    @Test
    public void eightPagesLieAsHandbooksGiveThem() {
        assertEquals(sides(Books.sound().withPages(8)), List.of("8|1", "2|7", "6|3", "4|5"));
    }

    /** The order of a booklet of 16 pages stapled through its fold, as handbooks of printing give it (from memory). */
    @Test
    public void sixteenPagesLieAsHandbooksGiveThem() {
        assertEquals(
                sides(Books.sound().withPages(16)),
                List.of("16|1", "2|15", "14|3", "4|13", "12|5", "6|11", "10|7", "8|9"));
    }

    @DataProvider
    Object[][] books() {
        List<Object[]> books = new ArrayList<>();
        for (String structure : List.of("pamphlet", "link-stitch", "tapes", "long-stitch", "stab-four-hole")) {
            for (int pages : List.of(4, 10, 33, 96, 250)) {
                books.add(new Object[] {structure, pages});
            }
        }
        return books.toArray(Object[][]::new);
    }

    private static BookSpec book(String structure, int pages) {
        return Books.bound(structure).withPages(pages);
    }

    /** Folded, nested and stacked, every book reads from 1 on, none twice, the blanks where they were said to be. */
    @Test(dataProvider = "books")
    public void foldedAndStackedItReadsInOrder(String structure, int pages) {
        List<Page> read = read(plan(book(structure, pages)));
        List<String> text = read.stream()
                .filter(page -> page.kind() == Page.Kind.TEXT)
                .map(Page::number)
                .toList();
        assertEquals(
                text,
                IntStream.rangeClosed(1, pages).mapToObj(Integer::toString).toList());
        assertTrue(read.subList(pages, read.size()).stream().allMatch(page -> page.kind() == Page.Kind.BLANK));
    }

    /** Wherever blanks stand, the text begins on a right-hand page: an odd place. */
    @Test(dataProvider = "books")
    public void theTextBeginsOnTheRight(String structure, int pages) {
        for (BlankPlace place : BlankPlace.values()) {
            List<Page> read = read(plan(book(structure, pages).withPageWish(PageWish.PLAIN.withBlanks(place))));
            Page first = read.stream()
                    .filter(page -> page.kind() == Page.Kind.TEXT)
                    .findFirst()
                    .orElseThrow();
            assertEquals(first.place() % 2, 1, place + ", " + first);
            assertEquals(first.number(), "1");
        }
    }

    /** A reader turns one leaf after the other. */
    @Test(dataProvider = "books")
    public void thereIsAnOpeningMoreThanLeaves(String structure, int pages) {
        PagePlan plan = plan(book(structure, pages));
        assertEquals(plan.readings().get(0).size(), read(plan).size() / 2 + 1);
    }

    /** Common practice, no source: only in the middle of a signature do two facing pages lie on one sheet. */
    @Test(dataProvider = "books")
    public void onlyTheMiddleOfASignatureIsUnbroken(String structure, int pages) {
        PagePlan plan = plan(book(structure, pages));
        long folded = plan.gatherings().stream()
                .filter(gathering -> gathering.sheets().get(0).second().isPresent())
                .count();
        List<Opening> unbroken =
                plan.readings().get(0).stream().filter(Opening::unbroken).toList();
        assertEquals(unbroken.size(), folded);
        unbroken.forEach(opening -> assertEquals(
                opening.left().orElseThrow().sheet(),
                plan.gatherings()
                        .get(opening.left().orElseThrow().signature() - 1)
                        .sheets()
                        .size()));
    }

    @Test
    public void facingPagesFollowEachOther() {
        for (Opening opening : plan(book("link-stitch", 96)).readings().get(0)) {
            if (opening.left().isPresent() && opening.right().isPresent()) {
                assertEquals(
                        opening.right().get().front().place(),
                        opening.left().get().back().place() + 1);
            }
        }
    }

    /** Two sections back to back: each is read from its own cover, and counted from there. */
    @Test
    public void aDoublePamphletIsReadFromBothSides() {
        PagePlan plan = plan(Books.bound("double-pamphlet").withPages(32));
        assertEquals(plan.readings().size(), 2);
        assertTrue(plan.gatherings().get(1).turned());
        assertEquals(plan.gatherings().get(1).first().number(), "1");
        assertEquals(plan.readings().get(1).get(0).left(), Optional.empty());
    }

    @Test
    public void frontMatterIsCountedInRomanAfterWhatIsNotCounted() {
        List<Page> read = read(
                plan(Books.sound().withPageWish(PageWish.PLAIN.withUncounted(2).withRoman(4))));
        assertEquals(
                read.stream().limit(8).map(Page::words).toList(),
                List.of("not counted", "not counted", "i", "ii", "iii", "iv", "1", "2"));
    }

    @Test
    public void countingBeginsWhereItsBinderSays() {
        assertEquals(
                plan(Books.sound().withPageWish(PageWish.PLAIN.withFirst(65)))
                        .gatherings()
                        .get(0)
                        .first()
                        .number(),
                "65");
    }

    /** What was painted on the inner right of the second sheet is read on the page that lies there: of eight pages the fifth. */
    @Test
    public void whatWasMadeBeforehandIsReadOnItsPage() {
        Artwork painted = new Artwork(Map.of(new Artwork.Spot(1, 2, true, true), "the moth"), List.of());
        BookSpec book = Books.sound().withPages(8).withPageWish(PageWish.PLAIN.withArtwork(painted));
        List<String> pages = read(plan(book)).stream()
                .filter(page -> page.picture().equals("the moth"))
                .map(Page::words)
                .toList();
        assertEquals(pages, List.of("5"));
    }

    /** Two sheets and between them a leaf hooked round the inner one by a stub: ten pages, the stub is none of them. */
    @Test
    public void aLeafHookedInByAStubIsTwoPages() {
        GatherWish wish = Books.sound()
                .gathering()
                .withRecipes(List.of(List.of(
                        new RecipeSheet(0, Optional.empty(), Optional.empty()),
                        new RecipeSheet(0, Optional.of(Length.ofMm(12)), Optional.empty()),
                        new RecipeSheet(0, Optional.empty(), Optional.empty()))));
        PagePlan plan = plan(Books.sound().withPages(10).withGathering(wish));
        List<Page> read = read(plan).stream()
                .filter(page -> page.kind() != Page.Kind.STUB)
                .toList();
        assertEquals(
                read.stream().map(Page::words).toList(),
                IntStream.rangeClosed(1, 10).mapToObj(Integer::toString).toList());
        assertEquals(plan.readings().get(0).size(), 6);
        assertEquals(plan.gatherings().get(0).sheets().get(1).first().reach(), Leaf.Reach.STUB);
    }

    /** In a book as small as a stamp a narrow leaf is a leaf. */
    @Test
    public void theLeavesOfATinyBookAreNoStubs() {
        BookSpec tiny = Books.sound().withPages(8).withLeaf(Books.sound().leaf().withWidth(Length.ofMm(22)));
        assertEquals(plan(tiny).gatherings().get(0).last().number(), "8");
    }

    private static BookSpec doubled(int pages) {
        return book("stab-four-hole", pages).withPageWish(PageWish.PLAIN.withDoubled(true));
    }

    /** Common practice, no source: printed on one side, folded at the fore edge, page 1 is left of the fold and page 2 right of it. */
    @Test
    public void aSheetFoldedAtTheForeEdgeShowsItsPrintedSide() {
        assertEquals(sides(doubled(4)), List.of("1|2", "never seen|never seen", "3|4", "never seen|never seen"));
    }

    /** Twice as much paper in a block of as many pages. */
    @Test
    public void sheetsFoldedAtTheForeEdgeLieDouble() {
        var flat = Planner.plan(book("stab-four-hole", 48));
        var twice = Planner.plan(doubled(48));
        assertEquals(
                twice.figure("block").length().mm(),
                2 * flat.figure("block").length().mm(),
                0.01);
        assertEquals(
                twice.papers().get(0).demands().get(0).width().mm(),
                2 * flat.papers().get(0).demands().get(0).width().mm(),
                0.01);
        assertEquals(twice.gathered().sheets(), flat.gathered().sheets());
    }

    /** Roman figures by the rule that a smaller one before a larger is taken off. */
    @Test
    public void romanFiguresAreThoseEveryoneReads() {
        assertEquals(
                List.of(1, 4, 9, 14, 40, 90, 400, 1994).stream().map(Roman::of).toList(),
                List.of("i", "iv", "ix", "xiv", "xl", "xc", "cd", "mcmxciv"));
    }

    @Test
    public void endpapersAreNotCounted() {
        BookSpec book = book("link-stitch", 96);
        BookSpec apart = book.withGathering(book.gathering()
                .withWish(new SplitWish(false, Optional.empty(), Optional.empty(), Optional.empty(), true)));
        List<Gathering> gatherings = plan(apart).gatherings();
        assertTrue(gatherings.get(0).endpapers()
                && gatherings.get(gatherings.size() - 1).endpapers());
        assertEquals(gatherings.get(1).first().number(), "1");
    }

    /** A leaf wider than the book is folded out, one that is narrower ends before the fore edge. */
    @Test
    public void wideAndNarrowLeavesAreTold() {
        GatherWish wish = Books.sound()
                .gathering()
                .withRecipes(List.of(List.of(
                        new RecipeSheet(0, Optional.empty(), Optional.of(Length.ofMm(280))),
                        new RecipeSheet(0, Optional.of(Length.ofMm(60)), Optional.empty()))));
        List<SheetSides> sheets =
                plan(Books.sound().withGathering(wish)).gatherings().get(0).sheets();
        assertEquals(sheets.get(0).second().orElseThrow().reach(), Leaf.Reach.FOLD_OUT);
        assertEquals(sheets.get(1).first().reach(), Leaf.Reach.SHORT);
        assertEquals(sheets.get(0).first().reach(), Leaf.Reach.FULL);
    }

    /** On a leaf that folds out a picture runs across, as it does in the middle of a signature, and nowhere else. */
    @Test
    public void anOpeningSaysWhatFoldsOut() {
        GatherWish wish = Books.sound()
                .gathering()
                .withRecipes(List.of(List.of(
                        new RecipeSheet(0, Optional.empty(), Optional.of(Length.ofMm(280))),
                        new RecipeSheet(0, Optional.empty(), Optional.empty()))));
        List<String> told = plan(Books.sound().withGathering(wish)).readings().get(0).stream()
                .flatMap(opening -> opening.left().stream())
                .map(Leaf::named)
                .filter(named -> named.endsWith("folds out, a picture runs across it"))
                .toList();
        assertEquals(told, List.of("signature 1, sheet 1, second half; folds out, a picture runs across it"));
    }
}
