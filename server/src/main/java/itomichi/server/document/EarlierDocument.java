package itomichi.server.document;

import itomichi.finding.Stage;
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
}
