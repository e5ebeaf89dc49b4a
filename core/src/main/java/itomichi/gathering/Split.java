package itomichi.gathering;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.WorkTime;
import java.util.ArrayList;
import java.util.List;

/**
 * One way of dividing a book's sheets into signatures. Its figures are worked out when they are asked for: a ranking compares hundreds of
 * splits and shows a dozen.
 *
 * @param question what it answers
 * @param signatures how many, endpapers not counted
 * @param sheets in all of them, at least one in each
 * @param drawback how much speaks against it, in no unit; the least is best, and 1 is about what makes a binder choose another
 */
public record Split(SplitQuestion question, int signatures, int sheets, double drawback) {

    /** Under this share a wedge is not felt; common practice, no published source. */
    public static final double GOOD_WEDGE = 0.10;

    /**
     * A reason.
     *
     * @param speaksFor whether it speaks for the split or against it
     * @param words the reason
     */
    public record Reason(boolean speaksFor, Phrase words) {}

    static Split of(SplitQuestion question, int signatures, int sheets) {
        return new Split(question, signatures, sheets, new Split(question, signatures, sheets, 0).weighed());
    }

    /** Sheets in each signature. */
    public Sharing sharing() {
        return Sharing.of(sheets, signatures);
    }

    /** Thickness of the fullest folded signature. */
    public Length fold() {
        return Length.ofMm(foldMm());
    }

    /** Creep of the fullest signature. */
    public Length creep() {
        return Length.ofMm(Math.PI / 2 * (most() - 1) * question.sheet().mm());
    }

    /** Swell that the thread adds. */
    public Length swell() {
        return Length.ofMm(swellMm());
    }

    /** Thickness at the spine. */
    public Length spine() {
        return Length.ofMm(spineMm());
    }

    /** Thread for the whole book, by rule of thumb. */
    public Length thread() {
        return question.leafHeight()
                .times(question.thread().strands()
                        * (question.threadHeightsEach() * sewn() + question.threadHeightsBesides()));
    }

    /** Sheets of the fullest signature. */
    public int most() {
        return (sheets + signatures - 1) / signatures;
    }

    /** Whether all signatures are alike. */
    public boolean even() {
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

    /** Holes to punch in all. */
    public int holes() {
        return sewn() * question.holesEach();
    }

    /** Minutes at the bench. */
    public double minutes() {
        return WorkTime.minutes(sewnSheets(), holes(), holes());
    }

    /** Pages that nobody asked for. */
    public int blanks() {
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

    /** How much thicker the spine is than the fore edge, as a share; negative where the fore edge is the thicker. */
    public double wedge() {
        double foreEdgeMm = pressedMm() + question.pasteIns().mm();
        return (spineMm() - foreEdgeMm) / foreEdgeMm;
    }

    /** What speaks against it, added up. */
    private double weighed() {
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
            double middleMm = Math.sqrt(comfort.least().mm() * comfort.most().mm());
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

    /** What speaks for and against it. */
    public List<Reason> reasons() {
        Sharing sharing = sharing();
        List<Reason> reasons = new ArrayList<>();
        fold(reasons);
        wedge(reasons);
        if (blanks() == 0) {
            reasons.add(new Reason(true, Phrase.of("no page stays blank")));
        } else {
            reasons.add(new Reason(
                    false,
                    Phrase.of("{} page{} stay{} blank", blanks(), blanks() == 1 ? "" : "s", blanks() == 1 ? "s" : "")));
        }
        if (!even()) {
            reasons.add(new Reason(
                    false,
                    Phrase.of(
                            "{} ha{} a sheet more",
                            sharing.fullerWords(),
                            sharing.fuller().size() == 1 ? "s" : "ve")));
        }
        if (!symmetric()) {
            reasons.add(new Reason(false, Phrase.of("the run is not the same from both ends")));
        }
        if (question.wish().odd()) {
            boolean odd = signatures % 2 == 1;
            reasons.add(new Reason(odd, Phrase.of(odd ? "one signature is the middle" : "an even number")));
        }
        return reasons;
    }

    private void fold(List<Reason> reasons) {
        Comfort comfort = question.form().comfort();
        if (foldMm() > comfort.most().mm()) {
            reasons.add(new Reason(
                    false,
                    Phrase.of("a fold over {} gapes and creeps", comfort.most().at(Fineness.BUNDLE))));
        } else if (foldMm() < comfort.least().mm()) {
            reasons.add(new Reason(
                    false,
                    Phrase.of(
                            "a fold under {} makes much sewing", comfort.least().at(Fineness.BUNDLE))));
        } else {
            reasons.add(new Reason(true, Phrase.of("a comfortable fold")));
        }
    }

    private void wedge(List<Reason> reasons) {
        long percent = Math.round(wedge() * 100);
        if (Math.abs(wedge()) > GOOD_WEDGE) {
            reasons.add(new Reason(
                    false,
                    wedge() > 0
                            ? Phrase.of("a wedge of {}\u202f%, thick at the spine", percent)
                            : Phrase.of("a wedge of {}\u202f%, thick at the fore edge", -percent)));
        } else {
            reasons.add(new Reason(true, Phrase.of("hardly a wedge")));
        }
    }
}
