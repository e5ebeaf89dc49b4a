package itomichi.structure;

/** How much practice a structure asks of a hand. */
public enum Skill {
    FIRST_BOOK(0),
    SOME_PRACTICE(1),
    MUCH_PRACTICE(2);

    private final int grade;

    Skill(int grade) {
        this.grade = grade;
    }

    /** From 0, a first book, to 2. */
    public int grade() {
        return grade;
    }
}
