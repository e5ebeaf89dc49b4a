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
        return new RowCheck(
                "course",
                row -> json.treeToValue(row.required("wish"), CourseDocument.class)
                        .wish(BookDocuments.spec(StartingBook.in(Unit.MM))));
    }
}
