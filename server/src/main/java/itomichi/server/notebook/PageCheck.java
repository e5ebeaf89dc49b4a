package itomichi.server.notebook;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads pages of the notebook of an archive as those that are kept are read. */
@Component
class PageCheck implements RowCheck {

    private final JsonMapper json;

    PageCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "notebook_page";
    }

    @Override
    public void check(JsonNode row) {
        NotebookService.text("notes", row.required("notes").asString());
        NotebookService.text("failed", row.required("failed").asString());
        json.readValue(row.required("readings").toString(), NotebookStore.READINGS);
    }
}
