package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.gathering.Signature;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.PathFault;
import itomichi.station.StationFault;
import itomichi.station.StationScheme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a pamphlet's plan has to say for itself. Limits are common practice, no published source. */
final class Remarks {

    /** A single fold is comfortable up to here. */
    static final Length COMFORTABLE = Length.ofMm(3.5);
    /** Past here it springs open. */
    static final Length SPRINGS = Length.ofMm(6);
    /** Past here no awl goes straight through the fold in one go. */
    static final Length UNSEWABLE = Length.ofMm(15);
    /** Creep that the eye sees at the fore edge. */
    static final Length CREEP_SEEN = Length.ofMm(1.5);
    /** A thread in work at once, in heights of the book; longer ones tangle. */
    static final double WORKABLE_HEIGHTS = 15;
    /** Margins set afresh when the ones given do not fit: a tenth of the height at each end. */
    private static final double FRESH_SHARE = 0.1;

    private final BookSpec spec;
    private final Signature signature;
    private final List<StationFault> stationFaults;
    private final List<Remark<BookSpec>> remarks = new ArrayList<>();

    Remarks(BookSpec spec, Signature signature, List<StationFault> stationFaults) {
        this.spec = spec;
        this.signature = signature;
        this.stationFaults = stationFaults;
    }

    List<Remark<BookSpec>> all(Length cut, List<PathFault> pathFaults) {
        blanks();
        grain();
        fold();
        creep();
        stations();
        thread(cut);
        for (PathFault fault : pathFaults) {
            remarks.add(Remark.stop(
                    "path-" + fault.kind().name().toLowerCase(java.util.Locale.ROOT), Phrase.of("{}", fault.words())));
        }
        // the gravest first; else in the order of the work
        remarks.sort(Comparator.comparing((Remark<BookSpec> remark) -> remark.weight())
                .reversed());
        return remarks;
    }

    static boolean marginsFit(BookSpec spec) {
        return !(spec.stations() instanceof StationScheme.Margins margins)
                || margins.headMargin()
                        .plus(margins.tailMargin())
                        .isLessThan(spec.leaf().height());
    }

    private void blanks() {
        if (!signature.blankPages().isEmpty()) {
            boolean one = signature.blankPages().size() == 1;
            remarks.add(Remark.<BookSpec>note(
                            "blanks",
                            Phrase.of(
                                    "{} pages fold to {}: page{} {} stay{} blank.",
                                    spec.pages(),
                                    signature.pages(),
                                    one ? "" : "s",
                                    signature.blanksNamed(),
                                    one ? "s" : ""))
                    .mendedBy(Phrase.of("Make it {} pages", signature.pages()), spec.withPages(signature.pages())));
        }
    }

    private void grain() {
        Paper paper = spec.paper();
        Phrase mend = Phrase.of("Cut the sheets with the grain along the fold");
        BookSpec mended = spec.withPaper(new Paper(paper.name(), paper.grammage(), paper.basis(), Grain.WITH_FOLD));
        if (paper.grain() == Grain.ACROSS_FOLD) {
            remarks.add(Remark.<BookSpec>caution(
                            "grain-across",
                            Phrase.of(
                                    "The grain runs across the fold: it cracks, and the pages stand stiff. Lay the {} side of the cut along the grain.",
                                    spec.leaf().height().at(Fineness.CUT)))
                    .mendedBy(mend, mended));
        } else if (paper.grain() == Grain.UNKNOWN) {
            remarks.add(Remark.<BookSpec>note(
                            "grain-unknown",
                            Phrase.of(
                                    "The grain is not tested: cut a strip each way and see which droops; the stiff one lies along the grain."))
                    .mendedBy(Phrase.of("Tested: it runs along the fold"), mended));
        }
    }

    private void fold() {
        Length thick = signature.sheetThickness().times(2.0 * signature.sheets());
        int fitting = pagesWithin(COMFORTABLE);
        Phrase mend = Phrase.of(
                "Make it {} pages, {} folded",
                fitting,
                Length.ofMm(fitting / 2.0 * signature.sheetThickness().mm()).at(Fineness.BUNDLE));
        if (thick.isMoreThan(UNSEWABLE)) {
            remarks.add(thinner(
                    fitting,
                    mend,
                    Remark.stop(
                            "fold-unsewable",
                            Phrase.of(
                                    "{} sheets fold to {}: over {} no awl goes straight through one fold. Divide them into signatures.",
                                    signature.sheets(),
                                    thick.at(Fineness.BUNDLE),
                                    UNSEWABLE.at(Fineness.CUT)))));
        } else if (thick.isMoreThan(SPRINGS)) {
            remarks.add(thinner(
                    fitting,
                    mend,
                    Remark.caution(
                            "fold-springs",
                            Phrase.of(
                                    "{} sheets fold to {}: over {} a single signature springs open.",
                                    signature.sheets(),
                                    thick.at(Fineness.BUNDLE),
                                    SPRINGS.at(Fineness.CUT)))));
        } else if (thick.isMoreThan(COMFORTABLE)) {
            remarks.add(thinner(
                    fitting,
                    mend,
                    Remark.note(
                            "fold-thick",
                            Phrase.of(
                                    "{} sheets fold to {}: up to {} is comfortable in one fold.",
                                    signature.sheets(),
                                    thick.at(Fineness.BUNDLE),
                                    COMFORTABLE.at(Fineness.CUT)))));
        }
    }

    private int pagesWithin(Length thickness) {
        return (int) Math.floor(thickness.mm() / (2 * signature.sheetThickness().mm())) * Signature.PAGES_PER_SHEET;
    }

    private Remark<BookSpec> thinner(int pages, Phrase mend, Remark<BookSpec> remark) {
        return pages < 1 ? remark : remark.mendedBy(mend, spec.withPages(pages));
    }

    private void creep() {
        Length creep = Length.ofMm(signature.creep().result().number());
        if (creep.isMoreThan(CREEP_SEEN) && !spec.leaf().trimmed()) {
            remarks.add(Remark.<BookSpec>note(
                            "creep-seen",
                            Phrase.of(
                                    "The inner sheets stand out {} at the fore edge. Leave it, and the cover hides it; or trim.",
                                    creep.at(Fineness.BUNDLE)))
                    .mendedBy(
                            Phrase.of("Trim the fore edge to the outer sheet"),
                            spec.withLeaf(new BookSpec.Leaf(
                                    spec.leaf().width(), spec.leaf().height(), true))));
        }
    }

    private void stations() {
        BookSpec afresh =
                spec.withStations(new StationScheme.Share(spec.stations().count(), FRESH_SHARE));
        Phrase words = Phrase.of(
                "Place {} stations afresh, {} from head and tail",
                spec.stations().count(),
                spec.leaf().height().times(FRESH_SHARE).at(Fineness.MARK));
        if (!marginsFit(spec)) {
            StationScheme.Margins margins = (StationScheme.Margins) spec.stations();
            remarks.add(Remark.<BookSpec>stop(
                            "margins-too-wide",
                            Phrase.of(
                                    "Margins of {} and {} leave nothing of a fold of {}; the drawing shows a tenth of the height at each end instead.",
                                    margins.headMargin().at(Fineness.MARK),
                                    margins.tailMargin().at(Fineness.MARK),
                                    spec.leaf().height().at(Fineness.MARK)))
                    .mendedBy(words, afresh));
        }
        boolean gapes = false;
        for (StationFault fault : stationFaults) {
            String key = "station-"
                    + fault.kind().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + "-" + fault.station();
            if (fault.kind() == StationFault.Kind.GAPES) {
                gapes |= gape(key, fault, gapes);
            } else {
                Remark<BookSpec> remark = fault.kind().impossible()
                        ? Remark.stop(key, fault.words())
                        : Remark.caution(key, fault.words());
                remarks.add(remark.mendedBy(words, afresh));
            }
        }
    }

    /** One remark for all gaps that gape: more stations mend them together. */
    private boolean gape(String key, StationFault fault, boolean said) {
        int more = spec.stations().count() + 2;
        if (!said) {
            Remark<BookSpec> remark = Remark.note(key, fault.words());
            remarks.add(
                    spec.sewn().takesStations(more) && !(spec.stations() instanceof StationScheme.Placed)
                            ? remark.mendedBy(Phrase.of("Take {} stations", more), spec.withStations(withCount(more)))
                            : remark);
        }
        return true;
    }

    private StationScheme withCount(int count) {
        return spec.stations() instanceof StationScheme.Margins margins
                ? new StationScheme.Margins(count, margins.headMargin(), margins.tailMargin())
                : new StationScheme.Share(count, ((StationScheme.Share) spec.stations()).share());
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
                            spec.withSewing(withTail(Length.ofMm(75)))));
        }
    }

    private BookSpec.Sewing withTail(Length tail) {
        BookSpec.Sewing sewing = spec.thread();
        return new BookSpec.Sewing(
                sewing.thread(),
                sewing.strands(),
                tail,
                sewing.slackPercent(),
                sewing.needleEye(),
                sewing.knot(),
                sewing.turns());
    }
}
