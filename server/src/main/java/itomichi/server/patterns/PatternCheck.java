package itomichi.server.patterns;

import itomichi.server.archive.RowCheck;
import itomichi.server.document.BookDocument;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads patterns of an archive as those that are kept are read. */
@Component
class PatternCheck implements RowCheck {

    private final JsonMapper json;

    PatternCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "own_pattern";
    }

    @Override
    public void check(JsonNode row) {
        Patterns.checked(
                row.required("notes").asString(),
                json.treeToValue(row.required("pattern"), BookDocument.Pattern.class));
    }
}
