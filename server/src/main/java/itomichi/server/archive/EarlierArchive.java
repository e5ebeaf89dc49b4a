package itomichi.server.archive;

import itomichi.server.document.EarlierDocument;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Says what an earlier archive says in the words of the newest version, as the migrations of the tables do. */
final class EarlierArchive {

    private EarlierArchive() {}

    /** Raises a row, as far as it can be by itself. */
    static void raise(ArchiveTable table, JsonNode row, int version, JsonMapper json) {
        if (table == ArchiveTable.REVISION && row.get("document") instanceof ObjectNode document) {
            if (version < 2) {
                EarlierDocument.toEighth(document, json);
            }
            if (version < 4) {
                EarlierDocument.toNinth(document);
            }
            if (version < 5) {
                EarlierDocument.toTenth(document, json);
            }
        }
        if (version < 2 && table == ArchiveTable.PUNCHING && row instanceof ObjectNode ticks) {
            ticks.put("of_what", "HOLES");
        }
    }

    /** Raises what takes several rows, once all are there. */
    static void raise(ArchiveStore store, int version) {
        if (version < 2) {
            store.nameThicknessesByWeight();
        }
    }
}
