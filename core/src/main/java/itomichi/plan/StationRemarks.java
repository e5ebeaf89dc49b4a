package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.station.StationFault;
import itomichi.station.StationScheme;
import java.util.ArrayList;
import java.util.List;

/** What is to be said about the places of the holes. */
final class StationRemarks {

    /** Margins set afresh when the ones given do not fit: a tenth of the height at each end. */
    static final double FRESH_SHARE = 0.1;

    private final BookSpec spec;
    private final List<StationFault> stationFaults;
    private final List<Remark<BookSpec>> remarks = new ArrayList<>();

    private StationRemarks(BookSpec spec, List<StationFault> stationFaults) {
        this.spec = spec;
        this.stationFaults = stationFaults;
    }

    static List<Remark<BookSpec>> of(BookSpec spec, SewingPlan sewing) {
        StationRemarks remarks = new StationRemarks(
                spec, StationFault.judge(sewing.stations(), spec.leaf().height()));
        remarks.stations();
        return remarks.remarks;
    }

    static boolean marginsFit(BookSpec spec) {
        return !(spec.stations() instanceof StationScheme.Margins margins)
                || margins.headMargin()
                        .plus(margins.tailMargin())
                        .isLessThan(spec.leaf().height());
    }

    private void stations() {
        BookSpec afresh =
                spec.withStations(new StationScheme.Share(spec.stations().count(), FRESH_SHARE));
        Phrase words = Phrase.of(
                "Place {} stations afresh, {} from head and tail",
                spec.stations().count(),
                spec.leaf().height().times(FRESH_SHARE).at(Fineness.MARK));
        if (!marginsFit(spec)) {
            StationScheme.Margins margins = (StationScheme.Margins) spec.stations();
            remarks.add(Remark.<BookSpec>stop(
                            "margins-too-wide",
                            Phrase.of(
                                    "Margins of {} and {} leave nothing of a fold of {}; the drawing shows a tenth of the height at each end instead.",
                                    margins.headMargin().at(Fineness.MARK),
                                    margins.tailMargin().at(Fineness.MARK),
                                    spec.leaf().height().at(Fineness.MARK)))
                    .mendedBy(words, afresh));
        }
        boolean gapes = false;
        for (StationFault fault : stationFaults) {
            String key = "station-"
                    + fault.kind().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + "-" + fault.station();
            if (fault.kind() == StationFault.Kind.GAPES) {
                gapes |= gape(key, fault, gapes);
            } else {
                Remark<BookSpec> remark = fault.kind().impossible()
                        ? Remark.stop(key, fault.words())
                        : Remark.caution(key, fault.words());
                remarks.add(remark.mendedBy(words, afresh));
            }
        }
    }

    /** One remark for all gaps that gape: more stations mend them together. */
    private boolean gape(String key, StationFault fault, boolean said) {
        int more = spec.stations().count() + 2;
        if (!said) {
            Remark<BookSpec> remark = Remark.note(key, fault.words());
            remarks.add(
                    spec.bound()
                                            .stitching()
                                            .filter(sewn -> sewn.takesStations(more))
                                            .isPresent()
                                    && !(spec.stations() instanceof StationScheme.Placed)
                            ? remark.mendedBy(Phrase.of("Take {} stations", more), spec.withStations(withCount(more)))
                            : remark);
        }
        return true;
    }

    private StationScheme withCount(int count) {
        return spec.stations() instanceof StationScheme.Margins margins
                ? new StationScheme.Margins(count, margins.headMargin(), margins.tailMargin())
                : new StationScheme.Share(count, ((StationScheme.Share) spec.stations()).share());
    }
}
