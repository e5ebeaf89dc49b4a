package itomichi.cover;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.Optional;

/**
 * A folded cover sewn on with the signature.
 *
 * @param pageWidth width of the leaf
 * @param pageHeight height of the leaf
 * @param creep how far the inner sheets stand out, nothing once the fore edge is trimmed
 * @param spine thickness that the cover goes round: the folded signature, or the width of its spine
 * @param square how far the cover stands out at head, tail and fore edge
 * @param thickness of the cover itself
 * @param stuff what it is made of
 * @param atHand height of a cover that is at hand; nothing where it is cut to the book
 */
public record SoftCover(
        Length pageWidth,
        Length pageHeight,
        Length creep,
        Length spine,
        Length square,
        Length thickness,
        CoverStuff stuff,
        Optional<Length> atHand) {

    private static final Formula WIDTH = Formula.of("2 × (W + c + q) + f");
    private static final Formula FRONT = Formula.of("W + c + q");
    private static final Formula HEIGHT = Formula.of("H + 2 × q");
    private static final Formula AT_HAND = Formula.of("h");

    /** Width of the whole cover, opened flat. */
    public Working width() {
        return Working.by(WIDTH)
                .with("W", "width of the leaf", Sizes.cut(pageWidth))
                .with("c", "creep left standing", Quantity.of(creep, Fineness.BUNDLE))
                .with("q", "square", Sizes.cut(square))
                .with("f", "thickness it goes round", Quantity.of(spine, Fineness.BUNDLE))
                .from(Source.GEOMETRY)
                .note(
                        atHand.isPresent()
                                ? Phrase.of("Height: {}, as it is at hand.", height().at(Fineness.CUT))
                                : Phrase.of(
                                        "Height: {} + 2 × {} = {}.",
                                        pageHeight.at(Fineness.CUT),
                                        square.at(Fineness.CUT),
                                        height().at(Fineness.CUT)))
                .note(Phrase.of("Measure the sewn block before cutting; the cover\u2019s grain runs with the fold."))
                .gives(Sizes.CUT);
    }

    /** Width of front or back, from the spine to the edge. */
    public Working front() {
        return Working.by(FRONT)
                .with("W", "width of the leaf", Sizes.cut(pageWidth))
                .with("c", "creep left standing", Quantity.of(creep, Fineness.BUNDLE))
                .with("q", "square", Sizes.cut(square))
                .gives(Sizes.CUT);
    }

    /** Height of the cover, with how it came about. */
    Working workedHeight() {
        return atHand.map(given -> Working.by(AT_HAND).with("h", "as it is at hand", Sizes.cut(given)))
                .orElseGet(() -> Working.by(HEIGHT)
                        .with("H", "height of the leaf", Sizes.cut(pageHeight))
                        .with("q", "square", Sizes.cut(square)))
                .gives(Sizes.CUT);
    }

    /** Height of the cover. */
    public Length height() {
        return workedHeight().length();
    }
}
