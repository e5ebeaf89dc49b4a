package itomichi.learning;

import itomichi.habit.Habit;

/**
 * What a finished book says of a habit.
 *
 * @param value in the unit of the habit's kind
 * @param usual what is common practice, as that book was planned by it
 */
public record Reading(Habit habit, double value, double usual) {}
