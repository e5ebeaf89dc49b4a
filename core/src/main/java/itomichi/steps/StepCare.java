package itomichi.steps;

import itomichi.material.ThreadPractice;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.path.Knot;
import itomichi.path.Link;
import itomichi.path.SewingStep;
import itomichi.path.SewingStep.Kind;
import itomichi.path.SewingStep.Towards;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;

/** Says what to look out for in a step. */
final class StepCare {

    private StepCare() {}

    /** What to look out for in a step; empty where there is nothing. */
    static Phrase of(SewingStep step, ThreadPath path) {
        if (step.kind() == Kind.TIE || step.kind() == Kind.KETTLE) {
            boolean end = step.moves().get(step.moves().size() - 1).hangs();
            return end
                    ? Phrase.of(
                            "Pull along the fold until the thread lies flat on both faces, then tie. {}Trim the tails to about {}.",
                            looseStart(path.threads().get(step.thread() - 1)),
                            ThreadPractice.TAIL_TRIMMED.at(Fineness.CUT))
                    : Phrase.of(
                            "Check the tension first: pull along the fold, not across it, until the thread lies flat inside and outside.");
        }
        if (step.kind() == Kind.JOIN) {
            return Phrase.of("Let the knot sit outside, between two signatures, where it makes no bump inside.");
        }
        if (step.begins()) {
            return Phrase.of("Hold the tail, or clip it, so that it does not pull through.");
        }
        if (step.moves().size() == 1) {
            return Phrase.of("Leave a small loop outside: the next signature is linked through it.");
        }
        if (!new ThreadPath(step.moves()).moves(Link.class).isEmpty()) {
            return Phrase.of("Draw it snug, not tight: the links should stand in one line.");
        }
        if (step.holdsThread()) {
            String side = step.towards() == Towards.HEAD ? "tail" : "head";
            return Phrase.of(
                    "Hole {} already holds thread: draw that aside, pass on its {} side, and tug it to see that it was not pierced.",
                    step.target().station(),
                    side);
        }
        return Phrase.EMPTY;
    }

    /** What to do with the tail left at the start, where no knot of this thread holds it; else nothing. */
    private static String looseStart(ThreadPath thread) {
        if (!(thread.moves().get(0) instanceof Tail tail)
                || thread.moves(Knot.class).stream().anyMatch(knot -> holds(knot, tail))) {
            return "";
        }
        return "Tie the tail left %s in signature %d to its nearest stitch too. "
                .formatted(tail.face().word(), tail.hole().signature());
    }

    /** Whether a knot is tied with a tail: at its hole, or at the same station of the next signature; outside, of the next pair. */
    private static boolean holds(Knot knot, Tail tail) {
        int reach = knot.face() == Face.OUTSIDE ? 3 : 1;
        return knot.face() == tail.face()
                && knot.hole().station() == tail.hole().station()
                && Math.abs(knot.hole().signature() - tail.hole().signature()) <= reach;
    }
}
