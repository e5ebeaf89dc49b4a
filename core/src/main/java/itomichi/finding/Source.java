package itomichi.finding;

/** Where a figure's formula or value comes from, in words for the screen. */
public enum Source {
    GEOMETRY("plain geometry"),
    COMMON_PRACTICE("common practice, no published source"),
    DEFINITION("by definition"),
    PAPER_STANDARDS("grammage ISO 536, thickness and bulk ISO 534; the bulk is common practice"),
    LEARNED("the binder\u2019s own finished books"),
    MEASURED("the binder\u2019s own measurement"),
    PAPER_HOLES("paper holes ISO 838, from memory"),
    THREAD_COUNT("tex ISO 1144, linen and cotton counts; the packing of the fibres is common practice"),
    CIRCLE_PACKING(
            "smallest circle around equal circles (Graham, Lubachevsky, Nurmela, \u00d6sterg\u00e5rd 1998, from memory); thread packs down to 0.85, common practice"),
    THE_PATH("added up move by move along the path; slack is common practice"),
    THE_PATH_AND_BOOKS("added up move by move along the path; slack from the binder\u2019s own finished books");

    private final String words;

    Source(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
