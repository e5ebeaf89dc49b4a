package itomichi.steps;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.SewingStep;
import java.util.List;

/**
 * A step of the sewing with its words and its thread.
 *
 * @param step the step
 * @param notation its moves as written in the notation
 * @param plain what to do, with the inside or the front towards the binder and the head to the left
 * @param turned what to do, with the work turned over and the head to the right
 * @param care what to look out for; empty where there is nothing
 * @param used thread used by this step, on each strand
 * @param left thread left on the needle after it, on each strand
 * @param thread which of the threads it is sewn with, from 1
 * @param lengths how long each of its moves is, and why
 */
public record StepLine(
        SewingStep step,
        String notation,
        Phrase plain,
        Phrase turned,
        Phrase care,
        Length used,
        Length left,
        int thread,
        List<Phrase> lengths) {

    public StepLine {
        lengths = List.copyOf(lengths);
    }
}
