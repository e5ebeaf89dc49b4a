package itomichi.pattern;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.order.Completion;
import itomichi.order.EulerTrail;
import itomichi.order.Order;
import itomichi.order.Question;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.pattern.OwnPattern.Line;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/** How a pattern is sewn with one thread, or what it wants. */
public sealed interface PatternOrder {

    /**
     * The answer for what came of it.
     *
     * @param sewn asked where it can be sewn as it stands
     * @param lacking asked where stitches are to be added
     * @param unsewable asked where it holds nothing
     */
    <T> T match(Function<Sewn, T> sewn, Function<Lacking, T> lacking, Function<Unsewable, T> unsewable);

    /** How it is sewn, where it can be as it stands. */
    default Optional<Sewn> sewn() {
        return match(Optional::of, lacking -> Optional.empty(), unsewable -> Optional.empty());
    }

    /**
     * It can be sewn as it stands.
     *
     * @param start the hole where both ends lie
     * @param ends the face they lie on
     * @param throughAtEnd whether the thread goes through that hole once more at the end, to lie beside its beginning
     * @param segments how the thread lies and passes, from the first stitch to the last
     */
    record Sewn(Hole start, Face ends, boolean throughAtEnd, List<Move> segments) implements PatternOrder {
        @Override
        public <T> T match(Function<Sewn, T> sewn, Function<Lacking, T> lacking, Function<Unsewable, T> unsewable) {
            return sewn.apply(this);
        }
    }

    /**
     * No single thread leaves just these stitches.
     *
     * @param add the cheapest stitches to add
     * @param more how much longer they are, all together
     * @param proven whether nothing shorter will do; else it is the shortest found
     */
    record Lacking(List<Line> add, Length more, boolean proven) implements PatternOrder {
        @Override
        public <T> T match(Function<Sewn, T> sewn, Function<Lacking, T> lacking, Function<Unsewable, T> unsewable) {
            return lacking.apply(this);
        }

        /** What is to be added to the pattern it was found for, in a sentence. */
        public Phrase words(OwnPattern pattern) {
            String lines = add.stream()
                    .map(line -> pattern.face(line.outer()).word() + " " + line.from() + "–" + line.to())
                    .collect(Collectors.joining(", "));
            return Phrase.of(
                    "No single thread leaves just these stitches. {} to add: {}, {} together.",
                    proven ? "The cheapest" : "Short ones",
                    lines,
                    more.at(Fineness.CUT));
        }
    }

    /**
     * It holds nothing.
     *
     * @param reason what is wrong, and where
     */
    record Unsewable(String reason) implements PatternOrder {
        @Override
        public <T> T match(Function<Sewn, T> sewn, Function<Lacking, T> lacking, Function<Unsewable, T> unsewable) {
            return unsewable.apply(this);
        }
    }

    /** How it is sewn in the first signature, or the side of the block. */
    static PatternOrder of(OwnPattern pattern) {
        List<Move> segments = pattern.segments(1);
        Set<Integer> lone = new TreeSet<>();
        for (int hole = 1; hole <= pattern.places().size(); hole++) {
            lone.add(hole);
        }
        segments.forEach(segment -> {
            lone.remove(segment.start().hole().station());
            lone.remove(segment.end().hole().station());
        });
        if (!lone.isEmpty()) {
            int hole = lone.iterator().next();
            return new Unsewable("Hole " + hole + " holds no thread: no stitch leads to it.");
        }
        Completion.Result result = Completion.cheapest(segments, pattern.frame(), pattern.side());
        return result.match(
                whole -> sewn(pattern, segments, whole),
                add -> lacking(pattern, add),
                hopeless -> new Unsewable("With two holes alone these stitches cannot be joined to one thread."));
    }

    private static PatternOrder lacking(OwnPattern pattern, Completion.Result.Add add) {
        List<Line> lines = new ArrayList<>();
        for (Run run : add.runs()) {
            boolean outer = run.face() == pattern.face(true);
            lines.add(new Line(outer, run.from().station(), run.to().station()));
        }
        return new Lacking(lines, Length.ofMm(add.mm()), add.proven());
    }

    private static PatternOrder sewn(OwnPattern pattern, List<Move> segments, Completion.Result.Whole whole) {
        Face outer = pattern.face(true);
        Face inner = pattern.face(false);
        Face ready = whole.surplus() < 0 ? inner : outer;
        Face arrival = whole.surplus() > 0 ? outer : inner;
        Hole start = whole.surplus() == 0 ? nearestMiddle(pattern, segments) : whole.hole();
        Order order = EulerTrail.find(
                new Question(segments, new Spot(start, ready), new Spot(start, arrival), Set.of(), pattern.frame()));
        List<Move> found = order.sewn();
        return new Sewn(start, whole.surplus() < 0 ? outer : inner, whole.surplus() != 0, found);
    }

    /** The hole nearest the middle of the height: a hand begins there and works to both ends. */
    private static Hole nearestMiddle(OwnPattern pattern, List<Move> segments) {
        double middleMm = pattern.height().mm() / 2;
        Set<Hole> holes = new HashSet<>();
        segments.forEach(segment -> holes.add(segment.start().hole()));
        Hole best = segments.get(0).start().hole();
        for (Hole hole : new TreeSet<>(holes)) {
            if (farMm(pattern, hole, middleMm) < farMm(pattern, best, middleMm) - 1e-9) {
                best = hole;
            }
        }
        return best;
    }

    private static double farMm(OwnPattern pattern, Hole hole, double middleMm) {
        return Math.abs(pattern.places().get(hole.station() - 1).fromHead().mm() - middleMm);
    }
}
