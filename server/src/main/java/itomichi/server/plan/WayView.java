package itomichi.server.plan;

import itomichi.path.Face;
import itomichi.path.SewingStep;
import itomichi.path.Strand;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The thread's way for the screen: the work it lies in, and the sewing step by step, in mm.
 *
 * @param work what is sewn
 * @param steps the steps
 * @param threads the lengths to cut, in the order in which they are sewn with
 * @param notation the way, written
 * @param faults what the independent checks found
 */
public record WayView(
        WorkView work, List<StepView> steps, List<ThreadCut> threads, String notation, List<String> faults) {

    /**
     * What is sewn.
     *
     * @param side whether it is a block sewn through its side, else folds
     * @param atOnce whether all folds are pierced as one, so that each face is the inside of a section
     * @param heightMm height of the leaves
     * @param headMm how far what is sewn on stands out at the head
     * @param tailMm how far at the tail
     * @param acrossMm for folds, from the first signature to the last; for a block, as far from the spine as is drawn
     * @param thickMm thickness of a block; nought for folds
     * @param layers where each signature lies, from the first
     * @param holes the holes of one signature, or of the block
     * @param tapes where tapes lie along the fold
     * @param cordMm diameter of a cord along the fold; nought where there is none
     */
    public record WorkView(
            boolean side,
            boolean atOnce,
            double heightMm,
            double headMm,
            double tailMm,
            double acrossMm,
            double thickMm,
            List<Double> layers,
            List<WorkHole> holes,
            List<TapeView> tapes,
            double cordMm) {}

    /** A hole: along the work from the head, and for a block from the spine. */
    public record WorkHole(int number, double alongMm, double acrossMm, String role) {}

    /** A tape between two places along the fold. */
    public record TapeView(double fromMm, double toMm) {}

    /** A length to cut; {@code strandMm} is that of each of its strands. */
    public record ThreadCut(int number, InUnits cut, double cutMm, double strandMm) {}

    /**
     * A step of the sewing.
     *
     * @param plain what to do as the work lies
     * @param turned what to do with the work turned over
     * @param signature the signature it ends in
     * @param station the hole it ends at
     * @param face the face the thread is then on
     * @param strands the thread it lays
     */
    public record StepView(
            int number,
            SewingStep.Kind kind,
            String notation,
            InUnits plain,
            InUnits turned,
            @Nullable InUnits care,
            InUnits used,
            InUnits left,
            double leftMm,
            int thread,
            int signature,
            int station,
            Face face,
            boolean holdsThread,
            List<InUnits> lengths,
            List<StrandView> strands) {}

    /** A piece of thread on a view of the work: along and across, one after the other, mm. */
    public record StrandView(Strand.View view, int signature, Strand.Kind kind, List<Double> points) {}
}
