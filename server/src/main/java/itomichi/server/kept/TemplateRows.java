package itomichi.server.kept;

import itomichi.server.archive.RowCheck;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class TemplateRows {

    @Bean
    RowCheck templateRow(JsonMapper json) {
        return new RowCheck("kept_template", row -> {
            KeptTemplates.checkedName(row.required("name").asString());
            KeptTemplates.readNotes(row.required("notes").asString());
            json.treeToValue(row.required("template"), TemplateDocument.class).template();
        });
    }
}
