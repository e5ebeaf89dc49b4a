package itomichi.server.archive;

import itomichi.finding.Stage;
import itomichi.server.document.StartingBook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Says what an earlier archive says in the words of the newest version, as the migrations of the tables do. */
final class EarlierArchive {

    private EarlierArchive() {}

    /** Raises a row, as far as it can be by itself. */
    static void raise(ArchiveTable table, JsonNode row, int version, JsonMapper json) {
        if (version >= 2) {
            return;
        }
        if (table == ArchiveTable.REVISION && row.get("document") instanceof ObjectNode document) {
            toSecond(document, json);
        }
        if (table == ArchiveTable.PUNCHING && row instanceof ObjectNode ticks) {
            ticks.put("of_what", "HOLES");
        }
    }

    private static void toSecond(ObjectNode document, JsonMapper json) {
        if (!document.has("learned")) {
            document.putObject("learned");
        }
        if (!document.has("pages")) {
            document.set("pages", json.valueToTree(StartingBook.PLAIN_PAGES));
        }
        if (document.get("done") instanceof ArrayNode done) {
            boolean wentOn = done.valueStream().map(stage -> stage.asString("")).anyMatch(Stage.PAGES::before);
            boolean said =
                    done.valueStream().anyMatch(stage -> stage.asString("").equals(Stage.PAGES.name()));
            if (wentOn && !said) {
                done.add(Stage.PAGES.name());
            }
        }
    }

    /** Raises what takes several rows, once all are there. */
    static void raise(ArchiveStore store, int version) {
        if (version < 2) {
            store.nameThicknessesByWeight();
        }
    }
}
