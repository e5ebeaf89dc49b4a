package itomichi.server.kept;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads kept templates of an archive as those that are kept are read. */
@Component
class TemplateCheck implements RowCheck {

    private final JsonMapper json;

    TemplateCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "kept_template";
    }

    @Override
    public void check(JsonNode row) {
        KeptTemplates.checkedName(row.required("name").asString());
        KeptTemplates.readNotes(row.required("notes").asString());
        json.treeToValue(row.required("template"), TemplateDocument.class).template();
    }
}
