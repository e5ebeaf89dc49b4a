package itomichi.remarks;

import itomichi.finding.Remark.Mend;
import itomichi.gathering.Comfort;
import itomichi.gathering.Extent;
import itomichi.gathering.Form;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.gathering.SplitWish;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Blanks;
import itomichi.plan.Gatherer;
import itomichi.spec.BookLimits;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What is to be said about folds: blank pages, how thick they are, how far they creep. Limits are common practice. */
final class GatherRemarks {

    /** Creep that the eye sees at the fore edge. */
    static final Length CREEP_SEEN = Length.ofMm(1.5);

    private final BookSpec spec;
    private final List<Draft> remarks = new ArrayList<>();

    private GatherRemarks(BookSpec spec) {
        this.spec = spec;
    }

    static List<Draft> of(BookSpec spec, Gathered gathered) {
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
            remarks.add(Draft.note(
                            "blanks",
                            Phrase.of(
                                    "{} pages fold to {}: page{} {} stay{} blank.",
                                    spec.pages(),
                                    gathered.pages(),
                                    one ? "" : "s",
                                    blanks.named(),
                                    one ? "s" : ""))
                    .mendedBy(() -> pages(gathered.pages())));
        } else if (spec.pages() > gathered.pages()) {
            remarks.add(Draft.stop(
                            "pages-lost",
                            Phrase.of(
                                    "{} pages are wanted; the sheets as they are gathered hold {}.",
                                    spec.pages(),
                                    gathered.pages()))
                    .mendedBy(
                            Phrase.of("Take as many signatures as the pages want"),
                            spec.withGathering(spec.gathering().withChosen(Optional.empty())))
                    .lastly(() -> fewerPages(gathered.pages())));
        }
    }

    /** Fewer pages are a mend where no more than a signature's worth of them goes. */
    private Stream<Mend<BookSpec>> fewerPages(int pages) {
        double sheetMm = spec.thickness(spec.paper()).length().mm();
        int sheets = (int) (Comfort.AMONG_OTHERS.most().mm() / (2 * sheetMm));
        int worth = sheets * Extent.pagesPerSheet(true);
        return spec.pages() - pages <= worth ? pages(pages) : Stream.of();
    }

    private Stream<Mend<BookSpec>> pages(int pages) {
        return pages > 0 && pages <= BookLimits.MOST_PAGES
                ? Stream.of(new Mend<>(Phrase.of("Make it {} pages", pages), spec.withPages(pages)))
                : Stream.of();
    }

    private void oneFold(Gathered.InSignatures folded) {
        Signature signature = folded.thickest();
        Length thick = signature.laidFlat().times(2);
        Length sheet = Length.ofMm(signature.laidFlat().mm() / signature.count());
        Comfort comfort = spec.bound().form().comfort();
        int fitting = (int) Math.floor(comfort.most().mm() / (2 * sheet.mm())) * Extent.pagesPerSheet(true);
        Phrase so = Phrase.of("{} sheets fold to {}", signature.count(), thick.at(Fineness.BUNDLE));
        if (thick.isMoreThan(Comfort.UNSEWABLE)) {
            thinner(
                    fitting,
                    Draft.stop(
                            "fold-unsewable",
                            Phrase.of(
                                    "{}: over {} no awl goes straight through one fold. Divide them into signatures.",
                                    so,
                                    Comfort.UNSEWABLE.at(Fineness.CUT))));
        } else if (thick.isMoreThan(Comfort.SPRINGS)) {
            thinner(
                    fitting,
                    Draft.caution(
                            "fold-springs",
                            Phrase.of(
                                    "{}: over {} a single signature springs open.",
                                    so,
                                    Comfort.SPRINGS.at(Fineness.CUT))));
        } else if (thick.isMoreThan(comfort.most())) {
            thinner(
                    fitting,
                    Draft.note(
                            "fold-thick",
                            Phrase.of(
                                    "{}: up to {} is comfortable in one fold.",
                                    so,
                                    comfort.most().at(Fineness.CUT))));
        }
    }

    private void thinner(int pages, Draft remark) {
        boolean plain = spec.gathering().recipes().isEmpty();
        remarks.add(
                plain
                        ? remark.mendedByTwo(() -> Rebinding.inSignatures(spec)).lastly(() -> fewerPages(pages))
                        : remark);
    }

    private void folds(Gathered.InSignatures folded) {
        Form form = spec.bound().form();
        Comfort comfort = form.comfort();
        Signature thickest = folded.thickest();
        Length thick = thickest.laidFlat().times(2);
        int signatures = folded.sharing().signatures();
        spec.gathering()
                .chosen()
                .filter(chosen -> chosen.signatures() != signatures
                        && spec.gathering().recipes().isEmpty())
                .ifPresent(chosen -> remarks.add(replaced(chosen.signatures(), folded)));
        if (signatures < form.fewest() || signatures > form.most()) {
            remarks.add(Draft.stop(
                    "signatures-count",
                    Phrase.of("{} signatures; it takes from {} to {}.", signatures, form.fewest(), form.most())));
        }
        if (thick.isMoreThan(Comfort.UNSEWABLE)) {
            remarks.add(better(Draft.stop(
                    "fold-unsewable",
                    Phrase.of(
                            "{} sheets fold to {}: over {} no awl goes straight through one fold.",
                            thickest.count(),
                            thick.at(Fineness.BUNDLE),
                            Comfort.UNSEWABLE.at(Fineness.CUT)))));
        } else if (thick.isMoreThan(comfort.most())) {
            remarks.add(better(Draft.caution(
                    "fold-thick",
                    Phrase.of(
                            "{} sheets fold to {}: over {} a signature gapes and creeps.",
                            thickest.count(),
                            thick.at(Fineness.BUNDLE),
                            comfort.most().at(Fineness.BUNDLE)))));
        } else if (thick.isLessThan(comfort.least()) && signatures > form.fewest()) {
            remarks.add(better(Draft.note(
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
            remarks.add(Draft.caution(
                            "wishes-too-narrow",
                            Phrase.of("No split of {} pages meets every wish; the wishes are not kept.", spec.pages()))
                    .mendedBy(
                            Phrase.of("Drop the wishes"),
                            spec.withGathering(spec.gathering().withWish(SplitWish.NONE))));
        }
    }

    private Draft replaced(int settled, Gathered.InSignatures folded) {
        Form form = spec.bound().form();
        int signatures = folded.sharing().signatures();
        return Draft.stop(
                        "signatures-replaced",
                        Phrase.of(
                                "{} signature{} settled on; {} takes {}. What is shown is planned with {}.",
                                settled,
                                settled == 1 ? " was" : "s were",
                                spec.bound().name().toLowerCase(Locale.ROOT),
                                form.most() == Form.MOST_SIGNATURES
                                        ? form.fewest() + " or more"
                                        : form.fewest() == form.most()
                                                ? "" + form.fewest()
                                                : form.fewest() + " to " + form.most(),
                                signatures))
                .mendedBy(
                        Phrase.of("Take {} sheets", folded.sharing().words()),
                        spec.withGathering(spec.gathering()
                                .withChosen(Optional.of(new GatherWish.Chosen(
                                        signatures, folded.sharing().even())))))
                .mendedByTwo(() -> Rebinding.inSignatures(spec));
    }

    private boolean noSplitLeft() {
        return spec.gathering().recipes().isEmpty()
                && spec.gathering().chosen().isEmpty()
                && Gatherer.splits(spec).isEmpty();
    }

    /** Mended by the best split, where another is settled on and sheets are all alike. */
    private Draft better(Draft remark) {
        boolean settled = spec.gathering().chosen().isPresent()
                && spec.gathering().recipes().isEmpty();
        Draft divided = settled ? remark.mendedBy(this::bestSplit) : remark;
        return spec.bound().form().most() < Form.MOST_SIGNATURES
                ? divided.mendedByTwo(() -> Rebinding.inSignatures(spec))
                : divided;
    }

    private Stream<Mend<BookSpec>> bestSplit() {
        return Gatherer.splits(spec).stream()
                .limit(1)
                .map(split -> new Mend<>(
                        Phrase.of(
                                "Take {} sheets, {} folded",
                                split.sharing().words(),
                                split.fold().at(Fineness.BUNDLE)),
                        spec.withGathering(spec.gathering().withChosen(Optional.empty()))));
    }

    private void creep(Signature thickest) {
        Length creep = thickest.creep().length();
        if (creep.isMoreThan(CREEP_SEEN) && !spec.leaf().trimmed()) {
            remarks.add(Draft.note(
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
