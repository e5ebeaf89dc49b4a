package itomichi.schedule;

/** How long work lies after a hand was on it. Every time is common practice, no published source. */
public enum Lying {
    NOT("", "", 0, Under.NOTHING),
    AN_HOUR("an hour", "under a weight", 60, Under.WEIGHT),
    AN_HOUR_BOARDED("an hour", "between boards under a weight", 60, Under.BOARDS),
    OVERNIGHT("overnight", "under a weight", 600, Under.WEIGHT),
    OVERNIGHT_BOARDED("overnight", "between boards under a weight", 600, Under.BOARDS);

    private final String time;
    private final String place;
    private final int minutes;
    private final Under under;

    Lying(String time, String place, int minutes, Under under) {
        this.time = time;
        this.place = place;
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
        return words(minutes);
    }

    /** The same, for so many minutes instead. */
    String words(int lies) {
        if (this == NOT) {
            return "";
        }
        return (lies == minutes ? time : WorkTime.told(lies)) + ", " + place;
    }

    /** How long, in minutes by the clock, nights counted. */
    public int minutes() {
        return minutes;
    }

    public Under under() {
        return under;
    }
}
