package itomichi.cover;

import java.util.List;

/** Something that can be added to covers of several kinds, on top of what the kind works out. */
interface Extra {

    /** What a binder settles of it. */
    List<Setting> settings();

    /** Whether a setting of it makes a difference beside what else is settled. */
    boolean counts(Setting setting, CoverBase base, CoverChoices choices);

    /** The cover with it; the same where it is not wanted. */
    CoverWork added(CoverWork work, CoverBase base, CoverChoices choices);
}
