package itomichi.path;

import com.google.errorprone.annotations.FormatMethod;
import com.google.errorprone.annotations.FormatString;
import itomichi.path.PathFault.Kind;
import itomichi.path.StitchPattern.Hold;
import itomichi.path.StitchPattern.Stitch;
import itomichi.path.StitchPattern.Tie;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.ToIntFunction;

/**
 * Checks a path without knowing what made it: each rule goes over the moves by itself.
 *
 * <p>Cost: one pass over the moves for each rule, and one over the wanted stitches.
 */
public final class PathCheck {

    /** Relative difference allowed between formula and trace: what polygons fall short of circles. */
    private static final double TRACE_TOLERANCE = 1e-3;
    /** More of them would only say the same again. */
    private static final int MOST_OF_A_KIND = 12;

    private final ThreadPath path;
    private final List<ThreadPath> threads;
    private final StitchPattern wanted;
    private final StitchPattern left;
    private final Frame frame;
    private final ToIntFunction<Hole> mostPasses;
    private final List<PathFault> faults = new ArrayList<>();

    private PathCheck(ThreadPath path, StitchPattern wanted, Frame frame, ToIntFunction<Hole> mostPasses) {
        this.path = path;
        this.threads = path.threads();
        this.wanted = wanted;
        this.left = StitchPattern.leftBy(path);
        this.frame = frame;
        this.mostPasses = mostPasses;
    }

    /**
     * Everything wrong with a path, in the order of the rules, a dozen of each kind at most.
     *
     * @param path the path
     * @param wanted what it should leave
     * @param frame the work it lies in
     * @param mostPasses how often the needle may go through a hole
     */
    public static List<PathFault> faults(
            ThreadPath path, StitchPattern wanted, Frame frame, ToIntFunction<Hole> mostPasses) {
        PathCheck check = new PathCheck(path, wanted, frame, mostPasses);
        check.threads.forEach(check::chain);
        check.threads.forEach(check::alternation);
        check.stitches();
        check.holds();
        check.holes();
        check.signatures();
        check.threads.forEach(check::ends);
        check.length();
        return List.copyOf(check.faults);
    }

    private void chain(ThreadPath thread) {
        List<Move> moves = thread.moves();
        for (int i = 1; i < moves.size(); i++) {
            Spot left = moves.get(i - 1).end();
            Spot taken = moves.get(i).start();
            if (!left.equals(taken)) {
                add(Kind.BROKEN_CHAIN, "Move %d begins %s, but the thread is %s.", i + 1, place(taken), place(left));
            }
        }
        boolean whole = moves.size() > 2
                && moves.get(0).hangs()
                && moves.get(moves.size() - 1).hangs();
        if (!whole) {
            add(
                    Kind.BROKEN_CHAIN,
                    "A thread begins and ends with a tail; the one %s does not.",
                    place(moves.get(0).start()));
        }
    }

    private void alternation(ThreadPath thread) {
        Face last = null;
        Move before = null;
        for (Move move : thread.moves()) {
            Face to = move.end().face();
            if (move.passes() && to == last) {
                add(
                        Kind.SIDES_DO_NOT_ALTERNATE,
                        "The needle goes to the %s at %s, where it is already.",
                        to.word(),
                        place(move.end().hole()));
            } else if (alongTheFace(move) && before != null && alongTheFace(before)) {
                add(
                        Kind.SIDES_DO_NOT_ALTERNATE,
                        "The thread runs on past %s without going in.",
                        place(move.start().hole()));
            }
            last = to == move.start().face() ? last : to;
            before = move;
        }
    }

    /** Whether the thread lies along one signature, from one of its holes to another. */
    private static boolean alongTheFace(Move move) {
        return move instanceof Run run && !run.climbs();
    }

    private void stitches() {
        Map<Stitch, Integer> still = new LinkedHashMap<>();
        wanted.stitches().forEach(stitch -> still.merge(stitch, 1, Integer::sum));
        for (Stitch sewn : left.stitches()) {
            if (still.merge(sewn, -1, Integer::sum) < 0) {
                add(Kind.STITCH_NOT_WANTED, "The stitch %s is sewn once too often.", place(sewn));
            }
        }
        still.forEach((stitch, number) -> {
            if (number > 0) {
                add(Kind.STITCH_MISSING, "The stitch %s is not sewn.", place(stitch));
            }
        });
    }

    private void holds() {
        Map<Hold, Integer> still = new LinkedHashMap<>();
        wanted.holds().forEach(hold -> still.merge(hold, 1, Integer::sum));
        for (Hold sewn : left.holds()) {
            if (still.merge(sewn, -1, Integer::sum) < 0) {
                add(
                        Kind.HOLD_NOT_WANTED,
                        "There is one %s too many at %s.",
                        sewn.tie().words(),
                        place(sewn.hole()));
            }
        }
        still.forEach((hold, number) -> {
            if (number > 0) {
                add(Kind.HOLD_MISSING, "The %s at %s is missing.", hold.tie().words(), place(hold.hole()));
            }
        });
    }

    private void holes() {
        Map<Hole, Integer> passes = path.passes();
        for (Hole hole : new TreeSet<>(wanted.holes())) {
            int through = passes.getOrDefault(hole, 0);
            int most = mostPasses.applyAsInt(hole);
            if (through == 0) {
                add(Kind.HOLE_UNUSED, "No thread goes through %s.", place(hole));
            } else if (through > most) {
                add(
                        Kind.HOLE_TOO_FULL,
                        "The needle goes %d times through %s; %d is the most it takes.",
                        through,
                        place(hole),
                        most);
            }
        }
    }

    private void signatures() {
        TreeSet<Integer> all = new TreeSet<>();
        wanted.holes().forEach(hole -> all.add(hole.signature()));
        TreeSet<Integer> tied = new TreeSet<>();
        path.moves().forEach(move -> tiedUpper(move).ifPresent(tied::add));
        for (Integer signature : all) {
            if (!wanted.apart() && !signature.equals(all.first()) && !tied.contains(signature)) {
                add(Kind.SIGNATURE_LOOSE, "Signature %d is not tied to the one below it.", signature);
            }
        }
    }

    /** The signature that a move ties to the one below it. */
    private static Optional<Integer> tiedUpper(Move move) {
        int from = move.start().hole().signature();
        int to = move.end().hole().signature();
        if (from != to) {
            return Optional.of(Math.max(from, to));
        }
        return move.holdsBelow() ? Optional.of(from) : Optional.empty();
    }

    /** Where a thread ends in a knot over the hole it began at, both ends are at hand there, to both sides of a stitch that lies over it. */
    private void ends(ThreadPath thread) {
        List<Move> moves = thread.moves();
        int last = moves.size() - 1;
        if (last < 2 || !(moves.get(0) instanceof Tail start) || !(moves.get(last) instanceof Tail end)) {
            return;
        }
        boolean asked = wanted.holds().contains(new Hold(Tie.KNOT, start.hole()));
        boolean tied = moves.stream()
                .anyMatch(move -> move.part() == Move.Part.KNOT && move.start().equals(start.start()));
        if (asked && !tied) {
            add(
                    Kind.KNOT_ENDS_APART,
                    "The tail %s is not knotted; the other end is %s.",
                    place(start.start()),
                    place(end.start()));
        }
        boolean knotted = moves.get(last - 1).part() == Move.Part.KNOT
                && moves.get(last - 1).start().hole().equals(start.hole());
        if (knotted && start.face() != end.face()) {
            add(
                    Kind.KNOT_ENDS_APART,
                    "One end is on the %s, the other on the %s: they cannot be knotted.",
                    start.face().word(),
                    end.face().word());
        } else if (knotted
                && thread.crosses(start.hole(), start.face())
                && (start.side() == end.side() || start.side() == Tail.Side.FREE)) {
            add(
                    Kind.TAILS_ON_ONE_SIDE,
                    "Both tails lie on one side of the long stitch over %s: the knot would slip from it.",
                    place(start.hole()));
        }
    }

    private void length() {
        for (Move move : path.moves()) {
            double byFormula = move.lengthMm(frame);
            double byTrace = Polyline.lengthMm(move.trace(frame));
            if (Math.abs(byFormula - byTrace) > TRACE_TOLERANCE * Math.max(1, byFormula)) {
                add(
                        Kind.LENGTH_DISAGREES,
                        "The thread from %s to %s is %.2f mm long by one sum and %.2f mm by another: the holes lie where it cannot be measured.",
                        place(move.start().hole()),
                        place(move.end().hole()),
                        byFormula,
                        byTrace);
            }
        }
    }

    @FormatMethod
    private void add(Kind kind, @FormatString String words, Object... arguments) {
        if (faults.stream().filter(fault -> fault.kind() == kind).count() < MOST_OF_A_KIND) {
            faults.add(new PathFault(kind, words.formatted(arguments)));
        }
    }

    private static String place(Hole hole) {
        return "hole " + hole.station() + " of signature " + hole.signature();
    }

    private static String place(Spot spot) {
        return "on the " + spot.face().word() + " at " + place(spot.hole());
    }

    private static String place(Stitch stitch) {
        return "on the " + stitch.face().word() + " from " + place(stitch.first()) + " to " + place(stitch.second());
    }
}
