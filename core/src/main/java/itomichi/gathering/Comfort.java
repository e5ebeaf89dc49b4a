package itomichi.gathering;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;

/**
 * How thick a folded signature may well be. Common practice, no published source.
 *
 * @param least thinner folds make much sewing
 * @param most thicker folds gape and creep
 */
public record Comfort(Length least, Length most) {

    /** Signatures sewn to each other. */
    public static final Comfort AMONG_OTHERS = new Comfort(Length.ofMm(1.0), Length.ofMm(2.4));
    /** A signature that is the whole book, or hangs in its cover by itself. */
    public static final Comfort ALONE = new Comfort(Length.ZERO, Length.ofMm(3.5));
    /** Past here a single signature springs open. */
    public static final Length SPRINGS = Length.ofMm(6);
    /** Past here no awl goes straight through the fold in one go. */
    public static final Length UNSEWABLE = Length.ofMm(15);

    Phrase words() {
        return least.equals(Length.ZERO)
                ? Phrase.of(
                        "Up to {} is comfortable in a single pamphlet; beyond {} it springs open (common practice).",
                        most.at(Fineness.CUT),
                        SPRINGS.at(Fineness.CUT))
                : Phrase.of(
                        "Between {} and {} a signature sits well among others (common practice).",
                        least.at(Fineness.CUT),
                        most.at(Fineness.BUNDLE));
    }
}
