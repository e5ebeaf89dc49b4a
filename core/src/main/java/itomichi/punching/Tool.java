package itomichi.punching;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;

/** What makes a hole. What each takes in one go is common practice, no published source. */
public enum Tool {
    /** For fine holes through a few sheets. */
    PRICKER("needle in a handle", 1.3, 4, "Keep the hand that holds out of its way; cap it when it lies down."),
    AWL("awl", 2.6, 8, "Push away from the hand that holds, into a cradle or foam; cap it when it lies down."),
    SCREW_PUNCH("screw punch on a mat", 6, 6, "Set it upright, keep fingers from under it."),
    PAPER_PUNCH(
            "paper punch",
            6,
            1.5,
            "Lay the sheets the same way round each time; an adult takes awl and knife, children the punch."),
    DRILL("drill, the block clamped between boards", 10, 25, "Clamp the work, wear eye protection, keep sleeves away.");

    /** What a paper punch makes (ISO 838, from memory). */
    public static final Length PUNCHED = Length.ofMm(6);
    /** Between the middles of two holes of a paper punch; nearer the paper between tears: common practice. */
    public static final Length PUNCH_SAFE = Length.ofMm(10);
    /** From the middle of a hole of a paper punch to an edge; nearer it tears out: common practice. */
    public static final Length PUNCH_EDGE = Length.ofMm(8);

    private static final Formula PUNCH = Formula.of("p");

    private final String words;
    private final double widestMm;
    private final double thickestMm;
    private final String care;

    Tool(String words, double widestMm, double thickestMm, String care) {
        this.words = words;
        this.widestMm = widestMm;
        this.thickestMm = thickestMm;
        this.care = care;
    }

    public String words() {
        return words;
    }

    /** The usual caution with it. */
    public String care() {
        return care;
    }

    /** The thickest stack it should take in one go. */
    public Length thickest() {
        return Length.ofMm(thickestMm);
    }

    /** Into how many batches a stack is parted for it. */
    public int batches(Length stack) {
        return Math.max(1, (int) Math.ceil(stack.mm() / thickestMm - 1e-9));
    }

    /** How many stacks so thick it takes laid together, one at the least. */
    public int together(Length stack) {
        return Math.max(1, (int) Math.floor(thickestMm / stack.mm() + 1e-9));
    }

    /**
     * The hole that comes out: as wide as wanted, but of a punch, which makes all alike, no finer than that.
     *
     * @param wanted how wide it must be
     */
    public Working hole(Working wanted) {
        if (this != PAPER_PUNCH || wanted.length().isMoreThan(PUNCHED)) {
            return wanted;
        }
        return Working.by(PUNCH)
                .with("p", "width of the punch", Quantity.of(PUNCHED, Fineness.CALIPER))
                .from(Source.PAPER_HOLES)
                .note(Phrase.of(
                        "Thread and needle need {}; a paper punch makes all holes alike.",
                        wanted.length().at(Fineness.CALIPER)))
                .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE));
    }

    private boolean takes(Length hole) {
        return hole.mm() <= widestMm;
    }

    /**
     * For holes through folds.
     *
     * @param hole width of the hole
     * @param stack thickness of the sheets it goes through
     * @param children whether children make it
     */
    public static Tool throughFold(Length hole, Length stack, boolean children) {
        if (children) {
            return PAPER_PUNCH;
        }
        if (PRICKER.takes(hole) && !stack.isMoreThan(PRICKER.thickest())) {
            return PRICKER;
        }
        return AWL.takes(hole) ? AWL : SCREW_PUNCH;
    }

    /** For holes through a cover: rows lie too near each other for a paper punch, so that nobody's children make them. */
    public static Tool throughCover(Length hole) {
        return AWL.takes(hole) ? AWL : SCREW_PUNCH;
    }

    /** For holes through the side of a block of single sheets. */
    public static Tool throughSide(Length hole, Length stack, boolean children) {
        if (children) {
            return PAPER_PUNCH;
        }
        return AWL.takes(hole) && !stack.isMoreThan(AWL.thickest()) ? AWL : DRILL;
    }
}
