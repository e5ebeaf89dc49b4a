package itomichi.plan;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Board;
import itomichi.path.Edge;
import itomichi.path.Frame;
import itomichi.path.Kettle;
import itomichi.path.Knot;
import itomichi.path.Link;
import itomichi.path.Move;
import itomichi.path.Over;
import itomichi.path.Pass;
import itomichi.path.Round;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.path.Under;
import itomichi.path.Wrap;

/** Says how long a move is, and by what sum. */
final class MoveLengths {

    private final Frame frame;
    private final StepWords words;

    MoveLengths(Frame frame, StepWords words) {
        this.frame = frame;
        this.words = words;
    }

    /** How long a move is, and by what sum. */
    Phrase of(Move move) {
        Length whole = Length.ofMm(move.lengthMm(frame));
        Spot end = move.end();
        String name;
        if (move instanceof Pass) {
            name = "through the thickness at " + words.hole(end.hole());
        } else if (move instanceof Run run) {
            name = run.climbs()
                    ? "from signature to signature"
                    : "from hole " + run.from().station() + " to hole "
                            + run.to().station() + (frame.liftMm(run) > 0 ? ", up and down the tape" : "");
        } else if (move instanceof Wrap wrap) {
            name = "twice to the " + wrap.edge().word() + " and the thickness";
        } else if (move instanceof Link || move instanceof Under) {
            name = "down to the signature below and back, half round the thread there"
                    + (move instanceof Under ? ", and the run" : "");
        } else if (move instanceof Kettle) {
            name = "down and back, one and a half turns round the thread";
        } else if (move instanceof Knot knot) {
            name = knot.turns() + " turns of 12 threads’ thickness";
        } else if (move instanceof Over) {
            name = "once round the cord";
        } else if (move instanceof Board) {
            name = "round the board’s edge and through it";
        } else {
            name = "round the " + (move instanceof Round round ? round.edge() : Edge.HEAD).word() + " edge";
        }
        return Phrase.of("{}: {}", StepWords.capital(name), whole.at(Fineness.MARK));
    }
}
