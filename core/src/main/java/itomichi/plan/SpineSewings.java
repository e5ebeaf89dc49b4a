package itomichi.plan;

import itomichi.cover.SpineSewing;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.station.Stations;
import java.util.List;
import java.util.Optional;

/** What of the sewing is to be seen on a spine, for the cover that it goes through. */
final class SpineSewings {

    private SpineSewings() {}

    static SpineSewing of(BookSpec spec, Optional<Holes> holes, ThreadOrder order, Length strand) {
        Optional<Holes.InFolds> folds = holes.flatMap(Holes::inFolds);
        Optional<Holes.InCover> cover = folds.flatMap(Holes.InFolds::cover);
        return new SpineSewing(
                folds.map(one -> one.stations().fromHead()).orElse(List.of()),
                cover.map(one -> one.rows().fromLeft()).orElse(List.of()),
                cover.map(Holes.InCover::head).orElse(Length.ZERO),
                cover.flatMap(one -> order.found()
                                .map(found -> longs(found, folds.orElseThrow().stations(), one.pairs())))
                        .orElse(List.of()),
                spec.stitch().boardHole(),
                strand);
    }

    private static List<SpineSewing.Group> longs(ThreadOrder.Found order, Stations stations, boolean pairs) {
        return LongStitches.of(order.path(), pairs).stream()
                .map(one -> new SpineSewing.Group(stations.at(one.from()), stations.at(one.to()), one.beside()))
                .toList();
    }
}
