package itomichi.plan;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.SewingStep;
import itomichi.path.SewingStep.Towards;
import java.util.stream.Collectors;

/** Says in trade words what a hand does in a step. */
final class StepWords {

    private final int stations;
    private final Length tail;
    private final int turns;

    StepWords(int stations, Length tail, int turns) {
        this.stations = stations;
        this.tail = tail;
        this.turns = turns;
    }

    /** What to do, for the given face towards the binder. */
    Phrase words(SewingStep step, Face up) {
        if (step.ties()) {
            return Phrase.of(
                    "Tie a square knot of {} turn{} over the long stitch at {}, a tail on each side of it.",
                    turns,
                    turns == 1 ? "" : "s",
                    hole(step.target()));
        }
        Move pass = step.moves().get(step.moves().size() - 1);
        Face to = ((Pass) pass).to();
        String through = (to == Face.OUTSIDE ? "out" : "in") + " through " + hole(step.target());
        if (step.number() == 1) {
            return Phrase.of(
                    "Go {}. Leave a tail of {} on the {}.",
                    through,
                    tail.at(Fineness.THREAD),
                    to.opposite().word());
        }
        String along = "Along the " + to.opposite().word() + " towards " + end(step.towards(), up);
        return Phrase.of("{}{}, {}.", along, over(step), through);
    }

    /** What to look out for in a step; empty where there is nothing. */
    Phrase care(SewingStep step) {
        if (step.ties()) {
            return Phrase.of(
                    "Pull along the fold until the thread lies flat on both faces, then tie. Trim the tails to about {}.",
                    Length.ofMm(15).at(Fineness.CUT));
        }
        if (step.number() == 1) {
            return Phrase.of("Hold the tail, or clip it, so that it does not pull through.");
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

    private static String over(SewingStep step) {
        if (step.crosses().isEmpty()) {
            return "";
        }
        boolean one = step.crosses().size() == 1;
        return ", past hole" + (one ? " " : "s ")
                + step.crosses().stream()
                        .map(Hole::station)
                        .map(String::valueOf)
                        .collect(Collectors.joining(", "))
                + " in one long stitch";
    }

    private String hole(Hole hole) {
        int station = hole.station();
        String name = station == 1
                ? ", nearest the head"
                : station == stations ? ", nearest the tail" : 2 * station == stations + 1 ? ", the centre" : "";
        return "hole " + station + name;
    }

    private static String end(Towards towards, Face up) {
        boolean left = (towards == Towards.HEAD) == (up == Face.INSIDE);
        return (towards == Towards.HEAD ? "the head, to the " : "the tail, to the ") + (left ? "left" : "right");
    }
}
