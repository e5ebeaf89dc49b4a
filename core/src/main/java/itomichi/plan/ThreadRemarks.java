package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.PathFault;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is to be said about thread, needle and path. */
final class ThreadRemarks {

    /** A thread in work at once, in heights of the book; longer ones tangle. Common practice, no published source. */
    static final double WORKABLE_HEIGHTS = 15;

    private final BookSpec spec;
    private final List<Remark<BookSpec>> remarks = new ArrayList<>();

    private ThreadRemarks(BookSpec spec) {
        this.spec = spec;
    }

    static List<Remark<BookSpec>> of(BookSpec spec, Length cut, List<PathFault> pathFaults) {
        ThreadRemarks remarks = new ThreadRemarks(spec);
        remarks.thread(cut);
        for (PathFault fault : pathFaults) {
            remarks.remarks.add(Remark.stop(
                    "path-" + fault.kind().name().toLowerCase(Locale.ROOT), Phrase.of("{}", fault.words())));
        }
        return remarks.remarks;
    }

    private void thread(Length cut) {
        double heights =
                cut.mm() / spec.thread().strands() / spec.leaf().height().mm();
        if (heights > WORKABLE_HEIGHTS) {
            remarks.add(Remark.note(
                    "thread-long",
                    Phrase.of(
                            "The thread is {} heights long: past {} it tangles. Wax it well and draw it through by halves.",
                            Math.round(heights),
                            Math.round(WORKABLE_HEIGHTS))));
        }
        Length diameter = Length.ofMm(spec.thread().thread().diameter().result().number());
        if (spec.thread().needleEye().isLessThan(diameter)) {
            remarks.add(Remark.caution(
                    "needle-narrow",
                    Phrase.of(
                            "The needle is {} wide at its eye, the thread {} thick: it will not go in.",
                            spec.thread().needleEye().at(Fineness.CALIPER),
                            diameter.at(Fineness.CALIPER))));
        }
        if (spec.thread().tail().isLessThan(Length.ofMm(50))) {
            remarks.add(Remark.<BookSpec>caution(
                            "tail-short",
                            Phrase.of(
                                    "Tails of {} are hard to tie: 50 to 100 mm is usual.",
                                    spec.thread().tail().at(Fineness.THREAD)))
                    .mendedBy(
                            Phrase.of("Leave tails of {}", Length.ofMm(75).at(Fineness.THREAD)),
                            spec.withSewing(spec.thread().withTail(Length.ofMm(75)))));
        }
    }
}
