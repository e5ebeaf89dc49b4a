package itomichi.path;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a hand does in one go: bring the thread to a hole and through it, tie to the signature below, or knot.
 *
 * @param number from 1
 * @param kind what it is
 * @param moves the moves it is made of
 * @param target the hole it ends at
 * @param towards the end of the work that the needle travels towards
 * @param holdsThread whether thread lies in that hole already
 * @param crosses holes that the run passes over without going in
 * @param thread which thread it is sewn with, from 1
 */
public record SewingStep(
        int number,
        Kind kind,
        List<Move> moves,
        Hole target,
        Towards towards,
        boolean holdsThread,
        List<Hole> crosses,
        int thread) {

    /** What a step ends with. */
    public enum Kind {
        PASS,
        KETTLE,
        /** The knot of two ends. */
        TIE,
        /** A new thread tied to the old one. */
        JOIN
    }

    /** Direction along the fold. */
    public enum Towards {
        HEAD,
        TAIL,
        /** The needle stays at its height. */
        STAY
    }

    public SewingStep {
        moves = List.copyOf(moves);
        crosses = List.copyOf(crosses);
    }

    /** Whether this is a step that ties ends. */
    public boolean ties() {
        return kind == Kind.TIE;
    }

    /** Whether a thread begins with it. */
    public boolean begins() {
        return moves.get(0).hangs();
    }

    /** Parts a path into steps; every move is in exactly one of them. */
    public static List<SewingStep> of(ThreadPath path) {
        Parting parting = new Parting();
        path.moves().forEach(parting::take);
        return parting.steps;
    }

    /** Takes one move after the other; each answer says whether a step ends with the move. */
    private static final class Parting implements Move.Cases<Boolean> {
        private final List<SewingStep> steps = new ArrayList<>();
        private final List<Move> open = new ArrayList<>();
        private final Set<Hole> filled = new HashSet<>();
        private boolean threadInHand;
        private int thread;

        boolean take(Move move) {
            open.add(move);
            return move.match(this);
        }

        @Override
        public Boolean pass(Pass pass) {
            step(Kind.PASS, !filled.add(pass.hole()));
            return true;
        }

        @Override
        public Boolean kettle(Kettle kettle) {
            step(Kind.KETTLE, true);
            return true;
        }

        @Override
        public Boolean knot(Knot knot) {
            step(open.get(0).hangs() ? Kind.JOIN : Kind.TIE, true);
            return true;
        }

        @Override
        public Boolean tail(Tail tail) {
            if (threadInHand) {
                endThread();
                return true;
            }
            threadInHand = true;
            thread++;
            return false;
        }

        @Override
        public Boolean run(Run run) {
            return false;
        }

        @Override
        public Boolean wrap(Wrap wrap) {
            return false;
        }

        @Override
        public Boolean link(Link link) {
            return false;
        }

        @Override
        public Boolean under(Under under) {
            return false;
        }

        @Override
        public Boolean over(Over over) {
            return false;
        }

        @Override
        public Boolean board(Board board) {
            return false;
        }

        @Override
        public Boolean round(Round round) {
            return false;
        }

        /** The last tail belongs to what was done last. */
        private void endThread() {
            threadInHand = false;
            SewingStep last = steps.remove(steps.size() - 1);
            List<Move> moves = new ArrayList<>(last.moves);
            moves.addAll(open);
            open.clear();
            steps.add(new SewingStep(
                    last.number,
                    last.kind,
                    moves,
                    last.target,
                    last.towards,
                    last.holdsThread,
                    last.crosses,
                    last.thread));
        }

        private void step(Kind kind, boolean holdsThread) {
            Towards towards = Towards.STAY;
            for (Move move : open) {
                int from = move.start().hole().station();
                int to = move.end().hole().station();
                if (from != to) {
                    towards = to < from ? Towards.HEAD : Towards.TAIL;
                }
            }
            List<Hole> crosses = new ThreadPath(open)
                    .moves(Run.class).stream()
                            .flatMap(run -> run.crossed().stream())
                            .toList();
            Hole target = open.get(open.size() - 1).end().hole();
            steps.add(new SewingStep(steps.size() + 1, kind, open, target, towards, holdsThread, crosses, thread));
            open.clear();
        }
    }
}
