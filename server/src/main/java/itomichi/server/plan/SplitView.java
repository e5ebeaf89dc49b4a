package itomichi.server.plan;

import itomichi.gathering.Block;
import itomichi.gathering.Signature;
import itomichi.gathering.Split;
import itomichi.measure.Fineness;
import itomichi.plan.PlannedSplit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A way of dividing the sheets into signatures, for the screen.
 *
 * @param signatures how many, endpapers not counted
 * @param filled whether all are alike
 * @param words for instance {@code 8 of 6 and 2 of 7}
 * @param filledTo sheets that each is filled to, where fewer would hold the pages
 */
public record SplitView(
        int signatures,
        boolean filled,
        @Nullable Integer filledTo,
        String words,
        List<Integer> sheetsEach,
        int blanks,
        double foldMm,
        InUnits fold,
        InUnits creep,
        InUnits swell,
        double spineMm,
        InUnits spine,
        InUnits wedge,
        int holes,
        InUnits thread,
        InUnits time,
        List<ReasonView> reasons) {

    /** A reason for or against, and how much it weighs against it. */
    public record ReasonView(boolean speaksFor, double weight, InUnits words) {}

    static SplitView of(PlannedSplit planned) {
        Split split = planned.split();
        Block block = planned.folded().block();
        Signature thickest = planned.folded().thickest();
        return new SplitView(
                split.signatures(),
                split.even(),
                split.filledTo().orElse(null),
                split.sharing().words(),
                split.sharing().sheetsEach(),
                split.blanks(),
                split.fold().mm(),
                InUnits.of(split.fold().at(Fineness.BUNDLE)),
                InUnits.of(thickest.creep().result()),
                InUnits.of(block.swell().result()),
                block.spine().length().mm(),
                InUnits.of(block.spine().result()),
                InUnits.of(block.wedge().result()),
                planned.holes(),
                InUnits.of(planned.thread().at(Fineness.THREAD)),
                InUnits.of(planned.time().result()),
                split.reasons().stream()
                        .map(reason -> new ReasonView(
                                reason.speaksFor(),
                                Math.round(reason.weight() * 100) / 100.0,
                                InUnits.of(reason.words())))
                        .toList());
    }
}
