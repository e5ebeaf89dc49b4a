package itomichi.cover;

import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;

/** Sizes of pieces as they go into workings and come out of them. */
final class Sizes {

    /** What a piece is cut to. */
    static final Quantity CUT = Quantity.of(Length.ZERO, Fineness.CUT);
    /** What is marked, and has to be as true as that. */
    static final Quantity MARK = Quantity.of(Length.ZERO, Fineness.MARK);

    private static final Formula GIVEN = Formula.of("a");
    private static final Formula BOARD_HEIGHT = Formula.of("H + h + t");
    private static final Formula SIDE = Formula.of("B − z + o + t");
    private static final Formula TURNED_IN = Formula.of("B + 2 × t");

    private Sizes() {}

    static Quantity cut(Length length) {
        return Quantity.of(length, Fineness.CUT);
    }

    static Quantity mark(Length length) {
        return Quantity.of(length, Fineness.MARK);
    }

    /** A figure that is shown as a width by a height. */
    static Figure sized(String key, String label, Working width, Working height) {
        return Figure.shownAs(
                key,
                label,
                width,
                Phrase.of(
                        "{} × {}",
                        width.length().at(Fineness.CUT),
                        height.length().at(Fineness.CUT)));
    }

    /** A size that follows from nothing else. */
    static Working given(Length length, String what) {
        return Working.by(GIVEN)
                .with("a", what, mark(length))
                .from(Source.COMMON_PRACTICE)
                .gives(MARK);
    }

    /** Height of a board that stands past the block at head and tail. */
    static Working boardHeight(SewnBlock block, CoverChoices choices) {
        return Working.by(BOARD_HEIGHT)
                .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                .with("h", "square at the head", cut(choices.length(BoardSettings.HEAD)))
                .with("t", "square at the tail", cut(choices.length(BoardSettings.TAIL)))
                .from(Source.COMMON_PRACTICE)
                .gives(CUT);
    }

    /** Paper on what cloth leaves free of a board, over the edge of the cloth and round the far edge. */
    static Working paperSide(Length board, Length cloth, String where, Length turnIn) {
        return Working.by(SIDE)
                .with("B", "width of a board", cut(board))
                .with("z", where, cut(cloth))
                .with("o", "over the cloth", cut(BoardSettings.PAPER_OVER))
                .with("t", "turn-in", cut(turnIn))
                .from(Source.COMMON_PRACTICE)
                .gives(CUT);
    }

    /** What covers a side of a board and is turned in at both its ends. */
    static Working turnedIn(Length board, String what, Length turnIn) {
        return Working.by(TURNED_IN)
                .with("B", what, cut(board))
                .with("t", "turn-in", cut(turnIn))
                .from(Source.COMMON_PRACTICE)
                .gives(CUT);
    }
}
