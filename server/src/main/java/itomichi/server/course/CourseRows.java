package itomichi.server.course;

import itomichi.measure.Unit;
import itomichi.server.archive.RowCheck;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class CourseRows {

    @Bean
    RowCheck courseRow(JsonMapper json) {
        return new RowCheck("course", row -> {
            CourseDocument wish = json.treeToValue(row.required("wish"), CourseDocument.class);
            wish.wish(BookDocuments.spec(StartingBook.in(Unit.MM)));
            String book = row.required("book_id").asString();
            if (!book.equals(wish.bookId().toString())) {
                throw new IllegalArgumentException("A class of book " + book + " makes " + wish.bookId());
            }
        });
    }
}
