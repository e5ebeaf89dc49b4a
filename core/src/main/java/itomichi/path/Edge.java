package itomichi.path;

/** An edge of a stab-bound block that thread can be wrapped round. */
public enum Edge {
    SPINE,
    HEAD,
    TAIL;

    /** The word for it in the notation. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
