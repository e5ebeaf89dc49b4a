package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.measure.Phrase;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternOrder;
import itomichi.station.StationScheme;
import itomichi.structure.OwnStitching;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said where so many holes, or such a pattern, cannot be sewn. */
final class CountRemarks {

    private CountRemarks() {}

    static List<Remark<BookSpec>> of(BookSpec spec, int count) {
        Optional<Stitching> stitching = spec.stitching();
        if (spec.bound().own() && stitching.isEmpty()) {
            return List.of(Remark.caution(
                    "pattern-wanted", Phrase.of("No pattern of your own is taken yet: take one under Patterns.")));
        }
        if (stitching.isEmpty() || stitching.get().takesStations(count, spec.variant())) {
            return List.of();
        }
        return stitching.get() instanceof OwnStitching own
                ? own(spec, own)
                : List.of(count(spec, stitching.get(), count));
    }

    private static Remark<BookSpec> count(BookSpec spec, Stitching sewn, int count) {
        Remark<BookSpec> remark = Remark.caution(
                "stations-unsewable",
                Phrase.of(
                        "{} stations: {}. Holes are planned, the sewing is not.",
                        count,
                        sewn.stationsWanted(spec.variant())));
        int more = count + 1;
        StationScheme wider = StationRemarks.withCount(spec.stations(), more);
        boolean mends = sewn.takesStations(more, spec.variant()) && wider.count() == more;
        return mends ? remark.mendedBy(Phrase.of("Take {} stations", more), spec.withStations(wider)) : remark;
    }

    /** What an own pattern wants, with the stitches that make it whole. */
    private static List<Remark<BookSpec>> own(BookSpec spec, OwnStitching own) {
        List<Remark<BookSpec>> remarks = new ArrayList<>();
        if (own.order() instanceof PatternOrder.Lacking lacking) {
            OwnPattern whole = own.pattern().with(lacking.add());
            remarks.add(Remark.<BookSpec>stop("pattern-lacks", lacking.words(own.pattern()))
                    .mendedBy(
                            Phrase.of("Add them"),
                            spec.withStitch(spec.stitch().withOwn(Optional.of(new OwnStitching(whole))))));
        } else {
            remarks.add(Remark.stop("pattern-unsewable", Phrase.of("{}", own.stationsWanted(""))));
        }
        return remarks;
    }
}
