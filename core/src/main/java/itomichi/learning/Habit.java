package itomichi.learning;

import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Length;

/**
 * Something that comes out alike whenever the same hands do it.
 *
 * @param kind what it is
 * @param of of which paper, pressing, structure or step
 * @param name the same as a binder calls it
 */
public record Habit(Kind kind, String of, String name) {

    /**
     * Kinds of habits.
     *
     * <p>How much a reading strays from book to book is common practice, no published source: it stands in for what is not known as long as
     * there are few.
     */
    public enum Kind {
        /** Thickness of a sheet, mm, as the finished block measures at the fore edge. */
        BULK("Thickness of a sheet", 0.02, true),
        /** How much thicker the folds are than their sheets laid flat, percent. */
        SPRING("Spring of the folds", 2, false),
        /** Thread that was used beyond the straight way, percent. */
        SLACK("Thread beyond the straight way", 1.5, false),
        /** Minutes for each minute planned, percent. */
        PACE("Minutes for a hundred planned", 0.12, true);

        private final String words;
        private final double strays;
        private final boolean inShares;

        Kind(String words, double strays, boolean inShares) {
            this.words = words;
            this.strays = strays;
            this.inShares = inShares;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        /** How much a reading usually strays, where the reading is about so large. */
        double strays(double about) {
            return inShares ? strays * Math.abs(about) : strays;
        }

        /** A value of it, as it is shown. */
        public Quantity shown(double value) {
            return switch (this) {
                case BULK -> Quantity.of(Length.ofMm(value), Fineness.HAIR);
                case SPRING, SLACK -> new Quantity.Plain(value, "%", 1);
                case PACE -> new Quantity.Plain(value, "min", 0);
            };
        }
    }

    /** A name that does not change, kept with what a binder says of it. */
    public String key() {
        return kind + ":" + of;
    }
}
