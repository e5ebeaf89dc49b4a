package itomichi.steps;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Board;
import itomichi.path.Frame;
import itomichi.path.Kettle;
import itomichi.path.Knot;
import itomichi.path.Link;
import itomichi.path.Move;
import itomichi.path.Over;
import itomichi.path.Pass;
import itomichi.path.Round;
import itomichi.path.Run;
import itomichi.path.Tail;
import itomichi.path.Under;
import itomichi.path.Wrap;

/** Says how long a move is, and by what sum. */
final class MoveLengths implements Move.Cases<String> {

    private final Frame frame;
    private final StepWords words;

    MoveLengths(Frame frame, StepWords words) {
        this.frame = frame;
        this.words = words;
    }

    /** How long a move is, and by what sum. */
    Phrase of(Move move) {
        Length whole = Length.ofMm(move.lengthMm(frame));
        return Phrase.of("{}: {}", StepWords.capital(move.match(this)), whole.at(Fineness.MARK));
    }

    @Override
    public String pass(Pass pass) {
        return "through the thickness at " + words.hole(pass.hole());
    }

    @Override
    public String run(Run run) {
        String way = run.climbs()
                ? "from signature to signature"
                : "from hole " + run.from().station() + " to hole " + run.to().station();
        return way + (frame.liftMm(run) > 0 ? ", up and down the tape" : "");
    }

    @Override
    public String wrap(Wrap wrap) {
        return "twice to the " + wrap.edge().word() + " and the thickness";
    }

    @Override
    public String link(Link link) {
        return "down to the signature below and back, half round the thread there";
    }

    @Override
    public String under(Under under) {
        return "down to the signature below and back, half round the thread there, and the run";
    }

    @Override
    public String kettle(Kettle kettle) {
        return "down and back, one and a half turns round the thread";
    }

    @Override
    public String knot(Knot knot) {
        return knot.turns() + " turns of " + Math.round(Knot.DIAMETERS_PER_TURN) + " threads’ thickness";
    }

    @Override
    public String over(Over over) {
        return "once round the cord";
    }

    @Override
    public String board(Board board) {
        return "round the board’s edge and through it";
    }

    @Override
    public String round(Round round) {
        return "round the " + round.edge().word() + " edge";
    }

    /** Never asked: what hangs free is told by itself. */
    @Override
    public String tail(Tail tail) {
        return "left hanging";
    }
}
