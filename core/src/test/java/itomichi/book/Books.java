package itomichi.book;

import itomichi.advice.Use;
import itomichi.cover.CoverChoices;
import itomichi.cutting.CutWish;
import itomichi.gathering.Extent;
import itomichi.habit.Learned;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.material.ThreadCount;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.spec.Binding;
import itomichi.spec.BookPaper;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import itomichi.spec.EditionWish;
import itomichi.spec.GatherWish;
import itomichi.spec.HoleWish;
import itomichi.spec.PageWish;
import itomichi.spec.Papers;
import itomichi.spec.StitchWish;
import itomichi.station.StationScheme;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Books for tests: a sound one, and changes to it. */
public final class Books {

    private Books() {}

    /** The same in a cover of that kind, its measures and ways settled so. */
    public static BookSpec covered(
            BookSpec book, String kind, Map<String, Double> numbers, Map<String, String> schools) {
        return book.withCovering(book.covering().withKind(kind).withChoices(new CoverChoices(numbers, schools)));
    }

    /** 32 pages, A5, 120 g/m2 book wove, five stations, linen 30/3. */
    public static BookSpec sound() {
        return new BookSpec(
                new BookSpec.Title("Lines", "learning by heart", Unit.MM),
                "pamphlet",
                Use.ANY,
                EditionWish.ALIKE,
                Extent.ofPages(32),
                new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(210), false),
                papers(new BookPaper(paper(120, Grain.WITH_FOLD), Optional.empty())),
                GatherWish.PLAIN,
                PageWish.PLAIN,
                HoleWish.of(margins(5, 20)),
                new BookSpec.Cover(true, Length.ofMm(0.3), Length.ofMm(3)),
                CoverWish.USUAL,
                sewing(1, 75, 1.1),
                StitchWish.USUAL,
                Set.of(),
                Learned.NONE);
    }

    public static Paper paper(double gsm, Grain grain) {
        return new Paper("Book wove", Grammage.ofGsm(gsm), BulkKind.BOOK_WOVE, Optional.empty(), grain);
    }

    public static Papers papers(BookPaper... all) {
        return new Papers(List.of(all), CutWish.USUAL, Length.ZERO);
    }

    /** 240 pages to be bound by link stitch, the sheets not yet shared. */
    public static BookSpec linked(int pages) {
        return Binding.as(sound(), Structures.keyed("link-stitch").orElseThrow())
                .withPages(pages);
    }

    public static BookSpec bound(String structure) {
        return Binding.as(sound(), Structures.keyed(structure).orElseThrow());
    }

    /** A stock sheet without deckle, of which the drawer holds so many. */
    public static Supply stock(double widthMm, double heightMm, SheetGrain grain, int have) {
        return new Supply(
                Length.ofMm(widthMm), Length.ofMm(heightMm), grain, Length.ZERO, Optional.of(have), Optional.of(1.5));
    }

    /** A thick outer sheet, a plain one, and one whose first leaf is narrow and second one folds out. */
    public static List<GatherWish.RecipeSheet> mixedRecipe() {
        return List.of(
                new GatherWish.RecipeSheet(1, Optional.empty(), Optional.empty()),
                new GatherWish.RecipeSheet(0, Optional.empty(), Optional.empty()),
                new GatherWish.RecipeSheet(0, Optional.of(Length.ofMm(60)), Optional.of(Length.ofMm(260))));
    }

    public static Papers twoPapers() {
        return papers(
                new BookPaper(paper(120, Grain.WITH_FOLD), Optional.empty()),
                new BookPaper(paper(250, Grain.WITH_FOLD), Optional.empty()));
    }

    public static BookSpec from(BookSpec spec, Supply supply) {
        return spec.withPapers(papers(new BookPaper(spec.paper(), Optional.of(supply))));
    }

    public static StationScheme margins(int count, double mm) {
        return new StationScheme.Margins(count, Length.ofMm(mm), Length.ofMm(mm));
    }

    public static StationScheme placed(double... mm) {
        return new StationScheme.Placed(
                java.util.Arrays.stream(mm).mapToObj(Length::ofMm).toList());
    }

    public static BookSpec.Sewing sewing(int strands, double tailMm, double eyeMm) {
        SewingThread thread = new SewingThread("linen 30/3", Fibre.LINEN, new ThreadCount.Linen(30, 3));
        return new BookSpec.Sewing(thread, strands, Length.ofMm(tailMm), 3, Length.ofMm(eyeMm), Face.INSIDE, 2);
    }
}
