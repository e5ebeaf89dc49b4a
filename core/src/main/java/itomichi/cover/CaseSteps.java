package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.ArrayList;
import java.util.List;

/** The order in which a case is made. */
final class CaseSteps {

    private CaseSteps() {}

    /** @param spineStep what is done about the spine piece */
    static List<CoverStep> of(CaseParts parts, String spineStep) {
        List<CoverStep> steps = new ArrayList<>();
        steps.add(
                CoverStep.of(
                        "dry-run",
                        Part.DRY,
                        "Lay block, boards and spine piece together without glue: squares even all round, the joint open, the book closes."));
        steps.add(CoverStep.of(
                "grain", Part.DRY, "Try the grain of boards, cloth and papers once more: all of it along the spine."));
        steps.add(CoverStep.of(
                        "back",
                        Part.MAKE,
                        "Glue up the back of the block between waste boards; open cloth on it, then its lining.")
                .lies(Lying.AN_HOUR)
                .after("dry-run", "round-leaves"));
        steps.add(CoverStep.of(
                        "strip",
                        Part.MAKE,
                        Phrase.of(
                                "Glue boards and spine piece to the strip, joints of {} between them, along a straight edge.",
                                parts.joint().length().at(Fineness.MARK)))
                .after("dry-run", "grain", "round-boards"));
        steps.add(
                CoverStep.of(
                        "cloth",
                        Part.MAKE,
                        parts.covering().full()
                                ? "Glue out the cloth from its middle to its edges; lay the boards on it, rub down from outside."
                                : "Spine cloth first: glue it out, lay boards and spine piece on it, turn it in at head and tail. Corners next. Then the sides, over the edge of the cloth."));
        steps.add(CoverStep.of(
                        "corners",
                        Part.MAKE,
                        Phrase.of(
                                "Cut the corners {} off the boards, at 45 degrees.",
                                parts.corner().length().at(Fineness.MARK)))
                .withBlade());
        steps.add(CoverStep.of(
                "turn-in",
                Part.MAKE,
                "Turn in head and tail, nip the corners in, then the fore edges; bone them down on edge and face."));
        steps.add(CoverStep.of("spine", Part.MAKE, spineStep).lies(Lying.AN_HOUR_BOARDED));
        steps.add(CoverStep.of("ends", Part.MAKE, parts.held().step()).after("back"));
        steps.add(CaseHold.caseIn("spine", "ends"));
        steps.add(CoverStep.of(
                "nip",
                Part.FINISH,
                "Nip it in the press for some seconds, look at both pastedowns, and press out what has slipped."));
        steps.add(CoverStep.of(
                        "press",
                        Part.FINISH,
                        "Press it with rods or board edges in the joints, wax paper and a dry board inside each cover.")
                .lies(Lying.OVERNIGHT_BOARDED));
        steps.add(CoverStep.of(
                "open",
                Part.FINISH,
                "Open it some leaves at a time from both ends, and look: squares, corners, joints, nothing stuck."));
        return steps;
    }
}
