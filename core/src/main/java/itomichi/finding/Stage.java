package itomichi.finding;

/** The stages of the work, in their order; every figure and every remark belongs to one. */
public enum Stage {
    PURPOSE,
    PAPER,
    GATHER,
    STATIONS,
    TEMPLATE,
    THREAD,
    SEW,
    COVER,
    FINISH
}
