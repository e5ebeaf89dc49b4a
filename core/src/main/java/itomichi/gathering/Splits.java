package itomichi.gathering;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.BenchTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Ranks every sensible way of dividing sheets into signatures.
 *
 * <p>Each count of signatures gives one split with the sheets shared as evenly as can be, and, where they do not divide, a second one
 * filled up to even signatures with blank pages. What speaks against a split is added up; weights are this product's own judgement of
 * common practice. Cost: linear in the number of sheets.
 */
public final class Splits {

    /** Folds thinner than this share of the least comfortable thickness are not worth showing. */
    private static final double THINNEST = 0.4;
    /** Folds thicker than this share of the most comfortable thickness are not worth showing. */
    private static final double THICKEST = 2;

    private static final double GOOD_WEDGE = 0.10;

    private Splits() {}

    /** The sensible splits, the best first; empty if the wishes leave none. */
    public static List<Split> rank(SplitQuestion question) {
        List<Candidate> candidates = candidates(question, true);
        if (candidates.isEmpty()) {
            candidates = candidates(question, false);
        }
        return candidates.stream()
                .map(Candidate::split)
                .sorted(Comparator.comparingDouble(Split::drawback)
                        .thenComparingInt(split -> split.sharing().signatures()))
                .toList();
    }

    private static List<Candidate> candidates(SplitQuestion question, boolean sensible) {
        int sheets = question.sheets();
        Form form = question.form();
        SplitWish wish = question.wish();
        List<Candidate> candidates = new ArrayList<>();
        int most = Math.min(form.most(), Math.max(sheets, form.fewest()));
        for (int n = form.fewest(); n <= most; n++) {
            if (wish.signatures().isPresent() && wish.signatures().get() != n) {
                continue;
            }
            int full = Math.max(1, (sheets + n - 1) / n);
            if (sheets >= n && sheets % n != 0) {
                add(candidates, new Candidate(question, n, sheets), sensible);
            }
            add(candidates, new Candidate(question, n, n * full), sensible);
            // a fixed number of sheets may leave whole signatures half empty; more than one is not a split of this book
            int fixed = wish.sheetsEach().orElse(full);
            if (fixed > full && (long) fixed * (n - 1) < sheets) {
                add(candidates, new Candidate(question, n, n * fixed), sensible);
            }
        }
        return candidates;
    }

    private static void add(List<Candidate> candidates, Candidate candidate, boolean sensible) {
        SplitQuestion question = candidate.question();
        SplitWish wish = question.wish();
        boolean fits = wish.sheetsEach()
                        .map(each -> candidate.even() && candidate.most() == each)
                        .orElse(true)
                && wish.mostSheets().map(most -> candidate.most() <= most).orElse(true);
        boolean asked = wish.signatures().isPresent() || wish.sheetsEach().isPresent();
        Comfort comfort = question.form().comfort();
        double foldMm = candidate.foldMm();
        boolean worth = foldMm >= THINNEST * comfort.least().mm()
                && foldMm <= THICKEST * comfort.most().mm();
        if (fits && (worth || asked || !sensible)) {
            candidates.add(candidate);
        }
    }

    /** A split on its way to being judged. */
    private record Candidate(SplitQuestion question, int signatures, int sheets) {

        /** Sheets of the fullest signature. */
        int most() {
            return (sheets + signatures - 1) / signatures;
        }

        boolean even() {
            return sheets % signatures == 0;
        }

        /** An odd one over finds its middle only where the signatures are odd too. */
        private boolean symmetric() {
            return sheets % signatures % 2 == 0 || signatures % 2 == 1;
        }

        double foldMm() {
            return 2 * most() * question.sheet().mm();
        }

        private int sewn() {
            return signatures + (question.wish().endpapersApart() ? 2 : 0);
        }

        private int sewnSheets() {
            return sheets + (question.wish().endpapersApart() ? 2 : 0);
        }

        int holes() {
            return sewn() * question.holesEach();
        }

        double minutes() {
            return BenchTime.minutes(sewnSheets(), holes(), holes());
        }

        private int blanks() {
            return sheets * Extent.pagesPerSheet(true) - question.pages();
        }

        private double swellMm() {
            return question.thread().swellMm(sewn());
        }

        private double pressedMm() {
            return 2 * sewnSheets() * question.sheet().mm();
        }

        private double spineMm() {
            return pressedMm() * (1 + question.pressing().spring()) + swellMm();
        }

        private double wedge() {
            double foreEdgeMm = pressedMm() + question.pasteIns().mm();
            return (spineMm() - foreEdgeMm) / foreEdgeMm;
        }

        Split split() {
            Sharing sharing = Sharing.of(sheets, signatures);
            return new Split(
                    sharing,
                    blanks(),
                    Length.ofMm(foldMm()),
                    Length.ofMm(Math.PI / 2 * (most() - 1) * question.sheet().mm()),
                    Length.ofMm(swellMm()),
                    Length.ofMm(spineMm()),
                    wedge(),
                    holes(),
                    question.leafHeight()
                            .times(question.thread().strands()
                                    * (question.threadHeightsEach() * sewn() + question.threadHeightsBesides())),
                    minutes(),
                    drawback(),
                    reasons(sharing));
        }

        /** What speaks against it, added up. A drawback of 1 is about what makes a binder choose another split. */
        private double drawback() {
            Comfort comfort = question.form().comfort();
            double sum = 0;
            double foldMm = foldMm();
            if (foldMm > comfort.most().mm()) {
                sum += 4 * Math.log(foldMm / comfort.most().mm());
            } else if (foldMm < comfort.least().mm()) {
                sum += 2 * Math.log(comfort.least().mm() / foldMm);
            }
            if (comfort.least().isMoreThan(Length.ZERO)) {
                // among comfortable folds the middling one: few sheets make much sewing, many creep
                double middleMm =
                        Math.sqrt(comfort.least().mm() * comfort.most().mm());
                sum += 0.5 * Math.abs(Math.log(foldMm / middleMm));
            }
            sum += 5 * Math.max(0, Math.abs(wedge()) - GOOD_WEDGE);
            sum += even() ? 0 : 0.2;
            sum += symmetric() ? 0 : 0.1;
            sum += 4.0 * blanks() / question.pages();
            sum += question.wish().odd() && signatures % 2 == 0 ? 0.6 : 0;
            sum += 0.3 * Math.log(minutes() / 60);
            return sum;
        }

        private List<Split.Reason> reasons(Sharing sharing) {
            List<Split.Reason> reasons = new ArrayList<>();
            fold(reasons);
            wedge(reasons);
            if (blanks() == 0) {
                reasons.add(new Split.Reason(true, Phrase.of("no page stays blank")));
            } else {
                reasons.add(new Split.Reason(
                        false,
                        Phrase.of(
                                "{} page{} stay{} blank",
                                blanks(),
                                blanks() == 1 ? "" : "s",
                                blanks() == 1 ? "s" : "")));
            }
            if (!even()) {
                reasons.add(new Split.Reason(
                        false,
                        Phrase.of(
                                "{} ha{} a sheet more",
                                sharing.fullerWords(),
                                sharing.fuller().size() == 1 ? "s" : "ve")));
            }
            if (!symmetric()) {
                reasons.add(new Split.Reason(false, Phrase.of("the run is not the same from both ends")));
            }
            if (question.wish().odd()) {
                boolean odd = signatures % 2 == 1;
                reasons.add(new Split.Reason(odd, Phrase.of(odd ? "one signature is the middle" : "an even number")));
            }
            return reasons;
        }

        private void fold(List<Split.Reason> reasons) {
            Comfort comfort = question.form().comfort();
            if (foldMm() > comfort.most().mm()) {
                reasons.add(new Split.Reason(
                        false,
                        Phrase.of(
                                "a fold over {} gapes and creeps",
                                comfort.most().at(Fineness.BUNDLE))));
            } else if (foldMm() < comfort.least().mm()) {
                reasons.add(new Split.Reason(
                        false,
                        Phrase.of(
                                "a fold under {} makes much sewing",
                                comfort.least().at(Fineness.BUNDLE))));
            } else {
                reasons.add(new Split.Reason(true, Phrase.of("a comfortable fold")));
            }
        }

        private void wedge(List<Split.Reason> reasons) {
            long percent = Math.round(wedge() * 100);
            if (Math.abs(wedge()) > GOOD_WEDGE) {
                reasons.add(new Split.Reason(
                        false,
                        wedge() > 0
                                ? Phrase.of("a wedge of {}\u202f%, thick at the spine", percent)
                                : Phrase.of("a wedge of {}\u202f%, thick at the fore edge", -percent)));
            } else {
                reasons.add(new Split.Reason(true, Phrase.of("hardly a wedge")));
            }
        }
    }
}
