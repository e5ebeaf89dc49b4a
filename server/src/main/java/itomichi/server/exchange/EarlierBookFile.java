package itomichi.server.exchange;

import itomichi.cover.CoverStuff;
import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.gathering.Extent;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookFile;
import itomichi.server.document.EarlierDocument;
import itomichi.server.document.StartingBook;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Says what an earlier book file says in the words of the newest version. */
final class EarlierBookFile {

    private EarlierBookFile() {}

    static void raise(ObjectNode file, int version, JsonMapper json) {
        ObjectNode book = (ObjectNode) file.get("book");
        if (version < 2) {
            toSecond(book, json);
        }
        if (version < 3) {
            toThird(book, json);
        }
        if (version < 4) {
            // every structure had one way of being sewn
            book.set("stitch", json.valueToTree(StartingBook.USUAL_STITCH));
        }
        if (version < 5) {
            toFifth(book);
        }
        if (version < 6) {
            toSixth(book, json);
        }
        if (version < 7) {
            // nothing was settled of what a cover is cut from
            ((ObjectNode) book.get("covering")).putArray("stocks");
        }
        if (version < 8) {
            EarlierDocument.toEighth(book, json);
        }
        if (version < 9) {
            EarlierDocument.toNinth(book);
        }
        if (version < 10) {
            EarlierDocument.toTenth(book, json);
        }
        file.put("version", BookFile.VERSION);
    }

    /** Two signatures on one length were a tick beside the way of sewing; a back was flat, a cover was card. */
    private static void toFifth(ObjectNode book) {
        ObjectNode gathering = (ObjectNode) book.get("gathering");
        boolean twoOn = gathering.path("twoOn").asBoolean(false);
        gathering.remove("twoOn");
        gathering.put("back", Back.FLAT.name());
        ((ObjectNode) book.get("cover")).put("stuff", CoverStuff.CARD.name());
        if (twoOn && book.get("structure").asString("").equals("tapes")) {
            ((ObjectNode) book.get("stitch")).put("variant", "two-on");
        }
    }

    /** The road ended with the last knot: what was sewn was done. */
    private static void toSixth(ObjectNode book, JsonMapper json) {
        book.set("covering", json.valueToTree(StartingBook.USUAL_COVERING));
        ArrayNode done = (ArrayNode) book.get("done");
        if (done.valueStream().anyMatch(stage -> stage.asString("").equals(Stage.SEW.name()))) {
            done.add(Stage.COVER.name()).add(Stage.FINISH.name());
        }
    }

    /** Pages were all that was counted, and paper came cut to size. */
    private static void toSecond(ObjectNode book, JsonMapper json) {
        int pages = book.remove("pages").asInt();
        book.set("use", json.valueToTree(StartingBook.ANY_USE));
        book.set("extent", json.valueToTree(new BookDocument.Extent(Extent.By.PAGES, pages)));
        book.putArray("otherPapers");
        book.set("cutting", json.valueToTree(StartingBook.USUAL_CUTTING));
        book.set("gathering", json.valueToTree(StartingBook.PLAIN_GATHERING));
    }

    /** Stations were placed by margins, a share or by hand; there were no rows and no holes through the side. */
    private static void toThird(ObjectNode book, JsonMapper json) {
        ObjectNode stations = json.valueToTree(StartingBook.stations(5, 20));
        stations.setAll((ObjectNode) book.get("stations"));
        book.set("stations", stations);
        book.set("rows", json.valueToTree(StartingBook.USUAL_ROWS));
        book.set("side", json.valueToTree(StartingBook.USUAL_SIDE));
        ((ObjectNode) book.get("gathering")).putArray("unlike");
    }
}
