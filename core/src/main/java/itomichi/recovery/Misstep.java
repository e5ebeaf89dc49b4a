package itomichi.recovery;

import itomichi.measure.Phrase;

/**
 * What a learner says the next step is, and what a wrong answer would do to the book.
 *
 * @param right whether it is the step that comes next
 * @param words what it would do, or that it is right
 */
public record Misstep(boolean right, Phrase words) {}
