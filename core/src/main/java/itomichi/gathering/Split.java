package itomichi.gathering;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One way of dividing a book's sheets into signatures. Its figures are worked out when they are asked for: a ranking compares hundreds of
 * splits and shows a dozen.
 *
 * @param question what it answers
 * @param signatures how many, endpapers not counted
 * @param sheets in all of them, at least one in each
 * @param place what comes before any weighing: comfortable, even and without blanks first, a caution last
 * @param drawback how much speaks against it, in no unit; the least is best, and 1 is about what makes a binder choose another
 */
public record Split(SplitQuestion question, int signatures, int sheets, Place place, double drawback) {

    /** Weighs as much that not all signatures are alike. */
    private static final double UNEVEN = 0.2;

    /** Weighs as much that the run is not the same from both ends. */
    private static final double LOPSIDED = 0.1;

    /** Weighs as much that their number is even where an odd one is wished. */
    private static final double UNWISHED = 0.6;

    /** No split of a later place stands before one of an earlier, however they weigh. */
    public enum Place {
        /** Comfortable folds, all alike, no blank pages, odd where that is wished. */
        EVEN,
        /** Nothing to be cautioned against. */
        SOUND,
        /** A fold that gapes, a book that does not close, a cover that tears. */
        CAUTION
    }

    /**
     * A reason.
     *
     * @param speaksFor whether it speaks for the split or against it
     * @param weight how much it speaks against it; 0 where it speaks for it
     * @param words the reason
     */
    public record Reason(boolean speaksFor, double weight, Phrase words) {
        private static Reason in(Phrase words) {
            return new Reason(true, 0, words);
        }

        private static Reason against(double weight, Phrase words) {
            return new Reason(false, weight, words);
        }
    }

    static Split of(SplitQuestion question, int signatures, int sheets) {
        Split unweighed = new Split(question, signatures, sheets, Place.SOUND, 0);
        Wedge wedge = unweighed.wedge();
        double crowded = unweighed.crowded();
        return new Split(
                question, signatures, sheets, unweighed.judged(wedge, crowded), unweighed.weighed(wedge, crowded));
    }

    /** Sheets in each signature. */
    public Sharing sharing() {
        return Sharing.of(sheets, signatures);
    }

    /** Thickness of the fullest folded signature. */
    public Length fold() {
        return Length.ofMm(2 * most() * question.sheet().mm());
    }

    /** Sheets of the fullest signature. */
    public int most() {
        return (sheets + signatures - 1) / signatures;
    }

    /** Sheets that each is filled to, where fewer would hold the pages. */
    public Optional<Integer> filledTo() {
        int enough = (question.sheets() + signatures - 1) / signatures;
        return most() > enough ? Optional.of(most()) : Optional.empty();
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
        // in whole micrometres, as it is held against what is comfortable
        return fold().mm();
    }

    private int sewn() {
        return signatures + (question.wish().endpapersApart() ? 2 : 0);
    }

    private int sewnSheets() {
        return sheets + (question.wish().endpapersApart() ? 2 : 0);
    }

    /** Pages that nobody asked for. */
    public int blanks() {
        return sheets * Extent.pagesPerSheet(true) - question.pages();
    }

    private double pressedMm() {
        return 2 * sewnSheets() * question.sheet().mm();
    }

    private double spineMm() {
        return pressedMm() * (1 + question.springs().share())
                + question.thread().swellMm(question.threads().applyAsInt(sewn()));
    }

    /** How much thicker the spine is than the fore edge. */
    public Wedge wedge() {
        return new Wedge(
                question.back(), spineMm(), pressedMm() + question.pasteIns().mm());
    }

    /** Whether its folds are neither thinner nor thicker than is comfortable. */
    boolean comfortable() {
        return tooThick() == 0 && tooThin() == 0;
    }

    private Place judged(Wedge wedge, double crowded) {
        if (tooThick() > 0 || crowded > 0 || wedge.judgement() == Wedge.Judgement.TOO_THICK) {
            return Place.CAUTION;
        }
        boolean asWished = !question.wish().odd() || signatures % 2 == 1;
        return comfortable() && even() && blanks() == 0 && asWished ? Place.EVEN : Place.SOUND;
    }

    /** What speaks against it, added up: the weights of its reasons, without their words. */
    private double weighed(Wedge wedge, double crowded) {
        return tooThick()
                + crowded
                + tooThin()
                + offTheMiddle()
                + tooWedged(wedge)
                + (even() ? 0 : UNEVEN)
                + (symmetric() ? 0 : LOPSIDED)
                + blank()
                + (question.wish().odd() && signatures % 2 == 0 ? UNWISHED : 0)
                + sewing();
    }

    private static double tooWedged(Wedge wedge) {
        return 5 * wedge.excess();
    }

    private double tooThick() {
        double mostMm = question.form().comfort().most().mm();
        return foldMm() > mostMm ? 4 * Math.log(foldMm() / mostMm) : 0;
    }

    /** How much the rows lie too near to each other on the spine of a cover cut to the book. */
    private double crowded() {
        return question.rows()
                .map(rows -> rows.least().mm() / pitchMm(rows))
                .filter(times -> times > 1)
                .map(times -> 4 * Math.log(times))
                .orElse(0.0);
    }

    private double pitchMm(SplitQuestion.RowsWanted rows) {
        int lines = (sewn() + rows.signatures() - 1) / rows.signatures();
        return Math.round((spineMm() + question.pasteIns().mm()) / (lines + 1) * 1000) / 1000.0;
    }

    private double tooThin() {
        double leastMm = question.form().comfort().least().mm();
        return foldMm() < leastMm ? 2 * Math.log(leastMm / foldMm()) : 0;
    }

    /** Among comfortable folds the middling one: few sheets make much sewing, many creep. */
    private double offTheMiddle() {
        double middleMm = middleMm();
        return middleMm > 0 ? 0.5 * Math.abs(Math.log(foldMm() / middleMm)) : 0;
    }

    private double middleMm() {
        Comfort comfort = question.form().comfort();
        return Math.sqrt(comfort.least().mm() * comfort.most().mm());
    }

    private double blank() {
        return 4.0 * blanks() / question.pages();
    }

    private double sewing() {
        return 0.2 * Math.log(sewn());
    }

    /** What speaks for and against it; the weights of what speaks against it are its {@link #drawback}. */
    public List<Reason> reasons() {
        Sharing sharing = sharing();
        List<Reason> reasons = new ArrayList<>();
        fold(reasons);
        wedge(reasons);
        question.rows()
                .filter(rows -> crowded() > 0)
                .ifPresent(rows -> reasons.add(Reason.against(
                        crowded(),
                        Phrase.of(
                                "rows only {} apart, and the cover tears",
                                Length.ofMm(pitchMm(rows)).at(Fineness.MARK)))));
        if (blanks() == 0) {
            reasons.add(Reason.in(Phrase.of("no page stays blank")));
        } else {
            boolean one = blanks() == 1;
            reasons.add(Reason.against(
                    blank(), Phrase.of("{} page{} stay{} blank", blanks(), one ? "" : "s", one ? "s" : "")));
        }
        if (!even()) {
            reasons.add(Reason.against(
                    UNEVEN,
                    Phrase.of(
                            "{} ha{} a sheet more",
                            sharing.fullerWords(),
                            sharing.fuller().size() == 1 ? "s" : "ve")));
        }
        if (!symmetric()) {
            reasons.add(Reason.against(LOPSIDED, Phrase.of("the run is not the same from both ends")));
        }
        if (question.wish().odd()) {
            reasons.add(
                    signatures % 2 == 1
                            ? Reason.in(Phrase.of("one signature is the middle"))
                            : Reason.against(UNWISHED, Phrase.of("an even number")));
        }
        reasons.add(Reason.against(sewing(), Phrase.of("{} signatures to sew", sewn())));
        return reasons;
    }

    private void fold(List<Reason> reasons) {
        Comfort comfort = question.form().comfort();
        if (tooThick() > 0) {
            reasons.add(Reason.against(
                    tooThick(),
                    Phrase.of("a fold over {} gapes and creeps", comfort.most().at(Fineness.BUNDLE))));
        } else if (tooThin() > 0) {
            reasons.add(Reason.against(
                    tooThin(),
                    Phrase.of(
                            "a fold under {} makes much sewing", comfort.least().at(Fineness.BUNDLE))));
        } else {
            reasons.add(Reason.in(Phrase.of("a comfortable fold")));
        }
        if (offTheMiddle() > 0) {
            reasons.add(Reason.against(
                    offTheMiddle(),
                    Phrase.of(
                            "{} than a middling fold of {}",
                            foldMm() > middleMm() ? "thicker" : "thinner",
                            Length.ofMm(middleMm()).at(Fineness.BUNDLE))));
        }
    }

    private void wedge(List<Reason> reasons) {
        Wedge wedge = wedge();
        long percent = Math.round(wedge.percent());
        double weight = tooWedged(wedge);
        reasons.add(
                switch (wedge.judgement()) {
                    case FINE ->
                        Reason.in(
                                question.back() == Back.ROUNDED
                                        ? Phrase.of("enough thread in it to round")
                                        : Phrase.of("hardly a wedge"));
                    case NOTED ->
                        Reason.against(weight, Phrase.of("a wedge of {}\u202f%, thick at the spine", percent));
                    case TOO_THICK ->
                        Reason.against(weight, Phrase.of("a wedge of {}\u202f%: it does not close well", percent));
                    case LITTLE_TO_ROUND ->
                        Reason.against(weight, Phrase.of("a wedge of {}\u202f%: little to round", percent));
                    case THICK_FORE_EDGE ->
                        Reason.against(weight, Phrase.of("a wedge of {}\u202f%, thick at the fore edge", -percent));
                });
    }
}
