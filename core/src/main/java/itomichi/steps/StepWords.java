package itomichi.steps;

import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.path.Board;
import itomichi.path.Face;
import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Kettle;
import itomichi.path.Knot;
import itomichi.path.Link;
import itomichi.path.Move;
import itomichi.path.Over;
import itomichi.path.Pass;
import itomichi.path.Round;
import itomichi.path.Run;
import itomichi.path.SewingStep;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.path.Under;
import itomichi.path.Wrap;
import itomichi.plan.SewingPlan;
import itomichi.station.Role;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Says in trade words what a hand does in a step.
 *
 * <p>The work lies with its head to the left, the inside of the fold or the front of the block up; turned over, its head lies to the right.
 */
final class StepWords {

    private final SewingPlan plan;
    private final Frame frame;
    private final int stations;
    private final int signatures;
    /** Number of the step in which each signature is first gone into. */
    private final Map<Integer, Integer> laidOn = new HashMap<>();

    StepWords(SewingPlan plan, List<SewingStep> steps) {
        this.plan = plan;
        this.frame = plan.frame();
        this.stations = plan.choice().stations();
        this.signatures = plan.choice().signatures();
        steps.forEach(step -> laidOn.putIfAbsent(step.target().signature(), step.number()));
    }

    private boolean fold() {
        return frame.match(folds -> true, block -> false);
    }

    /** What to do, with the work as it lies or turned over. */
    Phrase words(SewingStep step, boolean turned) {
        return switch (step.kind()) {
            case KETTLE -> kettle(step);
            case TIE -> tie(step, turned);
            case JOIN ->
                Phrase.of(
                        "Cut the thread with a tail of {} and tie the next one to it with a square knot, {} at {}.",
                        plan.spec().thread().tail().at(Fineness.THREAD),
                        on(knot(step).face()),
                        hole(step.target()));
            case PASS -> pass(step, turned);
        };
    }

    private Phrase pass(SewingStep step, boolean turned) {
        Pass pass = lastPass(step);
        List<Move> before = step.moves().subList(0, step.moves().indexOf(pass));
        if (step.begins()) {
            return begin(step, pass);
        }
        StringBuilder words = new StringBuilder();
        for (Move move : before) {
            words.append(words.isEmpty() ? "" : ", ").append(along(move, step, turned));
        }
        if (before.isEmpty()) {
            return Phrase.of(
                    "Go back {} through hole {} itself{}.",
                    way(pass.to()),
                    pass.hole().station(),
                    called(pass.hole()));
        }
        Move last = before.get(before.size() - 1);
        boolean same = last.start().hole().equals(pass.hole());
        words.append(same ? ", and back " : ", ")
                .append(way(pass.to()))
                .append(" through ")
                .append(hole(pass.hole()))
                .append('.');
        return Phrase.of("{}", capital(words.toString()));
    }

    private static Pass lastPass(SewingStep step) {
        List<Pass> passes = new ThreadPath(step.moves()).moves(Pass.class);
        return passes.get(passes.size() - 1);
    }

    private Phrase begin(SewingStep step, Pass pass) {
        String lay = signatures > 1 && (step.number() == 1 || !plan.stitching().goesOn())
                ? "Signature " + pass.hole().signature() + ": g"
                : "G";
        if (plan.stitching().hiddenStart(plan.choice().variant()) && isMiddle(step)) {
            return Phrase.of(
                    "Open the block at its middle; from inside it go up through {} to the front. Leave a tail of {} between the sheets.",
                    hole(pass.hole()),
                    plan.spec().thread().tail().at(Fineness.THREAD));
        }
        return Phrase.of(
                "{}o {} through {}. Leave a tail of {} {}.",
                lay,
                way(pass.to()),
                hole(pass.hole()),
                plan.spec().thread().tail().at(Fineness.THREAD),
                on(pass.to().opposite()));
    }

    /** The thread of a stab binding itself, not that of an inner binding. */
    private boolean isMiddle(SewingStep step) {
        return plan.choice().side().get(step.target().station() - 1).role() != Role.INNER;
    }

    /** How the thread goes from one pass to the next. */
    private String along(Move move, SewingStep step, boolean turned) {
        return move.match(new Along(step, turned));
    }

    /** Says each way that the thread can go between two passes. */
    private final class Along implements Move.Cases<String> {
        private final SewingStep step;
        private final boolean turned;

        Along(SewingStep step, boolean turned) {
            this.step = step;
            this.turned = turned;
        }

        @Override
        public String run(Run run) {
            if (!run.climbs()) {
                return "along " + the(run.face()) + towards(run, turned) + past(step);
            }
            int to = run.to().signature();
            boolean straight = run.from().station() == run.to().station();
            if (straight) {
                return "lay signature " + to + " on and climb to it outside";
            }
            return (laidOn.getOrDefault(to, 0) == step.number() ? "lay signature " + to + " on, across" : "across")
                    + (frame.liftMm(run) > 0 ? " the tape" : "") + towards(run, turned) + ", into signature " + to;
        }

        @Override
        public String under(Under under) {
            return "along the outside" + towards(under, turned)
                    + ", on the way under the stitch of the signature below";
        }

        @Override
        public String round(Round round) {
            return "lay signature " + round.to().signature() + " on, go round the "
                    + round.edge().word() + " edge of the cover into its fold";
        }

        @Override
        public String wrap(Wrap wrap) {
            return "round the " + wrap.edge().word() + " to " + the(wrap.to());
        }

        @Override
        public String link(Link link) {
            return "pass behind the stitch of the signature below";
        }

        @Override
        public String over(Over over) {
            return "over the cord";
        }

        @Override
        public String board(Board board) {
            return "round the board’s spine edge and out through its hole";
        }

        @Override
        public String kettle(Kettle kettle) {
            return "a kettle stitch";
        }

        @Override
        public String pass(Pass pass) {
            return way(pass.to()) + " through " + hole(pass.hole());
        }

        @Override
        public String knot(Knot knot) {
            return "a knot";
        }

        @Override
        public String tail(Tail tail) {
            return "a tail left " + on(tail.face());
        }
    }

    /** How many signatures down the kettle of a step goes. */
    private static int down(SewingStep step) {
        return new ThreadPath(step.moves()).moves(Kettle.class).get(0).down();
    }

    private Phrase kettle(SewingStep step) {
        boolean finish = step.moves().get(step.moves().size() - 1).hangs();
        boolean linked = step.moves().stream().anyMatch(Link.class::isInstance);
        return Phrase.of(
                "{} at {}: down {}, round the stitch that joins them, up through the loop.{}",
                linked ? "Pass behind the stitch of the row below, then a kettle stitch" : "Kettle stitch",
                hole(step.target()),
                down(step) > 1
                        ? "to where the pair below is tied to the one under it"
                        : "between the two signatures below",
                finish ? " This one locks the end." : "");
    }

    private static Knot knot(SewingStep step) {
        return new ThreadPath(step.moves()).moves(Knot.class).get(0);
    }

    private Phrase tie(SewingStep step, boolean turned) {
        Knot knot = knot(step);
        String way = step.moves().stream()
                .filter(move -> move.part() == Move.Part.SEGMENT && !(move instanceof Run run && run.climbs()))
                .map(move -> along(move, step, turned))
                .collect(Collectors.joining(", "));
        String lead = way.isEmpty() ? "" : capital(way) + ". ";
        String turns = knot.turns() + " turn" + (knot.turns() == 1 ? "" : "s");
        if (!fold()) {
            boolean hidden = plan.stitching().hiddenStart(plan.choice().variant()) && isMiddle(step);
            return hidden
                    ? Phrase.of(
                            "{}Go into {} from the back, only as far as the middle of the block, and tie a square knot of {} with the tail there.",
                            lead,
                            hole(step.target()),
                            turns)
                    : Phrase.of(
                            "{}Tie a square knot of {} with the tail at {}, {}.",
                            lead,
                            turns,
                            hole(step.target()),
                            on(knot.face()));
        }
        return Phrase.of("{}", lead + tieAtFold(step, knot, turns));
    }

    private String tieAtFold(SewingStep step, Knot knot, String turns) {
        boolean twoTails = startTail(step);
        if (twoTails && crossed(knot)) {
            return "Tie a square knot of " + turns + " over the long stitch at " + hole(step.target())
                    + ", a tail on each side of it.";
        }
        if (twoTails) {
            return "Tie a square knot of " + turns + " with the tail at " + hole(step.target()) + ".";
        }
        if (knot.face() == Face.OUTSIDE && step.target().signature() > 1) {
            return "Tie a square knot of " + turns + " with the tail that hangs from signature 1, at "
                    + hole(step.target()) + ".";
        }
        return "Tie off with a knot of " + turns + " round the nearest stitch inside, at " + hole(step.target()) + ".";
    }

    /** Whether the tail left at the start of this thread hangs where this step knots. */
    private boolean startTail(SewingStep step) {
        List<Tail> tails = plan.path().threads().get(step.thread() - 1).moves(Tail.class);
        return !tails.isEmpty() && tails.get(0).hole().equals(step.target());
    }

    private boolean crossed(Knot knot) {
        return plan.path().crosses(knot.hole(), knot.face());
    }

    private String past(SewingStep step) {
        if (step.crosses().isEmpty()) {
            return "";
        }
        Set<Integer> crossed =
                step.crosses().stream().map(Hole::station).collect(Collectors.toCollection(TreeSet::new));
        return ", past hole" + (crossed.size() == 1 ? " " : "s ")
                + crossed.stream().map(String::valueOf).collect(Collectors.joining(", "))
                + " in one long stitch";
    }

    /** A hole by its number, and as it is called. */
    String hole(Hole hole) {
        return "hole " + hole.station() + called(hole);
    }

    private String called(Hole hole) {
        int station = hole.station();
        if (!fold()) {
            Role role = plan.choice().side().get(station - 1).role();
            return role == Role.MAIN || role == Role.BY_HAND ? "" : ", " + role.words();
        }
        return station == 1
                ? ", nearest the head"
                : station == stations ? ", nearest the tail" : 2 * station == stations + 1 ? ", the centre" : "";
    }

    private static String way(Face to) {
        return switch (to) {
            case OUTSIDE -> "out";
            case INSIDE -> "in";
            case BACK -> "down";
            case FRONT -> "up";
        };
    }

    private String the(Face face) {
        if (!plan.stitching().sewnAtOnce()) {
            return "the " + face.word();
        }
        return face == Face.INSIDE ? "the inside of section 1" : "the inside of section 2";
    }

    private String on(Face face) {
        return plan.stitching().sewnAtOnce() ? "in " + the(face).replace("the inside of ", "") : "on " + the(face);
    }

    private String towards(Move move, boolean turned) {
        double from = frame.at(move.start()).xMm();
        double to = frame.at(move.end()).xMm();
        if (Math.abs(to - from) < 0.05) {
            return fold() ? "" : " straight across to hole " + move.end().hole().station();
        }
        boolean head = to < from;
        boolean left = head != turned;
        return " towards the " + (head ? "head" : "tail") + ", to the " + (left ? "left" : "right");
    }

    static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
