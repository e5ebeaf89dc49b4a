package itomichi.spec;

/** The stages of the work, in their order. */
public enum Stage {
    PURPOSE,
    PAPER,
    GATHER,
    STATIONS,
    TEMPLATE,
    THREAD,
    SEW
}
