package itomichi.path;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a hand does in one go: run to a hole and pass through it, or tie.
 *
 * @param number from 1
 * @param moves the moves it is made of
 * @param target the hole it ends at
 * @param towards the end of the fold that the needle travels towards
 * @param holdsThread whether thread lies in that hole already
 * @param crosses holes that the run passes over without going in
 */
public record SewingStep(
        int number, List<Move> moves, Hole target, Towards towards, boolean holdsThread, List<Hole> crosses) {

    /** Direction along the fold. */
    public enum Towards {
        HEAD,
        TAIL,
        /** The needle stays at its hole. */
        STAY
    }

    public SewingStep {
        moves = List.copyOf(moves);
        crosses = List.copyOf(crosses);
    }

    /** Whether this is the step that ties the ends. */
    public boolean ties() {
        return moves.stream().anyMatch(Knot.class::isInstance);
    }

    /** Parts a path into steps; every move is in exactly one of them. */
    public static List<SewingStep> of(ThreadPath path) {
        List<SewingStep> steps = new ArrayList<>();
        List<Move> open = new ArrayList<>();
        Set<Hole> filled = new HashSet<>();
        Set<Hole> all = path.passes().keySet();
        boolean tying = false;
        for (Move move : path.moves()) {
            open.add(move);
            tying |= move instanceof Knot;
            if (move instanceof Pass pass) {
                steps.add(step(steps.size() + 1, open, filled.contains(pass.hole()), all));
                filled.add(pass.hole());
                open.clear();
            }
        }
        if (tying) {
            steps.add(step(steps.size() + 1, open, true, all));
        } else if (!open.isEmpty()) {
            SewingStep last = steps.remove(steps.size() - 1);
            List<Move> moves = new ArrayList<>(last.moves);
            moves.addAll(open);
            steps.add(new SewingStep(last.number, moves, last.target, last.towards, last.holdsThread, last.crosses));
        }
        return steps;
    }

    private static SewingStep step(int number, List<Move> moves, boolean holdsThread, Set<Hole> holes) {
        Towards towards = Towards.STAY;
        List<Hole> crosses = new ArrayList<>();
        for (Move move : moves) {
            if (move instanceof Run run) {
                towards = run.to().station() < run.from().station() ? Towards.HEAD : Towards.TAIL;
                holes.stream().filter(run::passesOver).forEach(crosses::add);
            }
        }
        return new SewingStep(number, moves, moves.get(moves.size() - 1).end().hole(), towards, holdsThread, crosses);
    }
}
