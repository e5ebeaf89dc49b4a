package itomichi.station;

import itomichi.measure.Length;

/** At which end things of differing height are brought level: where the rule is laid when stations are carried from one to the other. */
public enum Level {
    HEAD("level at the head"),
    CENTRE("level at the centre"),
    TAIL("level at the tail");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * How far the head of the shorter lies below the head of the taller.
     *
     * @param tall height of the taller
     * @param other height of the other; where it is the taller, the answer is negative
     */
    public Length headBelow(Length tall, Length other) {
        Length over = tall.minus(other);
        return switch (this) {
            case HEAD -> Length.ZERO;
            case CENTRE -> over.times(0.5);
            case TAIL -> over;
        };
    }
}
