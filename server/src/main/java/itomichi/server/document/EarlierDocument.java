package itomichi.server.document;

import itomichi.finding.Stage;
import itomichi.structure.Structures;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Says what an earlier document of a book says in the words of the newest; what is said already stays. */
public final class EarlierDocument {

    private EarlierDocument() {}

    /**
     * From the seventh version of the book file to the eighth: nothing that books taught could be taken in; pages were counted from the
     * first on, and looked at by nobody who went on.
     */
    public static void toEighth(ObjectNode book, JsonMapper json) {
        if (!book.has("learned")) {
            book.putObject("learned");
        }
        if (!book.has("pages")) {
            book.set("pages", json.valueToTree(StartingBook.PLAIN_PAGES));
        }
        if (book.get("done") instanceof ArrayNode done) {
            boolean wentOn = done.valueStream().map(stage -> stage.asString("")).anyMatch(Stage.PAGES::before);
            boolean said =
                    done.valueStream().anyMatch(stage -> stage.asString("").equals(Stage.PAGES.name()));
            if (wentOn && !said) {
                done.add(Stage.PAGES.name());
            }
        }
    }

    /** From the eighth to the ninth: what was made beforehand was all of the first signature of pages; nothing was pasted to any. */
    public static void toNinth(ObjectNode book) {
        ObjectNode pages = (ObjectNode) book.get("pages");
        if (pages.has("pasted")) {
            return;
        }
        pages.putArray("pasted");
        int first = endpapersFirst(book) ? 2 : 1;
        JsonNode artwork = pages.path("artwork");
        artwork.path("pictures").forEach(picture -> ((ObjectNode) picture.get("half")).put("signature", first));
        artwork.path("facing").forEach(two -> {
            ((ObjectNode) two.get("one")).put("signature", first);
            ((ObjectNode) two.get("other")).put("signature", first);
        });
    }

    /** From the ninth to the tenth: all copies were alike, and nothing was spare. */
    public static void toTenth(ObjectNode book, JsonMapper json) {
        if (!book.has("edition")) {
            book.set("edition", json.valueToTree(StartingBook.ALIKE));
        }
    }

    private static boolean endpapersFirst(ObjectNode book) {
        boolean apart =
                book.path("gathering").path("wish").path("endpapersApart").asBoolean(false);
        return apart
                && Structures.keyed(book.path("structure").asString(""))
                        .filter(structure -> structure.form().most() > 1)
                        .isPresent();
    }
}
