package itomichi.book;

import itomichi.cover.SewnBlock;
import itomichi.cutting.Demand;
import itomichi.finding.Stage;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.plan.CoverPlan;
import java.util.Set;

/**
 * A book as it lies or stands on the bench: how far it is made, and how large it is as sheets, as a block and as a book.
 *
 * @param sheets its sheets on each other, flat, as they are cut
 * @param block the folded and gathered block, its thickness at the spine
 * @param closed the book in its cover
 */
public record OnBench(Made made, Pile sheets, Pile block, CoverPlan.Closed closed) {

    /** How far a book is made; each is what lies on the table until the next. */
    public enum Made {
        /** Nothing is cut. */
        PLANNED,
        /** Its sheets lie flat. */
        CUT,
        /** Its sheets are folded and lie gathered, or lie as a block of single sheets; they are punched and sewn so. */
        GATHERED,
        /** It stands in its cover, or sewn where it has none. */
        BOUND
    }

    /**
     * What lies on each other.
     *
     * @param width across the fold, or from the sewn edge
     * @param height along it
     */
    public record Pile(Length width, Length height, Length thickness) {}

    /** The book that was planned so, as far as its stages are done. */
    public static OnBench of(BookPlan plan) {
        SewnBlock sewn = plan.covering().base().block();
        Pile block = new Pile(
                sewn.width().length(), sewn.height().length(), sewn.spine().length());
        return new OnBench(
                made(plan), sheets(plan, block), block, plan.covering().closed());
    }

    private static Made made(BookPlan plan) {
        Set<Stage> done = plan.spec().done();
        if (done.contains(Stage.COVER) || (done.contains(Stage.SEW) && standsOnceSewn(plan))) {
            return Made.BOUND;
        }
        if (done.contains(Stage.GATHER) || done.contains(Stage.TEMPLATE) || done.contains(Stage.SEW)) {
            return Made.GATHERED;
        }
        return done.contains(Stage.PAPER) ? Made.CUT : Made.PLANNED;
    }

    /** Its cover is sewn with it, or it is left as it is sewn. */
    private static boolean standsOnceSewn(BookPlan plan) {
        return plan.worked().coveredFirst() || plan.covering().closed().stuff().isEmpty();
    }

    /** Sheets of several sizes lie on each other; the size that most are of is what is seen. */
    private static Pile sheets(BookPlan plan, Pile block) {
        Demand most = plan.papers().get(0).forSheets().get(0);
        return new Pile(most.width(), most.height(), plan.gathered().match(OnBench::flat, singly -> block.thickness()));
    }

    /** Unfolded, each sheet lies once; a folded block has it twice. */
    private static Length flat(Gathered.InSignatures folded) {
        return Length.ofMm(folded.block().pressed().result().number() / 2);
    }
}
