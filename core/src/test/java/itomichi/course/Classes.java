package itomichi.course;

import itomichi.book.Books;
import itomichi.spec.BookSpec;
import itomichi.structure.Hands;
import java.util.Set;

/** Classes that tests hold. */
final class Classes {

    private Classes() {}

    static CourseWish wish(BookSpec book, int minutes, Hands hands, Ahead... ahead) {
        return new CourseWish(book, minutes, 8, 1, hands, 4, Set.of(ahead), 0, CourseWish.USUAL_YARN);
    }

    static CourseWish pamphlets(int minutes, Hands hands, Ahead... ahead) {
        return wish(Books.sound(), minutes, hands, ahead);
    }

    static CourseStep step(Course course, String key) {
        return course.steps().stream()
                .filter(step -> step.key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
