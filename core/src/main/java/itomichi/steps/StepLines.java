package itomichi.steps;

import itomichi.measure.Length;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.SewingStep;
import itomichi.path.ThreadPath;
import itomichi.plan.SewingPlan;
import java.util.ArrayList;
import java.util.List;

/** Writes out the steps of a sewing: words, warnings, thread used and left. */
public final class StepLines {

    private StepLines() {}

    /** The sewing, a hand's move at a time; worked out anew at every call. */
    public static List<StepLine> of(SewingPlan plan) {
        List<SewingStep> steps = SewingStep.of(plan.path());
        StepWords words = new StepWords(plan, steps);
        MoveLengths lengths = new MoveLengths(plan.frame(), words);
        double slack = plan.spec().slack().factor();
        double leftMm = 0;
        int thread = 0;
        List<StepLine> lines = new ArrayList<>();
        for (SewingStep step : steps) {
            if (step.thread() > thread) {
                thread = step.thread();
                leftMm = plan.need().pieces().get(thread - 1).mm()
                        / plan.spec().thread().strands();
            }
            double usedMm = usedMm(plan, step, slack);
            leftMm -= usedMm;
            lines.add(new StepLine(
                    step,
                    Notation.write(new ThreadPath(step.moves())),
                    words.words(step, false),
                    words.words(step, true),
                    StepCare.of(step, plan.path()),
                    Length.ofMm(usedMm),
                    Length.ofMm(leftMm),
                    thread,
                    step.moves().stream()
                            .filter(move -> !move.hangs())
                            .map(lengths::of)
                            .toList()));
        }
        return lines;
    }

    /** The last tail is what is left in hand; the first hangs from the work. */
    private static double usedMm(SewingPlan plan, SewingStep step, double slack) {
        double usedMm = 0;
        for (int i = 0; i < step.moves().size(); i++) {
            Move move = step.moves().get(i);
            boolean lastTail = move.hangs() && i > 0;
            usedMm += lastTail ? 0 : move.lengthMm(plan.frame()) * (move.hangs() ? 1 : slack);
        }
        return usedMm;
    }
}
