package itomichi.remarks;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.HolePlaces;
import itomichi.plan.Holes;
import itomichi.plan.Numbered;
import itomichi.spec.BookSpec;
import itomichi.station.StationFault;
import itomichi.station.StationScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** What is to be said about the places of the holes along a fold. */
final class StationRemarks {

    private final BookSpec spec;
    private final Holes.InFolds holes;
    private final List<Draft> remarks = new ArrayList<>();
    private final BookSpec afresh;
    private final Phrase placeAfresh;

    private StationRemarks(BookSpec spec, Holes.InFolds holes) {
        this.spec = spec;
        this.holes = holes;
        StationScheme fresh = HolePlaces.afresh(spec);
        this.afresh = spec.withStations(fresh);
        this.placeAfresh = Phrase.of(
                "Place {} stations afresh, {} from head and tail",
                fresh.count(),
                spec.leaf().height().times(HolePlaces.FRESH_SHARE).at(Fineness.MARK));
    }

    static List<Draft> of(BookSpec spec, Holes.InFolds holes) {
        StationRemarks remarks = new StationRemarks(spec, holes);
        remarks.room();
        remarks.places();
        remarks.pairs();
        remarks.unlike();
        remarks.remarks.addAll(PunchRemarks.of(spec, holes));
        return remarks.remarks;
    }

    private void room() {
        spec.stations()
                .unfit(spec.leaf().height())
                .ifPresent(reason -> remarks.add(Draft.stop(
                                "margins-too-wide",
                                Phrase.of("{}; the drawing shows a tenth of the height at each end instead.", reason))
                        .mendedBy(placeAfresh, afresh)));
    }

    private void places() {
        boolean gapes = false;
        List<StationFault> faults = StationFault.judge(
                holes.stations(), holes.height(), holes.roles(), holes.trim().isMoreThan(Length.ZERO));
        for (StationFault fault : faults) {
            String key =
                    "station-" + fault.kind().name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + fault.station();
            if (fault.kind() == StationFault.Kind.GAPES) {
                if (!gapes) {
                    gape(key, fault);
                }
                gapes = true;
            } else {
                Draft remark =
                        fault.kind().impossible() ? Draft.stop(key, fault.words()) : Draft.caution(key, fault.words());
                remarks.add(remark.mendedBy(placeAfresh, afresh));
            }
        }
    }

    /** One remark for all gaps that gape: more stations mend them together. */
    private void gape(String key, StationFault fault) {
        Draft remark = Draft.note(key, fault.words());
        StationScheme scheme = spec.stations();
        if (scheme.pairCount() > 0) {
            int pairs = scheme.pairCount() + 1;
            remarks.add(remark.mendedBy(
                    Phrase.of("Take {} pairs", pairs), spec.withStations(scheme.withCount(2 * pairs + 2))));
            return;
        }
        int more = scheme.count() + 2;
        boolean taken = spec.stitching()
                .map(sewn -> sewn.takesStations(more, spec.variant()))
                .orElse(true);
        StationScheme wider = scheme.withCount(more);
        remarks.add(
                taken && !wider.equals(scheme)
                        ? remark.mendedBy(Phrase.of("Take {} stations", more), spec.withStations(wider))
                        : remark);
    }

    /** Pairs come in twos, and a kettle at each end. */
    private void pairs() {
        if (spec.bound().holing().inPairs() && holes.stations().count() % 2 == 1) {
            int pairs = Math.max(1, (holes.stations().count() - 2) / 2);
            remarks.add(Draft.caution(
                            "pairs-odd",
                            Phrase.of(
                                    "{} stations are two kettles and an odd one between: they lie in pairs.",
                                    holes.stations().count()))
                    .mendedBy(
                            Phrase.of("Place {} pairs and two kettles", pairs),
                            spec.withStations(spec.bound().holing().start(2 * pairs + 2))));
        }
    }

    /** Signatures of another height, and what of them is caught. */
    private void unlike() {
        for (int i = 0; i < holes.folds().size(); i++) {
            Holes.Fold fold = holes.folds().get(i);
            int number = i + 1;
            if (fold.height().isMoreThan(holes.height())) {
                remarks.add(Draft.caution(
                        "signature-taller-" + number,
                        Phrase.of(
                                "Signature {} is {} high and stands out past the others, which are {}.",
                                number,
                                fold.height().at(Fineness.CUT),
                                holes.height().at(Fineness.CUT))));
            }
            if (fold.stations().size() < holes.stations().count()) {
                missed(fold, number);
            }
            nearEnd(fold, number);
        }
        spec.gathering().heights().keySet().stream()
                .filter(number -> number > holes.folds().size())
                .findFirst()
                .ifPresent(number -> remarks.add(Draft.note(
                        "signature-unknown-" + number,
                        Phrase.of(
                                "A height is given for signature {}; the book has {}.",
                                number,
                                holes.folds().size()))));
    }

    private void missed(Holes.Fold fold, int number) {
        List<Integer> lost = IntStream.rangeClosed(1, holes.stations().count())
                .filter(station -> !fold.stations().contains(station))
                .boxed()
                .toList();
        Phrase words = Phrase.of(
                lost.size() == 1
                        ? "Station {} misses signature {}, which is {} high and {}."
                        : "Stations {} miss signature {}, which is {} high and {}.",
                Numbered.of(lost),
                number,
                fold.height().at(Fineness.CUT),
                holes.level().words());
        remarks.add(
                fold.stations().size() < 2
                        ? Draft.stop("signature-missed-" + number, words)
                        : Draft.caution("signature-missed-" + number, words));
    }

    private void nearEnd(Holes.Fold fold, int number) {
        if (fold.height().equals(holes.height()) || fold.stations().isEmpty()) {
            return;
        }
        Length first = holes.stations().at(fold.stations().get(0)).minus(fold.head());
        Length last = fold.head()
                .plus(fold.height())
                .minus(holes.stations().at(fold.stations().get(fold.stations().size() - 1)));
        Length end = first.isLessThan(last) ? first : last;
        if (end.isLessThan(StationFault.END_LEAST)) {
            remarks.add(Draft.stop(
                    "signature-tears-" + number,
                    Phrase.of(
                            "On signature {} a station falls {} from its end: under {} the hole tears out.",
                            number,
                            end.at(Fineness.MARK),
                            StationFault.END_LEAST.at(Fineness.MARK))));
        }
    }
}
