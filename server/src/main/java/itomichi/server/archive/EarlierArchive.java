package itomichi.server.archive;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Says what an earlier archive says in the words of the newest version, as the migrations of the tables do. */
final class EarlierArchive {

    private EarlierArchive() {}

    /** Raises a row, as far as it can be by itself. */
    static void raise(ArchiveTable table, JsonNode row, int version) {
        if (version < 2
                && table == ArchiveTable.REVISION
                && row.get("document") instanceof ObjectNode document
                && !document.has("learned")) {
            document.putObject("learned");
        }
    }

    /** Raises what takes several rows, once all are there. */
    static void raise(ArchiveStore store, int version) {
        if (version < 2) {
            store.nameThicknessesByWeight();
        }
    }
}
