package itomichi.material;

/** Which way most fibres lie, told by the fold because that is where it matters. */
public enum Grain {
    WITH_FOLD("along the fold"),
    ACROSS_FOLD("across the fold"),
    UNKNOWN("not tested yet");

    private final String words;

    Grain(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
