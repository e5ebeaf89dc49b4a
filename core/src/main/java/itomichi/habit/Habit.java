package itomichi.habit;

import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import java.util.Arrays;
import java.util.Optional;

/**
 * Something that comes out alike whenever the same hands do it.
 *
 * @param kind what it is
 * @param of of which paper, hardness of paper, pressing, structure or step
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
        /** How much of a thread's thickness stands out of a fold, percent. */
        SINK("Thread standing out of the folds", 8, false),
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
        public double strays(double about) {
            return inShares ? strays * Math.abs(about) : strays;
        }

        /** A value of it, as it is shown. */
        public Quantity shown(double value) {
            return switch (this) {
                case BULK -> Quantity.of(Length.ofMm(value), Fineness.HAIR);
                case SPRING, SINK, SLACK -> new Quantity.Plain(value, "%", 1);
                case PACE -> new Quantity.Plain(value, "min", 0);
            };
        }
    }

    /** How thick a sheet of that paper comes out; another weight of the same name is another paper. */
    public static Habit bulk(String paper, Grammage grammage) {
        // many call a paper by its weight
        boolean named = paper.contains(Long.toString(Math.round(grammage.gsm())));
        String name = named ? paper : paper + ", " + grammage.shown();
        return new Habit(Kind.BULK, paper + "/" + grammage.milligramsPerM2(), name);
    }

    /** How far the folds spring back, pressed so. */
    public static Habit spring(Enum<?> pressing, String words) {
        return new Habit(Kind.SPRING, pressing.name(), words);
    }

    /** How far thread sinks into paper of that hardness. */
    public static Habit sink(String hardness) {
        return new Habit(Kind.SINK, hardness, hardness + " paper");
    }

    /** How much more thread a structure takes than the straight way. */
    public static Habit slack(String structure, String name) {
        return new Habit(Kind.SLACK, structure, name);
    }

    /** How long hands of that kind take for a step. */
    public static Habit pace(String step, String name, Enum<?> hands, String handsWords) {
        return new Habit(Kind.PACE, step + "/" + hands.name(), name + ", " + handsWords + " hands");
    }

    /** A name that does not change, kept with what a binder says of it. */
    public String key() {
        return kind + ":" + of;
    }

    /** The kind that a key tells; nothing where it is none. */
    public static Optional<Kind> kindOf(String key) {
        return Arrays.stream(Kind.values())
                .filter(kind -> key.startsWith(kind + ":"))
                .findFirst();
    }
}
