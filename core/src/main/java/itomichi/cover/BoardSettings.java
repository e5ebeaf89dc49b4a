package itomichi.cover;

import itomichi.cover.Setting.Measure;
import itomichi.finding.Remark.Weight;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/** What is settled of every cover with boards, and what is wrong with it anywhere. */
final class BoardSettings {

    static final Measure HEAD = new Measure("square-head", "Square at the head", 2, 0, 60);
    static final Measure TAIL = new Measure("square-tail", "Square at the tail", 2, 0, 60);
    static final Measure TURN_IN = new Measure("turn-in", "Turn-in", 18, 5, 100);

    /** From a board's corner to the cut across what covers it, in thicknesses of the board: common practice. */
    static final double CORNER_BOARDS = 1.5;

    /** Papers lie so far over the edge of cloth: common practice. */
    static final Length PAPER_OVER = Length.ofMm(3);
    /** A lining of the back on to each board: common practice. */
    static final Length LINING_OVER = Length.ofMm(25);

    private BoardSettings() {}

    /** How far cloth that lies so far on a board is seen: the paper lies over its edge. */
    static Length clothSeen(Length cloth) {
        return Length.ofMm(Math.max(0, cloth.mm() - PAPER_OVER.mm()));
    }

    /** The head of the block and the tail of the boards in a closed book seen from the front: moved, they settle the squares. */
    static Grip[] squares(CoverChoices choices, double xMm, double boardHighMm) {
        return new Grip[] {
            Grip.down(choices, HEAD, xMm, choices.length(HEAD).mm(), 1), Grip.down(choices, TAIL, xMm, boardHighMm, 1)
        };
    }

    /** Said of a turn-in that is wider than half a board. */
    static Optional<CoverFault> wideTurnIn(Length turnIn, Length board) {
        if (Length.ofMm(board.mm() / 2).isMoreThan(turnIn)) {
            return Optional.empty();
        }
        return Optional.of(new CoverFault(
                Weight.STOP,
                "cover-turn-in",
                Phrase.of(
                        "A turn-in of {} is wider than half a board of {}.",
                        turnIn.at(Fineness.CUT),
                        board.at(Fineness.CUT)),
                List.of(TURN_IN.key())));
    }
}
