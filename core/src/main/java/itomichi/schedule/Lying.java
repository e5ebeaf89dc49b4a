package itomichi.schedule;

/** How long work lies after a hand was on it. Every time is common practice, no published source. */
public enum Lying {
    NOT("", 0, Under.NOTHING),
    AN_HOUR("an hour, under a weight", 60, Under.WEIGHT),
    AN_HOUR_BOARDED("an hour, between boards under a weight", 60, Under.BOARDS),
    OVERNIGHT("overnight, under a weight", 600, Under.WEIGHT),
    OVERNIGHT_BOARDED("overnight, between boards under a weight", 600, Under.BOARDS);

    private final String words;
    private final int minutes;
    private final Under under;

    Lying(String words, int minutes, Under under) {
        this.words = words;
        this.minutes = minutes;
        this.under = under;
    }

    /** What it lies under: there are only so many of it at a bench. */
    public enum Under {
        NOTHING,
        /** Takes the place of one book in a press or under a weight. */
        WEIGHT,
        /** The same, and a pair of pressing boards. */
        BOARDS
    }

    /** How long and under what; empty where it does not lie. */
    public String words() {
        return words;
    }

    /** How long, in minutes by the clock, nights counted. */
    public int minutes() {
        return minutes;
    }

    public Under under() {
        return under;
    }
}
