package itomichi.cover;

/**
 * A place in a drawing where a part of the cover is taken hold of and moved.
 *
 * @param setting key of what it settles
 * @param words what a binder calls that
 * @param xMm from the left of the drawing
 * @param yMm from its top
 * @param across whether it moves to the left and right; else up and down
 * @param number what is settled now: mm, or percent
 * @param perMm how much more that is for a mm to the right, or down
 * @param least the least that is taken
 * @param most the most that is taken
 */
public record Grip(
        String setting,
        String words,
        double xMm,
        double yMm,
        boolean across,
        double number,
        double perMm,
        double least,
        double most) {

    /**
     * Moves a length to the right or left; {@code perMm} is 1 where it grows to the right as far as the hand goes, -1 where to the left, and
     * less where what is held moves further than the length grows.
     */
    static Grip across(CoverChoices choices, Setting.Measure measure, double x, double y, double perMm) {
        return of(choices, measure, x, y, true, perMm);
    }

    /** Moves a length up or down; {@code way} is 1 where it grows downwards, -1 where upwards. */
    static Grip down(CoverChoices choices, Setting.Measure measure, double x, double y, int way) {
        return of(choices, measure, x, y, false, way);
    }

    private static Grip of(
            CoverChoices choices, Setting.Measure measure, double x, double y, boolean across, double perMm) {
        return new Grip(
                measure.key(),
                measure.words(),
                x,
                y,
                across,
                choices.length(measure).mm(),
                perMm,
                measure.leastMm(),
                measure.mostMm());
    }

    /** Moves a share to the right or left. */
    static Grip across(CoverChoices choices, Setting.Share share, double x, double y, double perMm) {
        return new Grip(
                share.key(), share.words(), x, y, true, choices.share(share), perMm, share.least(), share.most());
    }

    /** The same elsewhere. */
    Grip at(double x, double y) {
        return new Grip(setting, words, xMm + x, yMm + y, across, number, perMm, least, most);
    }
}
