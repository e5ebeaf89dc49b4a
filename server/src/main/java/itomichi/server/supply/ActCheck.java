package itomichi.server.supply;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads what was cut and bought of an archive as those that are kept are read. */
@Component
class ActCheck implements RowCheck {

    private final JsonMapper json;

    ActCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "drawer_act";
    }

    @Override
    public void check(JsonNode row) {
        json.readValue(row.required("moved").toString(), ActStore.MOVED);
    }
}
