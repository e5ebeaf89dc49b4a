package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.gathering.Comfort;
import itomichi.gathering.Extent;
import itomichi.gathering.Form;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.gathering.Split;
import itomichi.gathering.SplitWish;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Blanks;
import itomichi.plan.Gatherer;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said about folds: blank pages, how thick they are, how far they creep. Limits are common practice. */
final class GatherRemarks {

    /** Creep that the eye sees at the fore edge. */
    static final Length CREEP_SEEN = Length.ofMm(1.5);

    private final BookSpec spec;
    private final List<Remark<BookSpec>> remarks = new ArrayList<>();

    private GatherRemarks(BookSpec spec) {
        this.spec = spec;
    }

    static List<Remark<BookSpec>> of(BookSpec spec, Gathered gathered) {
        GatherRemarks said = new GatherRemarks(spec);
        said.blanks(gathered);
        gathered.folded().ifPresent(folded -> {
            if (spec.bound().form().most() == 1) {
                said.oneFold(folded);
            } else {
                said.folds(folded);
            }
            said.creep(folded.thickest());
        });
        return said.remarks;
    }

    private void blanks(Gathered gathered) {
        Blanks blanks = Blanks.of(spec, gathered);
        if (blanks.count() > 0) {
            boolean one = blanks.count() == 1;
            remarks.add(Remark.<BookSpec>note(
                            "blanks",
                            Phrase.of(
                                    "{} pages fold to {}: page{} {} stay{} blank.",
                                    spec.pages(),
                                    gathered.pages(),
                                    one ? "" : "s",
                                    blanks.named(),
                                    one ? "s" : ""))
                    .mendedBy(Phrase.of("Make it {} pages", gathered.pages()), spec.withPages(gathered.pages())));
        } else if (spec.pages() > gathered.pages()) {
            remarks.add(Remark.<BookSpec>stop(
                            "pages-lost",
                            Phrase.of(
                                    "{} pages are wanted; the sheets as they are gathered hold {}.",
                                    spec.pages(),
                                    gathered.pages()))
                    .mendedBy(Phrase.of("Make it {} pages", gathered.pages()), spec.withPages(gathered.pages())));
        }
    }

    private void oneFold(Gathered.InSignatures folded) {
        Signature signature = folded.thickest();
        Length thick = signature.laidFlat().times(2);
        Length sheet = Length.ofMm(signature.laidFlat().mm() / signature.count());
        Comfort comfort = spec.bound().form().comfort();
        int fitting = (int) Math.floor(comfort.most().mm() / (2 * sheet.mm())) * Extent.pagesPerSheet(true);
        Phrase mend = Phrase.of(
                "Make it {} pages, {} folded",
                fitting,
                Length.ofMm(fitting / 2.0 * sheet.mm()).at(Fineness.BUNDLE));
        Phrase so = Phrase.of("{} sheets fold to {}", signature.count(), thick.at(Fineness.BUNDLE));
        if (thick.isMoreThan(Comfort.UNSEWABLE)) {
            thinner(
                    fitting,
                    mend,
                    Remark.stop(
                            "fold-unsewable",
                            Phrase.of(
                                    "{}: over {} no awl goes straight through one fold. Divide them into signatures.",
                                    so,
                                    Comfort.UNSEWABLE.at(Fineness.CUT))));
        } else if (thick.isMoreThan(Comfort.SPRINGS)) {
            thinner(
                    fitting,
                    mend,
                    Remark.caution(
                            "fold-springs",
                            Phrase.of(
                                    "{}: over {} a single signature springs open.",
                                    so,
                                    Comfort.SPRINGS.at(Fineness.CUT))));
        } else if (thick.isMoreThan(comfort.most())) {
            thinner(
                    fitting,
                    mend,
                    Remark.note(
                            "fold-thick",
                            Phrase.of(
                                    "{}: up to {} is comfortable in one fold.",
                                    so,
                                    comfort.most().at(Fineness.CUT))));
        }
    }

    private void thinner(int pages, Phrase mend, Remark<BookSpec> remark) {
        boolean plain = spec.gathering().recipes().isEmpty();
        remarks.add(pages < 1 || !plain ? remark : remark.mendedBy(mend, spec.withPages(pages)));
    }

    private void folds(Gathered.InSignatures folded) {
        Form form = spec.bound().form();
        Comfort comfort = form.comfort();
        Signature thickest = folded.thickest();
        Length thick = thickest.laidFlat().times(2);
        int signatures = folded.sharing().signatures();
        if (signatures < form.fewest() || signatures > form.most()) {
            remarks.add(Remark.stop(
                    "signatures-count",
                    Phrase.of("{} signatures; it takes from {} to {}.", signatures, form.fewest(), form.most())));
        }
        if (thick.isMoreThan(Comfort.UNSEWABLE)) {
            remarks.add(better(Remark.stop(
                    "fold-unsewable",
                    Phrase.of(
                            "{} sheets fold to {}: over {} no awl goes straight through one fold.",
                            thickest.count(),
                            thick.at(Fineness.BUNDLE),
                            Comfort.UNSEWABLE.at(Fineness.CUT)))));
        } else if (thick.isMoreThan(comfort.most())) {
            remarks.add(better(Remark.caution(
                    "fold-thick",
                    Phrase.of(
                            "{} sheets fold to {}: over {} a signature gapes and creeps.",
                            thickest.count(),
                            thick.at(Fineness.BUNDLE),
                            comfort.most().at(Fineness.BUNDLE)))));
        } else if (thick.isLessThan(comfort.least()) && signatures > form.fewest()) {
            remarks.add(better(Remark.note(
                    "fold-thin",
                    Phrase.of(
                            "{} sheet{} fold{} to {}: under {} there is much sewing for little book.",
                            thickest.count(),
                            thickest.count() == 1 ? "" : "s",
                            thickest.count() == 1 ? "s" : "",
                            thick.at(Fineness.BUNDLE),
                            comfort.least().at(Fineness.BUNDLE)))));
        }
        if (noSplitLeft()) {
            remarks.add(Remark.<BookSpec>caution(
                            "wishes-too-narrow",
                            Phrase.of("No split of {} pages meets every wish; the wishes are not kept.", spec.pages()))
                    .mendedBy(
                            Phrase.of("Drop the wishes"),
                            spec.withGathering(spec.gathering().withWish(SplitWish.NONE))));
        }
    }

    private boolean noSplitLeft() {
        return spec.gathering().recipes().isEmpty()
                && spec.gathering().chosen().isEmpty()
                && Gatherer.splits(spec).isEmpty();
    }

    /** Mended by the best split, where another is settled on and sheets are all alike. */
    private Remark<BookSpec> better(Remark<BookSpec> remark) {
        Optional<Split> best = spec.gathering().chosen().isPresent()
                        && spec.gathering().recipes().isEmpty()
                ? Gatherer.splits(spec).stream().findFirst()
                : Optional.empty();
        return best.map(split -> remark.mendedBy(
                        Phrase.of(
                                "Take {} sheets, {} folded",
                                split.sharing().words(),
                                split.fold().at(Fineness.BUNDLE)),
                        spec.withGathering(spec.gathering().withChosen(Optional.empty()))))
                .orElse(remark);
    }

    private void creep(Signature thickest) {
        Length creep = thickest.creep().length();
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
}
