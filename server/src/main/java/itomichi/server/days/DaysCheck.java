package itomichi.server.days;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the days of books of an archive as those that are kept are read. */
@Component
class DaysCheck implements RowCheck {

    private final JsonMapper json;

    DaysCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "book_days";
    }

    @Override
    public void check(JsonNode row) {
        json.treeToValue(row.required("changes"), DaysDocument.class).read();
    }
}
