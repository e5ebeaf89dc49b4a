package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import java.util.ArrayList;
import java.util.List;

/**
 * Two signatures on one length of thread, over supports: the thread lies in the lower one up to the first support, crosses it into the
 * upper one, crosses the next into the lower one, and so on. Each pair has half the thread of two signatures sewn all along in its folds
 * and is tied to the pair below at its end. A signature that is left over is sewn all along.
 */
final class TwoOn {

    private final Stitching.Choice choice;
    /** Signatures of each length of thread, from the lowest: one or two. */
    private final List<List<Integer>> lengths = new ArrayList<>();

    /** @param endsAlone whether the first and the last signature are sewn all along */
    TwoOn(Stitching.Choice choice, boolean endsAlone) {
        this.choice = choice;
        int signatures = choice.signatures();
        for (int next = 1; next <= signatures; ) {
            boolean alone = endsAlone && (next == 1 || next == signatures);
            boolean paired = !alone && next < signatures && !(endsAlone && next + 1 == signatures);
            lengths.add(paired ? List.of(next, next + 1) : List.of(next));
            next += paired ? 2 : 1;
        }
    }

    /** Stretches along the inside, one more than there are supports. */
    private int stretches() {
        return choice.stations() / 2;
    }

    /** The station that comes so many-th on a length of thread, counted from 0. */
    private int station(int length, int number) {
        return length % 2 == 0 ? number : choice.stations() + 1 - number;
    }

    /** The signature that a stretch lies in. */
    private int signature(int length, int stretch) {
        List<Integer> on = lengths.get(length);
        return on.get(stretch % on.size());
    }

    private Hole enters(int length, int stretch) {
        return new Hole(signature(length, stretch), station(length, 2 * stretch + 1));
    }

    private Hole leaves(int length, int stretch) {
        return new Hole(signature(length, stretch), station(length, 2 * stretch + 2));
    }

    private Hole end(int length) {
        return leaves(length, stretches() - 1);
    }

    ThreadPath stitch() {
        PathBuilder path = new PathBuilder().from(enters(0, 0), Face.OUTSIDE, Tail.Side.FREE);
        for (int length = 0; length < lengths.size(); length++) {
            for (int stretch = 0; stretch < stretches(); stretch++) {
                path.pass(enters(length, stretch), Face.INSIDE).pass(leaves(length, stretch), Face.OUTSIDE);
            }
            if (length == 1) {
                path.tie(choice.turns());
            }
            for (int i = 0; i < kettles(length); i++) {
                path.kettle(down(length));
            }
        }
        return path.end();
    }

    /** One at the end of each length from the third, two at the very end; the second is knotted to the tail of the first. */
    private int kettles(int length) {
        return length < 2 ? 0 : length == lengths.size() - 1 ? 2 : 1;
    }

    /** A kettle goes round the climb by which the length below left this end: down to the upper signature of that climb. */
    private int down(int length) {
        return end(length).signature() - enters(length - 1, 0).signature();
    }

    StitchPattern pattern() {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int length = 0; length < lengths.size(); length++) {
            for (int stretch = 0; stretch < stretches(); stretch++) {
                pattern.stitch(new StitchPattern.Stitch(Face.INSIDE, enters(length, stretch), leaves(length, stretch)));
                if (stretch > 0) {
                    pattern.stitch(new StitchPattern.Stitch(
                            Face.OUTSIDE, leaves(length, stretch - 1), enters(length, stretch)));
                }
            }
            Hole end = end(length);
            if (length == 1) {
                pattern.hold(Tie.KNOT, end.signature(), end.station());
            }
            for (int i = 0; i < kettles(length); i++) {
                pattern.hold(Tie.KETTLE, end.signature(), end.station());
            }
            if (length + 1 < lengths.size()) {
                pattern.stitch(new StitchPattern.Stitch(Face.OUTSIDE, end, enters(length + 1, 0)));
            }
        }
        return pattern.build();
    }
}
