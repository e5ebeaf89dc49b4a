package itomichi.gathering;

/**
 * How much thicker a book is at its spine than at its fore edge, and what that means for it.
 *
 * @param back how its back will be
 * @param spineMm thickness at the spine
 * @param foreEdgeMm thickness at the fore edge, with what is pasted in
 */
public record Wedge(Back back, double spineMm, double foreEdgeMm) {

    /** Less than this between spine and fore edge is not felt in a closed book, however thin it is; common practice, no published source. */
    public static final double FELT_MM = 1.5;

    /** What is to be said of it. */
    public enum Judgement {
        FINE,
        /** Look again. */
        NOTED,
        TOO_THICK,
        /** A round back has little to be rounded. */
        LITTLE_TO_ROUND,
        THICK_FORE_EDGE
    }

    /** In percent of the fore edge; negative where the fore edge is the thicker. */
    public double percent() {
        return (spineMm - foreEdgeMm) / foreEdgeMm * 100;
    }

    /** What is to be said of it. */
    public Judgement judgement() {
        double percent = percent();
        boolean felt = Math.abs(spineMm - foreEdgeMm) >= FELT_MM;
        if (felt && percent >= back.mostPercent()) {
            return Judgement.TOO_THICK;
        }
        if (felt && percent < -back.notedPercent()) {
            return Judgement.THICK_FORE_EDGE;
        }
        boolean round = back == Back.ROUNDED;
        if (round && percent < back.notedPercent()) {
            return Judgement.LITTLE_TO_ROUND;
        }
        return !round && felt && percent >= back.notedPercent() ? Judgement.NOTED : Judgement.FINE;
    }

    /** How far it is over or under what is good, as a share of the fore edge; 0 where nothing is to be said. */
    double excess() {
        return switch (judgement()) {
            case FINE -> 0;
            case NOTED, TOO_THICK -> (percent() - good()) / 100;
            case LITTLE_TO_ROUND -> (back.notedPercent() - percent()) / 100;
            case THICK_FORE_EDGE -> (-percent() - back.notedPercent()) / 100;
        };
    }

    private double good() {
        return back == Back.ROUNDED ? back.mostPercent() : back.notedPercent();
    }
}
