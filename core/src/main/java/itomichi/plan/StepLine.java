package itomichi.plan;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.SewingStep;

/**
 * A step of the sewing with its words and its thread.
 *
 * @param step the step
 * @param notation its passes as written in the notation
 * @param insideUp what to do, with the inside towards the binder and the head to the left
 * @param outsideUp what to do, with the work turned over and the head to the right
 * @param care what to look out for; empty where there is nothing
 * @param used thread used by this step
 * @param left thread left on the needle after it
 */
public record StepLine(
        SewingStep step, String notation, Phrase insideUp, Phrase outsideUp, Phrase care, Length used, Length left) {}
