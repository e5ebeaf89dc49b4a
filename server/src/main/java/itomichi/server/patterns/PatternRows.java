package itomichi.server.patterns;

import itomichi.server.archive.RowCheck;
import itomichi.server.document.BookDocument;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class PatternRows {

    @Bean
    RowCheck patternRow(JsonMapper json) {
        return new RowCheck(
                "own_pattern",
                row -> Patterns.checked(
                        row.required("notes").asString(),
                        json.treeToValue(row.required("pattern"), BookDocument.Pattern.class)));
    }
}
