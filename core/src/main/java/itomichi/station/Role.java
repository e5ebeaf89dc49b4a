package itomichi.station;

/** What a hole is for. */
public enum Role {
    STATION("station"),
    KETTLE("kettle"),
    PAIR("one of a pair"),
    LINK("link"),
    LONG("long stitch"),
    MAIN("main hole"),
    CORNER("corner hole"),
    SATELLITE("satellite"),
    BETWEEN("between two holes"),
    INNER("inner binding"),
    BY_HAND("placed by hand");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
