package itomichi.finding;

import java.util.Arrays;

/** The stages of the work, in their order; every figure and every remark belongs to one. */
public enum Stage {
    PURPOSE,
    PAPER,
    GATHER,
    PAGES,
    STATIONS,
    TEMPLATE,
    THREAD,
    SEW,
    COVER,
    FINISH;

    /** Whether a stage of that name comes after this one. */
    public boolean before(String name) {
        return Arrays.stream(values()).anyMatch(stage -> stage.name().equals(name) && stage.compareTo(this) > 0);
    }
}
