package itomichi.server.plan;

import itomichi.gathering.Sharing;
import itomichi.gathering.Split;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * A way of dividing the sheets into signatures, for the screen.
 *
 * @param signatures how many, endpapers not counted
 * @param filled whether all are alike
 * @param words for instance {@code 8 of 6 and 2 of 7}
 * @param taken whether the plan is made with it
 */
public record SplitView(
        int signatures,
        boolean filled,
        String words,
        List<Integer> sheetsEach,
        int blanks,
        double foldMm,
        InUnits fold,
        InUnits creep,
        InUnits swell,
        double spineMm,
        InUnits spine,
        int wedgePercent,
        int holes,
        InUnits thread,
        InUnits time,
        List<ReasonView> reasons,
        boolean taken) {

    /** A reason for or against. */
    public record ReasonView(boolean speaksFor, InUnits words) {}

    static SplitView of(Split split, Sharing taken) {
        Sharing sharing = split.sharing();
        long minutes = Math.round(split.minutes());
        String hours = minutes < 100 ? minutes + "\u202fmin" : Math.round(minutes / 6.0) / 10.0 + "\u202fh";
        return new SplitView(
                split.signatures(),
                split.even(),
                sharing.words(),
                sharing.sheetsEach(),
                split.blanks(),
                split.fold().mm(),
                InUnits.of(split.fold().at(Fineness.BUNDLE)),
                InUnits.of(split.creep().at(Fineness.BUNDLE)),
                InUnits.of(split.swell().at(Fineness.BUNDLE)),
                split.spine().mm(),
                InUnits.of(split.spine().at(Fineness.BUNDLE)),
                (int) Math.round(split.wedge() * 100),
                split.holes(),
                InUnits.of(split.thread().at(Fineness.THREAD)),
                InUnits.of(Phrase.of("{}", hours)),
                split.reasons().stream()
                        .map(reason -> new ReasonView(reason.speaksFor(), InUnits.of(reason.words())))
                        .toList(),
                sharing.equals(taken));
    }
}
