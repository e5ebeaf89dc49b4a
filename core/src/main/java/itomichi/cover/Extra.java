package itomichi.cover;

import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.School;
import java.util.List;

/** Something that can be added to covers of several kinds, on top of what the kind works out. */
abstract class Extra {

    private final School wanted;
    private final Measure size;

    /**
     * @param wanted whether it is wanted, and how; the usual way is without it
     * @param size what is settled of it where it is wanted
     */
    Extra(School wanted, Measure size) {
        this.wanted = wanted;
        this.size = size;
    }

    /** What a binder settles of it. */
    final List<Setting> settings() {
        return List.of(wanted, size);
    }

    private boolean isWanted(CoverChoices choices) {
        return !choices.is(wanted, wanted.options().get(0));
    }

    /** Whether a setting of it makes a difference beside what else is settled. */
    final boolean counts(Setting setting, CoverChoices choices) {
        return setting.equals(wanted) || isWanted(choices);
    }

    /** The cover with it where it is wanted; else the same. */
    final CoverWork added(CoverWork work, CoverBase base, CoverChoices choices) {
        return isWanted(choices) ? onto(work, base, choices) : work;
    }

    /** The cover with it. */
    abstract CoverWork onto(CoverWork work, CoverBase base, CoverChoices choices);
}
