package itomichi.plan;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whether a paper punch has room for a book's holes, and how they would have to lie. */
public final class PunchRoom {

    private static final int FEWEST = 2;

    private PunchRoom() {}

    /** Why a paper punch cannot make the holes; nothing where it can, or where the book is made by other hands. */
    public static Optional<Phrase> fault(BookSpec spec) {
        if (spec.use().hands() != Hands.CHILDREN) {
            return Optional.empty();
        }
        Length height = spec.leaf().height();
        return HolePlaces.of(spec)
                .match(
                        Optional::empty,
                        folds -> fault(
                                "Station",
                                folds.stations().fromHead().stream()
                                        // along a fold there is no spine edge that a hole could tear out to
                                        .map(at -> new SideHole(Role.STATION, at, height))
                                        .toList(),
                                height),
                        side -> fault("Hole", side.holes(), height));
    }

    private static Optional<Phrase> fault(String what, List<SideHole> holes, Length height) {
        for (int i = 0; i < holes.size(); i++) {
            SideHole hole = holes.get(i);
            Length edge = Stream.of(hole.fromHead(), height.minus(hole.fromHead()), hole.fromSpine())
                    .min(Length::compareTo)
                    .orElseThrow();
            if (edge.isLessThan(Tool.PUNCH_EDGE)) {
                return Optional.of(Phrase.of(
                        "{} {} lies {} from an edge: a paper punch wants {}",
                        what,
                        i + 1,
                        edge.at(Fineness.MARK),
                        Tool.PUNCH_EDGE.at(Fineness.MARK)));
            }
            for (int j = 0; j < i; j++) {
                Length apart = Length.ofMm(holes.get(j).toMm(hole));
                if (apart.isLessThan(Tool.PUNCH_SAFE)) {
                    return Optional.of(Phrase.of(
                            "{}s {} and {} are {} apart: a paper punch wants {} between the middles of two holes",
                            what,
                            j + 1,
                            i + 1,
                            apart.at(Fineness.MARK),
                            Tool.PUNCH_SAFE.at(Fineness.MARK)));
                }
            }
        }
        return Optional.empty();
    }

    /**
     * The same book with holes that a paper punch can make: as it has them where that goes, else as many laid afresh, else fewer.
     *
     * @return nothing where no arrangement has room
     */
    public static Optional<BookSpec> laid(BookSpec spec) {
        return Stream.concat(Stream.of(spec), arrangements(spec))
                .filter(other -> fault(other).isEmpty())
                .findFirst();
    }

    private static Stream<BookSpec> arrangements(BookSpec spec) {
        StationScheme now = spec.stations();
        return IntStream.iterate(now.count(), count -> count >= FEWEST, count -> count - 1)
                .filter(count -> spec.stitching()
                        .map(sewn -> sewn.takesStations(count, spec.variant()))
                        .orElse(false))
                .boxed()
                .flatMap(count -> {
                    List<StationScheme> schemes = new ArrayList<>();
                    if (!now.byHand()) {
                        schemes.add(now.withCount(count));
                    }
                    schemes.add(spec.bound().holing().start(count));
                    return schemes.stream().filter(scheme -> scheme.count() == count);
                })
                .map(spec::withStations)
                .filter(other -> other.stations().unfit(spec.leaf().height()).isEmpty());
    }
}
