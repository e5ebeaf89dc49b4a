package itomichi.remarks;

import itomichi.measure.Phrase;
import itomichi.pattern.PatternOrder;
import itomichi.spec.BookSpec;
import itomichi.station.StationScheme;
import itomichi.structure.OwnStitching;
import itomichi.structure.Stitching;
import java.util.List;
import java.util.Optional;

/** What is to be said where so many holes, or such a pattern, cannot be sewn. */
final class CountRemarks {

    private CountRemarks() {}

    static List<Draft> of(BookSpec spec, int count) {
        Optional<Stitching> stitching = spec.stitching();
        if (spec.bound().wantsPattern() && stitching.isEmpty()) {
            return List.of(Draft.caution(
                    "pattern-wanted", Phrase.of("No pattern of your own is taken yet: take one under Patterns.")));
        }
        if (stitching.isEmpty() || stitching.get().takesStations(count, spec.variant())) {
            return List.of();
        }
        return stitching
                .get()
                .ofPattern()
                .map(own -> own(spec, own))
                .orElseGet(() -> List.of(count(spec, stitching.get(), count)));
    }

    private static Draft count(BookSpec spec, Stitching sewn, int count) {
        Draft remark = Draft.caution(
                "stations-unsewable",
                Phrase.of(
                        "{} stations: {}. Holes are planned, the sewing is not.",
                        count,
                        sewn.stationsWanted(spec.variant())));
        int more = count + 1;
        StationScheme wider = spec.stations().withCount(more);
        boolean mends = sewn.takesStations(more, spec.variant()) && wider.count() == more;
        return mends ? remark.mendedBy(Phrase.of("Take {} stations", more), spec.withStations(wider)) : remark;
    }

    /** What an own pattern wants, with the stitches that make it whole. */
    private static List<Draft> own(BookSpec spec, OwnStitching own) {
        Phrase unsewable = Phrase.of("{}", own.stationsWanted(Stitching.USUAL));
        return own.order()
                .match(
                        sewn -> List.of(Draft.stop("pattern-unsewable", unsewable)),
                        lacking -> List.of(lacking(spec, own, lacking)),
                        nothing -> List.of(Draft.stop("pattern-unsewable", unsewable)));
    }

    private static Draft lacking(BookSpec spec, OwnStitching own, PatternOrder.Lacking lacking) {
        Draft remark = Draft.stop("pattern-lacks", lacking.words(own.pattern()));
        if (!own.pattern().takes(lacking.add())) {
            return remark;
        }
        OwnStitching whole = new OwnStitching(own.pattern().with(lacking.add()));
        return remark.mendedBy(
                Phrase.of("Add them"), spec.withStitch(spec.stitch().withOwn(Optional.of(whole))));
    }
}
