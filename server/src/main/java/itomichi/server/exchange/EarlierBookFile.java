package itomichi.server.exchange;

import itomichi.gathering.Extent;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StartingBook;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Says what a book file of version 1 says in the words of version 2: pages were all that was counted, and paper came cut to size. */
final class EarlierBookFile {

    private EarlierBookFile() {}

    static void raise(ObjectNode file, JsonMapper json) {
        file.put("version", 2);
        ObjectNode book = (ObjectNode) file.get("book");
        int pages = book.remove("pages").asInt();
        book.set("use", json.valueToTree(StartingBook.ANY_USE));
        book.set("extent", json.valueToTree(new BookDocument.Extent(Extent.By.PAGES, pages)));
        book.putArray("otherPapers");
        book.set("cutting", json.valueToTree(StartingBook.USUAL_CUTTING));
        book.set("gathering", json.valueToTree(StartingBook.PLAIN_GATHERING));
    }
}
