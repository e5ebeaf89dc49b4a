package itomichi.gathering;

/** How long the folded signatures were pressed. The spring that is left in the folds is common practice, no published source. */
public enum Pressing {
    FRESH("freshly folded", 0.25),
    AN_HOUR("under a weight for an hour", 0.15),
    OVERNIGHT("pressed overnight", 0.05);

    private final String words;
    private final double spring;

    Pressing(String words, double spring) {
        this.words = words;
        this.spring = spring;
    }

    public String words() {
        return words;
    }

    /** How much thicker a fold is than its sheets laid flat, as a share. */
    public double spring() {
        return spring;
    }
}
