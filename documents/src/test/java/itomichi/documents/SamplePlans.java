package itomichi.documents;

import itomichi.advice.Use;
import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.cutting.CutWish;
import itomichi.gathering.Extent;
import itomichi.habit.Learned;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
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
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Plans for tests of what is printed. */
public final class SamplePlans {

    private SamplePlans() {}

    /** A pamphlet of the given height and stations, in the given unit, under the given name. */
    public static BookPlan pamphlet(String name, double heightMm, int stations, Unit unit) {
        return of(name, heightMm, new StationScheme.Margins(stations, Length.ofMm(20), Length.ofMm(20)), unit);
    }

    private static final Paper PAPER =
            new Paper("Book wove", Grammage.ofGsm(120), BulkKind.BOOK_WOVE, Optional.empty(), Grain.WITH_FOLD);

    /** A pamphlet with hand-placed stations. */
    public static BookPlan of(String name, double heightMm, StationScheme stations, Unit unit) {
        return Planner.plan(new BookSpec(
                new BookSpec.Title(name, "", unit),
                "pamphlet",
                Use.ANY,
                EditionWish.ALIKE,
                Extent.ofPages(32),
                new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(heightMm), false),
                new Papers(List.of(new BookPaper(PAPER, Optional.empty())), CutWish.USUAL, Length.ZERO),
                GatherWish.PLAIN,
                PageWish.PLAIN,
                HoleWish.of(stations),
                new BookSpec.Cover(false, Length.ofMm(0.3), Length.ofMm(3)),
                CoverWish.USUAL,
                new BookSpec.Sewing(
                        new SewingThread("linen 30/3", Fibre.LINEN, new ThreadCount.Linen(30, 3)),
                        1,
                        Length.ofMm(75),
                        3,
                        Length.ofMm(1.1),
                        Face.INSIDE,
                        2),
                StitchWish.USUAL,
                Set.of(),
                Learned.NONE));
    }

    /** Signatures sewn by long stitch through a felt cover at hand, by a school of dividing its spine. */
    public static BookPlan felt(int signatures, double coverMm, double spineMm, RowScheme rows, Unit unit) {
        BookSpec bound = as("long-stitch", coverMm - 6, 16 * signatures, unit);
        return Planner.plan(
                bound.withGathering(bound.gathering().withChosen(Optional.of(new GatherWish.Chosen(signatures, false))))
                        .withHoles(bound.holes().withRows(rows))
                        .withCover(bound.cover()
                                .withWanted(true)
                                .withHeight(Optional.of(Length.ofMm(coverMm)))
                                .withSpine(Optional.of(Length.ofMm(spineMm)))));
    }

    /** A book bound as it usually is in a structure. */
    public static BookPlan bound(String structure, double heightMm, int pages, Unit unit) {
        return Planner.plan(as(structure, heightMm, pages, unit));
    }

    private static BookSpec as(String structure, double heightMm, int pages, Unit unit) {
        BookSpec pamphlet = pamphlet("Cues", heightMm, 5, unit).spec();
        return Binding.as(pamphlet.withPages(pages), Structures.keyed(structure).orElseThrow());
    }
}
