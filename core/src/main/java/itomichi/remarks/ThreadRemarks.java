package itomichi.remarks;

import itomichi.material.ThreadPractice;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.PathFault;
import itomichi.plan.SewingPlan;
import itomichi.spec.BookSpec;
import itomichi.spec.StitchWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is to be said about thread, needle and path. */
final class ThreadRemarks {

    private final BookSpec spec;
    private final List<Draft> remarks = new ArrayList<>();

    private ThreadRemarks(BookSpec spec) {
        this.spec = spec;
    }

    static List<Draft> of(BookSpec spec, SewingPlan sewing) {
        ThreadRemarks remarks = new ThreadRemarks(spec);
        remarks.length(sewing);
        remarks.thread();
        remarks.even(sewing);
        for (PathFault fault : sewing.pathFaults()) {
            remarks.remarks.add(
                    Draft.stop("path-" + fault.kind().name().toLowerCase(Locale.ROOT), Phrase.of("{}", fault.words())));
        }
        return remarks.remarks;
    }

    /** A thread that is too long to work with is parted at the ends of signatures, where it can be. */
    private void length(SewingPlan sewing) {
        double heights = sewing.need().longest().mm()
                / spec.thread().strands()
                / spec.leaf().height().mm();
        boolean onePiece =
                !sewing.stitching().goesOn() && sewing.need().pieces().size() == 1;
        boolean partsWanted = spec.stitch().threads() != StitchWish.Threads.ONE;
        double most = onePiece && partsWanted ? spec.stitch().workHeights() : ThreadPractice.TANGLES_HEIGHTS;
        if (heights <= most) {
            return;
        }
        Draft remark = Draft.note(
                "thread-long",
                Phrase.of(
                        "The thread is {} heights long: past {} it tangles. {}",
                        Math.round(heights),
                        Math.round(most),
                        sewing.stitching().goesOn()
                                ? "Join another at the end of a signature."
                                : "It cannot be parted: wax it well and draw it through by halves."));
        boolean parts = sewing.stitching().goesOn() && spec.stitch().threads() == StitchWish.Threads.ONE;
        remarks.add(
                parts
                        ? remark.mendedBy(
                                Phrase.of(
                                        "Sew with threads of up to {} heights",
                                        Math.round(spec.stitch().workHeights())),
                                spec.withStitch(spec.stitch().withThreads(StitchWish.Threads.WORKABLE)))
                        : remark);
    }

    private void even(SewingPlan sewing) {
        boolean pamphlet = sewing.stitching().choosesKnot();
        if (pamphlet && sewing.choice().stations() % 2 == 0) {
            remarks.add(Draft.note(
                    "no-centre",
                    Phrase.of(
                            "{} stations have no centre: it begins at hole {}, and the knot sits beside it, not over a long stitch.",
                            sewing.choice().stations(),
                            sewing.choice().stations() / 2)));
        }
    }

    private void thread() {
        Length diameter = Length.ofMm(spec.thread().thread().diameter().result().number());
        if (spec.thread().needleEye().isLessThan(diameter)) {
            remarks.add(Draft.caution(
                    "needle-narrow",
                    Phrase.of(
                            "The needle is {} wide at its eye, the thread {} thick: it will not go in.",
                            spec.thread().needleEye().at(Fineness.CALIPER),
                            diameter.at(Fineness.CALIPER))));
        }
        if (spec.thread().tail().isLessThan(ThreadPractice.TAIL_SHORT)) {
            remarks.add(Draft.caution(
                            "tail-short",
                            Phrase.of(
                                    "Tails of {} are hard to tie: {} to {} is usual.",
                                    spec.thread().tail().at(Fineness.THREAD),
                                    ThreadPractice.TAIL_SHORT.at(Fineness.THREAD),
                                    ThreadPractice.TAIL_LONG.at(Fineness.THREAD)))
                    .mendedBy(
                            Phrase.of("Leave tails of {}", ThreadPractice.TAIL_USUAL.at(Fineness.THREAD)),
                            spec.withThread(spec.thread().withTail(ThreadPractice.TAIL_USUAL))));
        }
    }
}
