/**
 * Classes: what is made when and by whom, whether it fits, kits and labels. Read {@link itomichi.server.course.CourseService} first. Uses
 * {@code archive}, {@code book}, {@code document}, {@code plan}, {@code platform}, {@code printer}, {@code supply}, {@code template}. In code a
 * class is a course.
 */
@NullMarked
package itomichi.server.course;

import org.jspecify.annotations.NullMarked;
