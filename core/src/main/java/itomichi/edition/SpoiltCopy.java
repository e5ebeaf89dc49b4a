package itomichi.edition;

/**
 * A copy that was spoilt or lost, and is made anew.
 *
 * @param copy its number, from 1
 * @param at what was being done when it was spoilt, or was done last when it was lost
 */
public record SpoiltCopy(int copy, CopyStage at) {}
