package itomichi.course;

import itomichi.finding.Working;
import itomichi.measure.Phrase;

/**
 * A step of a class.
 *
 * @param key of the step of the book's work
 * @param who does it
 * @param words what is done
 * @param minutes it takes, with their range: of one pair of hands, of an adult for all, of the teacher for all kits
 * @param lies how long it then lies and that holds up the class, minutes; none where it lies before the class or after it
 */
public record CourseStep(String key, Who who, Phrase words, Working minutes, int lies) {}
