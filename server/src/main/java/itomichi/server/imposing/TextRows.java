package itomichi.server.imposing;

import itomichi.server.archive.RowCheck;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class TextRows {

    @Bean
    RowCheck textRow(JsonMapper json) {
        return new RowCheck("book_text", row -> {
            TextService.checkedName(row.required("name").asString());
            if (!row.path("sizes").isNull()) {
                TextService.pages(row.required("sizes").toString(), json);
            }
        });
    }

    @Bean
    RowCheck printWishRow(JsonMapper json) {
        return new RowCheck(
                "print_wish",
                row -> json.treeToValue(row.required("wish"), PrintWishDocument.class)
                        .wish());
    }
}
