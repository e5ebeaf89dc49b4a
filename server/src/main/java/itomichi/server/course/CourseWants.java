package itomichi.server.course;

import itomichi.course.Course;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocuments;
import itomichi.server.supply.AlsoWants;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What classes that are still to be held want of the drawers. */
@Component
class CourseWants implements AlsoWants {

    /** Those begun last; more are not got ready at once. */
    private static final int MOST = 50;

    private final CourseStore store;
    private final BookService books;
    private final Clock clock;

    CourseWants(CourseStore store, BookService books, Clock clock) {
        this.store = store;
        this.books = books;
        this.clock = clock;
    }

    @Override
    public List<Wanted> wanted() {
        List<CourseStore.Stored> coming = store.all().stream()
                .filter(one -> coming(one.document()))
                .limit(MOST)
                .toList();
        Map<?, StoredBook> made =
                books
                        .all(coming.stream()
                                .map(one -> one.document().bookId())
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(StoredBook::id, Function.identity()));
        List<Wanted> wanted = new ArrayList<>();
        for (CourseStore.Stored one : coming) {
            StoredBook book = made.get(one.document().bookId());
            if (book != null) {
                book.unlessUnplanned(() -> wanted.add(wanted(one, book)));
            }
        }
        return wanted;
    }

    private boolean coming(CourseDocument document) {
        return document.begins() == null
                || !LocalDateTime.parse(document.begins()).isBefore(LocalDateTime.now(clock));
    }

    private static Wanted wanted(CourseStore.Stored one, StoredBook book) {
        Course course = Course.of(one.document().wish(BookDocuments.spec(book.document())));
        return new Wanted(
                book.as(CourseService.made(book, course).withName(one.document().name())), course.used(), one.act());
    }
}
