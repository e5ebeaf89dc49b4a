package itomichi.course;

/** Whose step it is. */
public enum Who {
    TEACHER("the teacher, before"),
    EACH("everybody"),
    /** In class, one after the other: a blade or a point that no child takes. */
    ADULT("an adult, for each");

    private final String words;

    Who(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
