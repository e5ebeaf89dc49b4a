package itomichi.server.book;

import itomichi.measure.Unit;
import itomichi.server.archive.RowCheck;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.spec.BookSpec;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class BookRows {

    /** What each is called now. */
    @Bean
    RowCheck bookRow() {
        return new RowCheck("book", row -> {
            String name = row.required("name").asString();
            if (!new BookSpec.Title(name, "", Unit.MM).name().equals(name)) {
                throw new IllegalArgumentException("A name is kept without blanks round it; read “" + name + "”");
            }
        });
    }

    @Bean
    RowCheck revisionRow(JsonMapper json) {
        return new RowCheck(
                "revision", row -> BookDocuments.spec(json.treeToValue(row.required("document"), BookDocument.class)));
    }
}
