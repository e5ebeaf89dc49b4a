package itomichi.server.book;

import itomichi.server.archive.RowCheck;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads revisions of an archive as those that are kept are read. */
@Component
class RevisionCheck implements RowCheck {

    private final JsonMapper json;

    RevisionCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public String table() {
        return "revision";
    }

    @Override
    public void check(JsonNode row) {
        BookDocuments.spec(json.treeToValue(row.required("document"), BookDocument.class));
    }
}
