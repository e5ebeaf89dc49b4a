package itomichi.server.drawer;

import itomichi.server.archive.RowCheck;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads things in the drawers of an archive as those that are kept are read. */
@Component
class ThingCheck implements RowCheck {

    private final JsonMapper json;

    ThingCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "thing";
    }

    @Override
    public void check(JsonNode row) {
        ThingViews.of(
                new Thing(
                        UUID.fromString(row.required("id").asString()),
                        Drawer.valueOf(row.required("drawer").asString()),
                        Thing.readName(row.required("name").asString()),
                        json.readValue(row.required("particulars").toString(), DrawerStore.PARTICULARS),
                        row.required("version").asLong(),
                        false),
                List.of());
    }
}
