package itomichi.plan;

import itomichi.cover.SpineSewing;
import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.Move;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Stitch;
import itomichi.spec.BookSpec;
import itomichi.station.Stations;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** What of the sewing is to be seen on a spine, for the cover that it goes through. */
final class SpineSewings {

    private SpineSewings() {}

    static SpineSewing of(BookSpec spec, Optional<Holes> holes, Optional<SewingPlan> sewing, Length strand) {
        Optional<Holes.InFolds> folds = holes.flatMap(Holes::inFolds);
        List<Length> stations = folds.map(one -> one.stations().fromHead()).orElse(List.of());
        Optional<Holes.InCover> cover = folds.flatMap(Holes.InFolds::cover);
        return new SpineSewing(
                stations,
                cover.map(one -> one.rows().fromLeft()).orElse(List.of()),
                cover.flatMap(one -> sewing.map(
                                sewn -> longs(sewn, folds.orElseThrow().stations(), one.pairs())))
                        .orElse(List.of()),
                cover.flatMap(through -> sewing)
                        .map(sewn -> passes(sewn, 1, Integer.MAX_VALUE))
                        .orElse(0),
                spec.stitch().boardHole(),
                strand);
    }

    /** Stitches along the spine outside, by where they begin and end; two that share a row lie there as one. */
    private static List<SpineSewing.Group> longs(SewingPlan sewn, Stations stations, boolean pairs) {
        Map<Span, Set<Integer>> rows =
                new TreeMap<>(Comparator.comparing(Span::from).thenComparing(Span::to));
        for (Stitch stitch : StitchPattern.leftBy(sewn.path()).stitches()) {
            boolean along = stitch.first().signature() == stitch.second().signature();
            if (stitch.face() == Face.OUTSIDE && along) {
                int signature = stitch.first().signature();
                rows.computeIfAbsent(
                                new Span(
                                        stitch.first().station(),
                                        stitch.second().station()),
                                none -> new TreeSet<>())
                        .add(pairs ? (signature + 1) / 2 : signature);
            }
        }
        return rows.entrySet().stream()
                .map(entry -> new SpineSewing.Group(
                        stations.at(entry.getKey().from()),
                        stations.at(entry.getKey().to()),
                        entry.getValue().size(),
                        passes(sewn, entry.getKey().from(), entry.getKey().to())))
                .toList();
    }

    /** Passes of the needle at these stations, those between them too. */
    private static int passes(SewingPlan sewn, int from, int to) {
        return (int) sewn.path().moves().stream()
                .filter(Move::passes)
                .map(move -> move.start().hole().station())
                .filter(station -> station >= from && station <= to)
                .count();
    }

    /** From one station to another. */
    private record Span(int from, int to) {}
}
