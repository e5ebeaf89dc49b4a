package itomichi.material;

/** Which way most fibres lie in a sheet as it comes, told by its edges. */
public enum SheetGrain {
    ALONG_WIDTH("along its width"),
    ALONG_HEIGHT("along its height"),
    UNKNOWN("not tested yet");

    private final String words;

    SheetGrain(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
