package itomichi.server.notebook;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Reads pictures of an archive as those that are kept are read: what is written under them. */
@Component
class PictureCheck implements RowCheck {

    @Override
    public String table() {
        return "picture";
    }

    @Override
    public void check(JsonNode row) {
        PictureController.checked(row.required("caption").asString());
    }
}
