package itomichi.server.demo;

import itomichi.course.Ahead;
import itomichi.server.course.CourseDocument;
import itomichi.structure.Hands;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What the theatre teaches: the young helpers make cue slips of their own. */
final class DemoClasses {

    private DemoClasses() {}

    /** The class that makes a book, by the book's name. */
    static Optional<CourseDocument> of(String book, UUID id, String begins) {
        return book.equals("Cue slips, twelve hands")
                ? Optional.of(new CourseDocument(
                        "Saturday with the young helpers",
                        id,
                        begins,
                        120,
                        9,
                        1,
                        Hands.CHILDREN,
                        4,
                        List.of(Ahead.FOLDED),
                        10,
                        "an apron, a favourite pencil",
                        null))
                : Optional.empty();
    }
}
