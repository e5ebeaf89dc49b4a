package itomichi.path;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Checks a path without knowing what made it: each rule goes over the moves by itself.
 *
 * <p>Cost: one pass over the moves for each rule, and one over the wanted stitches.
 */
public final class PathCheck {

    /** Relative difference allowed between formula and trace: what polygons fall short of circles. */
    private static final double TRACE_TOLERANCE = 1e-3;

    private final ThreadPath path;
    private final StitchPattern wanted;
    private final Frame frame;
    private final int mostPasses;
    private final List<PathFault> faults = new ArrayList<>();

    private PathCheck(ThreadPath path, StitchPattern wanted, Frame frame, int mostPasses) {
        this.path = path;
        this.wanted = wanted;
        this.frame = frame;
        this.mostPasses = mostPasses;
    }

    /**
     * Everything wrong with a path, in the order of the rules.
     *
     * @param path the path
     * @param wanted what it should leave
     * @param frame the work it lies in
     * @param mostPasses how often the needle may go through one hole
     */
    public static List<PathFault> faults(ThreadPath path, StitchPattern wanted, Frame frame, int mostPasses) {
        PathCheck check = new PathCheck(path, wanted, frame, mostPasses);
        check.chain();
        check.alternation();
        check.stitches();
        check.holes();
        check.signatures();
        check.ends();
        check.length();
        return List.copyOf(check.faults);
    }

    private void chain() {
        for (int i = 1; i < path.moves().size(); i++) {
            Spot left = path.moves().get(i - 1).end();
            Spot taken = path.moves().get(i).start();
            if (!left.equals(taken)) {
                add(
                        PathFault.Kind.BROKEN_CHAIN,
                        "Move %d begins %s, but the thread is %s.",
                        i + 1,
                        place(taken),
                        place(left));
            }
        }
    }

    private void alternation() {
        Face last = null;
        for (Move move : path.moves()) {
            if (move instanceof Pass pass) {
                if (pass.to() == last) {
                    add(
                            PathFault.Kind.SIDES_DO_NOT_ALTERNATE,
                            "The needle goes to the %s at %s, where it is already.",
                            pass.to().word(),
                            place(pass.hole()));
                }
                last = pass.to();
            } else if (move instanceof Wrap wrap) {
                last = wrap.to();
            }
        }
    }

    private void stitches() {
        List<StitchPattern.Stitch> missing = new ArrayList<>(wanted.stitches());
        for (StitchPattern.Stitch sewn : StitchPattern.sewnBy(path)) {
            if (!missing.remove(sewn)) {
                add(PathFault.Kind.STITCH_NOT_WANTED, "The stitch %s is sewn once too often.", place(sewn));
            }
        }
        for (StitchPattern.Stitch stitch : missing) {
            add(PathFault.Kind.STITCH_MISSING, "The stitch %s is not sewn.", place(stitch));
        }
    }

    private void holes() {
        Map<Hole, Integer> passes = path.passes();
        for (Hole hole : new TreeSet<>(wanted.holes())) {
            int through = passes.getOrDefault(hole, 0);
            if (through == 0) {
                add(PathFault.Kind.HOLE_UNUSED, "No thread goes through %s.", place(hole));
            } else if (through > mostPasses) {
                add(
                        PathFault.Kind.HOLE_TOO_FULL,
                        "The needle goes %d times through %s; %d is the most it takes.",
                        through,
                        place(hole),
                        mostPasses);
            }
        }
    }

    private void signatures() {
        TreeSet<Integer> all = new TreeSet<>();
        wanted.holes().forEach(hole -> all.add(hole.signature()));
        for (Integer signature : all) {
            if (!signature.equals(all.first()) && !tiedBelow(signature)) {
                add(PathFault.Kind.SIGNATURE_LOOSE, "Signature %d is not tied to the one below it.", signature);
            }
        }
    }

    private boolean tiedBelow(int signature) {
        return path.moves().stream()
                .anyMatch(move -> climbsBetween(move, signature - 1, signature) || hangsOn(move, signature));
    }

    private static boolean climbsBetween(Move move, int lower, int upper) {
        return move instanceof Run run
                && Math.min(run.from().signature(), run.to().signature()) == lower
                && Math.max(run.from().signature(), run.to().signature()) == upper;
    }

    private static boolean hangsOn(Move move, int signature) {
        return (move instanceof Link || move instanceof Kettle)
                && move.start().hole().signature() == signature;
    }

    private void ends() {
        List<Tail> tails = path.moves().stream()
                .filter(Tail.class::isInstance)
                .map(Tail.class::cast)
                .toList();
        boolean knotted = path.moves().stream().anyMatch(Knot.class::isInstance);
        if (!knotted || tails.size() != 2) {
            return;
        }
        Tail first = tails.get(0);
        Tail last = tails.get(1);
        if (first.face() != last.face()) {
            add(
                    PathFault.Kind.KNOT_ENDS_APART,
                    "One end is on the %s, the other on the %s: they cannot be knotted.",
                    first.face().word(),
                    last.face().word());
        } else if (Sides.crossed(path, first) && (first.side() == last.side() || first.side() == Tail.Side.FREE)) {
            add(
                    PathFault.Kind.TAILS_ON_ONE_SIDE,
                    "Both tails lie on one side of the long stitch over %s: the knot would slip from it.",
                    place(first.hole()));
        }
    }

    private void length() {
        for (Move move : path.moves()) {
            double byFormula = move.lengthMm(frame);
            double byTrace = Polyline.lengthMm(move.trace(frame));
            if (Math.abs(byFormula - byTrace) > TRACE_TOLERANCE * Math.max(1, byFormula)) {
                add(
                        PathFault.Kind.LENGTH_DISAGREES,
                        "%s is %.2f mm by its formula and %.2f mm along its trace.",
                        move,
                        byFormula,
                        byTrace);
            }
        }
    }

    private void add(PathFault.Kind kind, String words, Object... arguments) {
        faults.add(new PathFault(kind, words.formatted(arguments)));
    }

    private static String place(Hole hole) {
        return "hole " + hole.station() + " of signature " + hole.signature();
    }

    private static String place(Spot spot) {
        return "on the " + spot.face().word() + " at " + place(spot.hole());
    }

    private static String place(StitchPattern.Stitch stitch) {
        return "on the " + stitch.face().word() + " from " + place(stitch.first()) + " to " + place(stitch.second());
    }
}
