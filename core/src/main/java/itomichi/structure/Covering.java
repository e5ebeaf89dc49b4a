package itomichi.structure;

/** How a cover comes on to a block that is sewn so. */
public enum Covering {
    /** One folded piece round the fold, sewn on with it. */
    ONE_FOLD(true),
    /** A soft cover that every signature is sewn through. */
    THROUGH_SPINE(true),
    /** A strip with a pleat that two sections are sewn into. */
    PLEAT(true),
    /** Boards and cloth, made apart and glued on by the endpapers. */
    CASE(false),
    /** Covered boards that are sewn on like signatures. */
    BOARDS(false),
    /** Front and back, bound in with the sheets. */
    SIDE(false);

    private final boolean soft;

    Covering(boolean soft) {
        this.soft = soft;
    }

    /** Whether it is a soft cover that the thread goes through. */
    public boolean soft() {
        return soft;
    }
}
