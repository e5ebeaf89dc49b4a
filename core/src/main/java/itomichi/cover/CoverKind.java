package itomichi.cover;

import java.util.List;

/** A kind of cover: which blocks it fits, what is settled of it, and how it is worked out. */
public interface CoverKind {

    /** A name that does not change, kept with books. */
    String key();

    /** What a binder calls it. */
    String name();

    /** What it is good for, as a sentence. */
    String purpose();

    /** Whether it fits such a block. */
    boolean fits(CoverBase base);

    /** What a binder settles of it. */
    List<Setting> settings();

    /** Whether a setting makes a difference beside what else is settled; one that does not is not asked for. */
    default boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return true;
    }

    /** Whether the sewing is seen on the spine of the finished book. */
    default boolean spineSeen() {
        return true;
    }

    /** Whether boards go into it, so that their thickness matters. */
    default boolean boards() {
        return false;
    }

    /** What lies at the spine besides where that is sewn through, as settled. */
    default AtSpine atSpine(CoverChoices choices) {
        return AtSpine.COVER_ALONE;
    }

    /** Its pieces, figures, drawings, order of work, and what is wrong with it, as settled. */
    CoverWork work(CoverBase base, CoverChoices choices);
}
