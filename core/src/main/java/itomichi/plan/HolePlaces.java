package itomichi.plan;

import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.HoleWish;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.SideScheme;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import itomichi.structure.Holing;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Where a book's holes lie, before anything is known of the thread that goes through them. */
public sealed interface HolePlaces {

    /** Margins set afresh when the ones given do not fit: this share of the height at each end. Common practice, no published source. */
    double FRESH_SHARE = 0.1;

    /**
     * The answer for where they lie.
     *
     * @param none asked where there are none
     * @param folds asked where they lie along folds
     * @param side asked where they go through the side of a block
     */
    <T> T match(Supplier<T> none, Function<AlongFolds, T> folds, Function<ThroughSide, T> side);

    /** Holes that the way it is sewn counts by; 0 where it is not sewn. */
    int counted();

    /** It is not sewn. */
    record None() implements HolePlaces {
        @Override
        public <T> T match(Supplier<T> none, Function<AlongFolds, T> folds, Function<ThroughSide, T> side) {
            return none.get();
        }

        @Override
        public int counted() {
            return 0;
        }
    }

    /**
     * Through folds.
     *
     * @param stations along every fold, from the head
     * @param roles what each is for
     */
    record AlongFolds(Stations stations, List<Role> roles) implements HolePlaces {
        public AlongFolds {
            roles = List.copyOf(roles);
        }

        @Override
        public <T> T match(Supplier<T> none, Function<AlongFolds, T> folds, Function<ThroughSide, T> side) {
            return folds.apply(this);
        }

        @Override
        public int counted() {
            return stations.count();
        }
    }

    /**
     * Through the side of a block.
     *
     * @param main the main holes along the spine
     * @param holes all holes, in the order they are numbered in
     * @param counted those that the way it is sewn counts by
     */
    record ThroughSide(Stations main, List<SideHole> holes, int counted) implements HolePlaces {
        public ThroughSide {
            holes = List.copyOf(holes);
        }

        @Override
        public <T> T match(Supplier<T> none, Function<AlongFolds, T> folds, Function<ThroughSide, T> side) {
            return side.apply(this);
        }
    }

    /** The places that a book's holes take. */
    static HolePlaces of(BookSpec spec) {
        Holing holing = spec.bound().holing();
        if (!holing.any()) {
            return new None();
        }
        Stations stations = stations(spec);
        if (!holing.throughSide()) {
            return new AlongFolds(stations, holing.roles(stations.count()));
        }
        List<SideHole> holes = sideHoles(spec, stations);
        return new ThroughSide(stations, holes, spec.bound().countedHoles(holes));
    }

    /** The stations wanted, or where there is no room for them, as many placed afresh; a remark then says so. */
    private static Stations stations(BookSpec spec) {
        Length height = spec.leaf().height();
        StationScheme wanted = spec.stations();
        return wanted.unfit(height).isEmpty()
                ? wanted.along(height)
                : afresh(spec).along(height);
    }

    /** As many stations, or one more where so many cannot be sewn, a tenth of the height from head and tail. */
    static StationScheme afresh(BookSpec spec) {
        int count = spec.stations().count();
        int fresh = IntStream.of(count, count + 1)
                .filter(wanted -> spec.stitching()
                        .map(sewn -> sewn.takesStations(wanted, spec.variant()))
                        .orElse(true))
                .findFirst()
                .orElse(spec.bound().usualStations());
        return new StationScheme.Share(Math.max(2, fresh), FRESH_SHARE);
    }

    private static List<SideHole> sideHoles(BookSpec spec, Stations main) {
        Length height = spec.leaf().height();
        HoleWish.Side side = spec.holes().side();
        Optional<List<SideHole>> own = spec.bound().patternHoles(spec.stitch().own(), height);
        Optional<List<SideHole>> byHand =
                side.byHand().filter(placed -> own.map(List::size).orElse(placed.size()) == placed.size());
        return byHand.or(() -> own).orElseGet(() -> scheme(spec, side).holes(main, height));
    }

    private static SideScheme scheme(BookSpec spec, HoleWish.Side side) {
        return new SideScheme(
                side.edge(),
                spec.bound().holing().extras(),
                side.along(),
                side.extraEdge(),
                side.inner(),
                side.innerEdge());
    }
}
