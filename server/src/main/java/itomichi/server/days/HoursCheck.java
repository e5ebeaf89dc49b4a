package itomichi.server.days;

import itomichi.server.archive.RowCheck;
import java.time.ZoneOffset;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads hours at the bench of an archive as those that are kept are read. */
@Component
class HoursCheck implements RowCheck {

    private final JsonMapper json;

    HoursCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "bench_hours";
    }

    @Override
    public void check(JsonNode row) {
        json.treeToValue(row.required("hours"), HoursDocument.class).hours(ZoneOffset.UTC);
    }
}
