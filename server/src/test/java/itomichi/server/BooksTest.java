package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class BooksTest extends HttpTest {

    @Test
    public void aNewBookIsKeptWithItsPlan() {
        JsonNode book = begin("Cues");
        JsonNode again = get("/api/books/" + id(book)).body();
        assertEquals(again.get("plan").get("sheets").asInt(), 8);
        assertEquals(again.get("document").get("name").asString(), "Cues");
    }

    @Test
    public void aSecondBookOfOneNameGetsANumber() {
        begin("Cues");
        assertEquals(begin("Cues").get("document").get("name").asString(), "Cues, 2");
        assertEquals(begin("cues").get("document").get("name").asString(), "cues, 3");
    }

    @Test
    public void aNameThatIsTakenIsRefusedInItsField() {
        begin("Cues");
        JsonNode other = begin("Flies");
        Answer answer = change(other, "name", document("CUES"));
        assertEquals(answer.status() + " " + answer.body().get("field").asString(), "422 name");
        assertEquals(names(""), List.of("Flies", "Cues"));
    }

    @Test
    public void booksAreFoundByNameAndPurpose() {
        begin("Cues");
        post("/api/books", document("Flies").put("purpose", "which rope is which, 100 % of them"));
        assertEquals(names("cUE"), List.of("Cues"));
        assertEquals(names("rope"), List.of("Flies"));
        // a sign of the search language is only a sign
        assertEquals(names("100 %25"), List.of("Flies"));
        assertEquals(names("_"), List.of());
    }

    @Test
    public void aCopyHasNothingDoneYet() {
        JsonNode done = document("Cues");
        ((tools.jackson.databind.node.ObjectNode) done)
                .putArray("done")
                .add("PURPOSE")
                .add("PAPER");
        JsonNode book = post("/api/books", done).body();
        JsonNode copy = post("/api/books/" + id(book) + "/copy", Map.of()).body();
        assertEquals(copy.get("document").get("done").size(), 0);
        assertEquals(copy.get("document").get("name").asString(), "Cues, 2");
    }

    @Test
    public void aBookGoesToTheShelfAndBack() {
        JsonNode book = begin("Cues");
        put("/api/books/" + id(book) + "/shelf", Map.of("onShelf", true));
        assertTrue(get("/api/books").body().get(0).get("onShelf").asBoolean());
        put("/api/books/" + id(book) + "/shelf", Map.of("onShelf", false));
        assertEquals(get("/api/books").body().get(0).get("onShelf").asBoolean(), false);
    }

    @Test
    public void aRemovedBookIsGoneUntilItIsPutBack() {
        JsonNode book = begin("Cues");
        delete("/api/books/" + id(book));
        assertEquals(names(""), List.of());
        assertEquals(get("/api/books/" + id(book)).status(), 410);
        post("/api/books/" + id(book) + "/restore", Map.of());
        assertEquals(names(""), List.of("Cues"));
    }

    @Test
    public void aBookPutBackUnderATakenNameGetsANumber() {
        JsonNode book = begin("Cues");
        delete("/api/books/" + id(book));
        begin("Cues");
        post("/api/books/" + id(book) + "/restore", Map.of());
        assertEquals(List.copyOf(new java.util.TreeSet<>(names(""))), List.of("Cues", "Cues, 2"));
    }

    @Test
    public void theBenchSaysWhatToDoNext() {
        begin("Cues");
        assertEquals(get("/api/books").body().get(0).get("next").get("mm").asString(), "Say what it is for");
    }

    private List<String> names(String find) {
        return texts(get("/api/books?find=" + find.replace(" ", "%20")).body(), "name");
    }

    static String id(JsonNode book) {
        return book.get("id").asString();
    }
}
