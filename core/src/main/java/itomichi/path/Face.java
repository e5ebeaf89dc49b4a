package itomichi.path;

/** A face of the work that thread can lie on. */
public enum Face {
    /** The valley side of a fold. */
    INSIDE("inside"),
    /** The peak side of a fold, where the spine is seen. */
    OUTSIDE("outside"),
    /** The upper face of a stab-bound block. */
    FRONT("front"),
    /** The lower face of a stab-bound block. */
    BACK("back");

    private final String word;

    Face(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether it is the inside of a fold, or the lower face of a block. */
    public boolean inner() {
        return this == INSIDE || this == BACK;
    }

    /** The face at the other end of a hole. */
    public Face opposite() {
        return switch (this) {
            case INSIDE -> OUTSIDE;
            case OUTSIDE -> INSIDE;
            case FRONT -> BACK;
            case BACK -> FRONT;
        };
    }
}
