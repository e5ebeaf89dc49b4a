package itomichi.server.notebook;

import itomichi.server.archive.RowCheck;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class NotebookRows {

    @Bean
    RowCheck pageRow(JsonMapper json) {
        return new RowCheck("notebook_page", row -> {
            NotebookService.text("notes", row.required("notes").asString());
            NotebookService.text("failed", row.required("failed").asString());
            json.readValue(row.required("readings").toString(), NotebookStore.READINGS);
        });
    }

    @Bean
    RowCheck pictureRow() {
        return new RowCheck(
                "picture",
                row -> PictureController.checked(row.required("caption").asString()));
    }
}
