package itomichi.plan;

import itomichi.path.Frame;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.structure.Stitching;
import java.util.List;

/**
 * The thread of a book: its way, what was found wrong with it, how much of it is cut.
 *
 * @param spec the book
 * @param stitching how it is sewn
 * @param choice what was chosen of it
 * @param frame the work that the path lies in
 * @param path the thread's way
 * @param pathFaults what the independent checks found; empty for a sound path
 * @param need the thread to cut
 */
public record SewingPlan(
        BookSpec spec,
        Stitching stitching,
        Stitching.Choice choice,
        Frame frame,
        ThreadPath path,
        List<PathFault> pathFaults,
        ThreadNeed need) {

    public SewingPlan {
        pathFaults = List.copyOf(pathFaults);
    }

    /** The sewing, a hand's move at a time; worked out anew at every call. */
    public List<StepLine> steps() {
        return StepLines.of(this);
    }

    /** The same book sewn by another way through the same holes, as one that strayed may have to. */
    public SewingPlan by(ThreadPath other) {
        return new SewingPlan(spec, stitching, choice, frame, other, pathFaults, ThreadNeed.of(spec, other, frame));
    }

    /** Holes of one signature, or of the block. */
    public int holes() {
        return choice.side().isEmpty() ? choice.stations() : choice.side().size();
    }

    /** Passes of the needle. */
    public int passes() {
        return path.passes().values().stream().mapToInt(Integer::intValue).sum();
    }
}
