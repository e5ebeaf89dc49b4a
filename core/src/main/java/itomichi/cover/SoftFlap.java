package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Share;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * The back of a soft cover that goes on round the fore edge and over the front, and what winds round it.
 *
 * @param base the block
 * @param soft the cover
 * @param choices what is settled
 */
record SoftFlap(CoverBase base, SoftCover soft, CoverChoices choices) {

    static final Share FLAP = new Share("flap", "Flap", "of the front", 50, 10, 200);

    private static final Formula WRAP = Formula.of("T + t");
    private static final Formula FLAP_LONG = Formula.of("p ÷ 100 × F");
    private static final Formula TIE_LONG = Formula.of("2 × (2 × F + 2 × T) + b");
    /** Left for the bow: common practice. */
    private static final Length BOW = Length.ofMm(200);
    /** A cord that is wound round a book: common practice. */
    private static final Length CORD_THICK = Length.ofMm(2);
    /** A flap is a third to the whole of the front: common practice. */
    private static final double WHOLE = 100;

    private static final double THIRD = 33;

    private Length front() {
        return soft.front().length();
    }

    /** Round the fore edge. */
    Working wrap() {
        return Working.by(WRAP)
                .with(
                        "T",
                        base.block().foreEdge().meaning(),
                        base.block().foreEdge().at(Fineness.BUNDLE))
                .with("t", "the front of the cover", Quantity.of(soft.thickness(), Fineness.CALIPER))
                .gives(Sizes.MARK);
    }

    /** Over the front. */
    Working flap() {
        return Working.by(FLAP_LONG)
                .with("p", "share of the front, in percent", Quantity.ratio(choices.share(FLAP), 0))
                .with("F", "width of the front", Sizes.cut(front()))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("A third to the whole of the front."))
                .gives(Sizes.CUT);
    }

    /** Both together. */
    Length past() {
        return wrap().length().plus(flap().length());
    }

    /** The flap at the left of the cover opened flat, seen from outside, with its folds. */
    List<Outline> flat() {
        double high = soft.height().mm();
        double wrapLeft = flap().length().mm();
        return List.of(
                Outline.rectangle(Role.COVERING, "flap", 0, 0, wrapLeft, high),
                Outline.line(Role.FOLD, "", wrapLeft, 0, wrapLeft, high),
                Outline.line(Role.FOLD, "", past().mm(), 0, past().mm(), high));
    }

    /** The flap over the front, at its fore edge; no more of it is seen than the front is wide. */
    Outline onFront() {
        double wide = Math.min(front().mm(), flap().length().mm());
        return Outline.rectangle(
                Role.COVERING,
                "flap",
                front().mm() - wide,
                0,
                wide,
                soft.height().mm());
    }

    /** Where the flap begins, seen from outside. */
    Grip grip() {
        return Grip.across(
                choices, FLAP, flap().length().mm(), soft.height().mm() / 4, 100 / Math.max(1, front().mm()));
    }

    List<Figure> figures() {
        return List.of(
                new Figure("cover-wrap", "Round the fore edge", wrap()), new Figure("cover-flap", "Flap", flap()));
    }

    /** It is tried round the block before it is needed. */
    CoverStep step() {
        return CoverStep.of(
                "wrap",
                Part.DRY,
                Phrase.of(
                        "With the block in it, fold it round the fore edge: {} there, the flap lies flat on the front.",
                        wrap().length().at(Fineness.MARK)));
    }

    /** Wound twice round the closed book. */
    Working tie(Phrase note) {
        return Working.by(TIE_LONG)
                .with("F", "width of the front", Sizes.cut(front()))
                .with("T", "round the fore edge", Sizes.mark(wrap().length()))
                .with("b", "for the bow", Sizes.cut(BOW))
                .from(Source.COMMON_PRACTICE)
                .note(note)
                .gives(Quantity.of(Length.ZERO, Fineness.THREAD));
    }

    /** A length of cord to cut. */
    static CoverPiece cord(String key, String name, Working length) {
        return CoverPiece.rectangle(key, name, PieceStuff.CORD, 1, Sizes.given(CORD_THICK, "its thickness"), length);
    }

    List<CoverFault> faults() {
        double share = choices.share(FLAP);
        if (share > WHOLE) {
            return List.of(new CoverFault(
                    Weight.STOP,
                    "cover-flap",
                    Phrase.of(
                            "A flap of {} is wider than the front of {}: it would go round the spine.",
                            flap().length().at(Fineness.CUT),
                            front().at(Fineness.CUT)),
                    List.of(FLAP.key())));
        }
        if (share >= THIRD) {
            return List.of();
        }
        return List.of(new CoverFault(
                Weight.NOTE,
                "cover-flap",
                Phrase.of(
                        "A flap of {} slips out by itself; a third of the front, {}, stays.",
                        flap().length().at(Fineness.CUT),
                        Length.ofMm(front().mm() / 3).at(Fineness.CUT)),
                List.of(FLAP.key())));
    }
}
