/**
 * A class that makes a book: who does what, whether it fits the time and the hands, what would make it fit, what lies in each envelope and on
 * each table. Read {@link itomichi.course.Course} first. In code a class is a course.
 *
 * <p>Uses advice, measure, finding, habit, material, gathering, cutting, punching, station, structure, cover, schedule, spec, plan, book.
 */
package itomichi.course;
