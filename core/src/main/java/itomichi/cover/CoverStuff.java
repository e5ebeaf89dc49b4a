package itomichi.cover;

import itomichi.measure.Length;

/** What a cover that is sewn through is made of: how near to each other its holes may lie. Common practice, no published source. */
public enum CoverStuff {
    THIN_PAPER("thin paper", 3),
    CARD("card", 2),
    CLOTH("cloth", 2),
    LEATHER("leather", 2);

    private final String words;
    private final Length between;

    CoverStuff(String words, double betweenMm) {
        this.words = words;
        this.between = Length.ofMm(betweenMm);
    }

    public String words() {
        return words;
    }

    /** What must be left of it between two holes, from edge to edge, or it may tear. */
    public Length between() {
        return between;
    }
}
