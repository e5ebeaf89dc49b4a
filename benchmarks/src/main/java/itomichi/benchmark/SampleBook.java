package itomichi.benchmark;

import itomichi.advice.Use;
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
import java.util.Optional;
import java.util.Set;

/** Books that are measured. */
final class SampleBook {

    private static final Paper PAPER =
            new Paper("Book wove", Grammage.ofGsm(120), BulkKind.BOOK_WOVE, Optional.empty(), Grain.WITH_FOLD);

    /** Sheets of 640 × 900 mm. */
    static final Supply STOCK = new Supply(
            Length.ofMm(640),
            Length.ofMm(900),
            SheetGrain.ALONG_HEIGHT,
            Length.ZERO,
            Optional.of(40),
            Optional.empty());

    private SampleBook() {}

    /** The same paper in such sheets. */
    static Papers fromStock() {
        return new Papers(List.of(new BookPaper(PAPER, Optional.of(STOCK))), CutWish.USUAL, Length.ZERO);
    }

    /** A 32-page A5 pamphlet. */
    static BookSpec pamphlet(int stations) {
        return new BookSpec(
                new BookSpec.Title("Bench", "", Unit.MM),
                "pamphlet",
                Use.ANY,
                EditionWish.ALIKE,
                Extent.ofPages(32),
                new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(210), false),
                new Papers(List.of(new BookPaper(PAPER, Optional.empty())), CutWish.USUAL, Length.ZERO),
                GatherWish.PLAIN,
                PageWish.PLAIN,
                HoleWish.of(new StationScheme.Margins(stations, Length.ofMm(10), Length.ofMm(10))),
                new BookSpec.Cover(true, Length.ofMm(0.3), Length.ofMm(3)),
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
                Learned.NONE);
    }

    /** So many signatures of four sheets, sewn by long stitch through a cover whose spine is wide enough. */
    static BookSpec inCover(int signatures) {
        BookSpec bound = Binding.as(
                pamphlet(5).withPages(16 * signatures),
                Structures.keyed("long-stitch").orElseThrow());
        return bound.withGathering(bound.gathering().withChosen(Optional.of(new GatherWish.Chosen(signatures, false))))
                .withCover(bound.cover().withSpine(Optional.of(Length.ofMm(5.0 * (signatures + 1)))));
    }
}
