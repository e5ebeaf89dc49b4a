package itomichi.structure;

/** What a book may have to do. */
public enum Need {
    WRITE("be written in"),
    WET_MEDIA("take wet media"),
    PASTE_IN("have things pasted in"),
    CARRY("be carried about"),
    LIE_FLAT("lie flat when open"),
    LOOSE_SHEETS("hold sheets that are already single");

    private final String words;

    Need(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
