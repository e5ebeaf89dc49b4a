package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Stage;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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
        ((ObjectNode) done).putArray("done").add("PURPOSE").add("PAPER");
        JsonNode book = post("/api/books", done).body();
        JsonNode copy = post("/api/books/" + id(book) + "/copy", Map.of()).body();
        assertEquals(copy.get("document").get("done").size(), 0);
        assertEquals(copy.get("document").get("name").asString(), "Cues, 2");
    }

    @Test
    public void aBookGoesToTheShelfAndBack() {
        JsonNode book = begin("Cues");
        put("/api/books/" + id(book) + "/shelf", Map.of("onShelf", true));
        assertEquals(texts(get("/api/books?onShelf=true").body().get("books"), "name"), List.of("Cues"));
        put("/api/books/" + id(book) + "/shelf", Map.of("onShelf", false));
        assertEquals(names(""), List.of("Cues"));
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
        assertEquals(List.copyOf(new TreeSet<>(names(""))), List.of("Cues", "Cues, 2"));
    }

    @Test
    public void aCardIsMadeAnewWhenTheBookIsSewnOn() {
        JsonNode book = begin("Cues");
        JsonNode before = get("/api/books").body().get("books").get(0);
        put("/api/books/" + id(book) + "/sewing", Map.of("step", 2, "outsideUp", false));
        JsonNode after = get("/api/books").body().get("books").get(0);
        assertEquals(before.at("/looks/spineSewn").asInt(), 0);
        assertTrue(after.at("/looks/spineSewn").asInt() > 0, after.toString());
    }

    @Test
    public void theBenchIsListedInParts() {
        for (int i = 0; i < 50; i++) {
            begin("Cues");
        }
        JsonNode first = get("/api/books").body();
        JsonNode rest = get("/api/books?from=48").body();
        assertEquals(first.get("all").asInt(), 50);
        Set<String> names = new TreeSet<>(texts(first.get("books"), "name"));
        names.addAll(texts(rest.get("books"), "name"));
        assertEquals(names.size(), 50);
    }

    @Test
    public void copiesMadeAtOnceAreNumbered() {
        String copy = "/api/books/" + id(begin("Cues")) + "/copy";
        List<Answer> answers =
                IntStream.range(0, 8)
                        .mapToObj(i -> CompletableFuture.supplyAsync(() -> post(copy, Map.of())))
                        .toList()
                        .stream()
                        .map(CompletableFuture::join)
                        .toList();
        assertEquals(answers.stream().map(Answer::status).distinct().toList(), List.of(201));
        assertEquals(new TreeSet<>(names("")).size(), 9);
    }

    @Test
    public void anUndoneNameThatWasTakenMeanwhileStaysAsItIs() {
        JsonNode first = begin("Cues");
        ObjectNode renamed = ((ObjectNode) first.get("document")).deepCopy();
        JsonNode moved = change(first, "name", renamed.put("name", "Slips")).body();
        JsonNode second = begin("Cues");
        JsonNode undone = post(
                        "/api/books/" + id(first) + "/undo",
                        Map.of("version", moved.get("version").asLong()))
                .body();
        assertEquals(undone.get("document").get("name").asString(), "Slips");
        // and the other book can be changed
        assertEquals(change(second, "pages", pages(second, 40)).status(), 200);
    }

    @Test
    public void theBenchSaysWhatToDoNext() {
        begin("Cues");
        assertEquals(
                get("/api/books")
                        .body()
                        .get("books")
                        .get(0)
                        .get("next")
                        .get("mm")
                        .asString(),
                "Say what it is for");
    }

    private List<String> names(String find) {
        return texts(get("/api/books?find=" + find.replace(" ", "%20")).body().get("books"), "name");
    }

    static String id(JsonNode book) {
        return book.get("id").asString();
    }

    /** What the database sorts out by is what the plan says comes next. */
    @Test
    public void booksAreSortedOutByTheStageThatComesNext() {
        for (int stages = 0; stages <= Stage.values().length; stages++) {
            ObjectNode document = document("Stage " + stages);
            ArrayNode done = document.putArray("done");
            List.of(Stage.values()).subList(0, stages).forEach(stage -> done.add(stage.name()));
            post("/api/books", document);
        }
        for (Stage stage : Stage.values()) {
            JsonNode part = get("/api/books?stage=" + stage).body();
            assertEquals(part.get("all").asInt(), stage == Stage.FINISH ? 2 : 1, stage.name());
            for (JsonNode book : part.get("books")) {
                assertEquals(book.get("stage").asString(), stage.name());
            }
        }
    }

    @Test
    public void howManyWaitAtEachStageIsToldWhicheverIsAskedFor() {
        begin("Cues");
        post("/api/books", (JsonNode)
                document("Flies").set("done", document("x").putArray("done").add("PURPOSE")));
        assertEquals(
                get("/api/books?stage=PAPER").body().get("stages").toString(),
                "[{\"stage\":\"PURPOSE\",\"books\":1},{\"stage\":\"PAPER\",\"books\":1}]");
    }

    @Test
    public void aStageThatIsNoneIsToldInOneLine() {
        assertEquals(get("/api/books?stage=DREAMS").status(), 400);
    }

    @Test
    public void whatIsLeftHalfSewnIsToldAtTheBench() {
        JsonNode book = begin("Cues");
        put("/api/books/" + id(book) + "/sewing", Map.of("step", 2, "outsideUp", false));
        JsonNode left = get("/api/bench").body().get("left");
        assertEquals(
                left.size() + " " + left.get(0).get("name").asString() + " "
                        + left.get(0).get("move").asInt(),
                "1 Cues 3");
    }

    @Test
    public void whatIsSewnIsNotLeft() {
        ObjectNode document = document("Cues");
        document.putArray("done").add("SEW");
        JsonNode book = post("/api/books", document).body();
        put("/api/books/" + id(book) + "/sewing", Map.of("step", 2, "outsideUp", false));
        assertEquals(get("/api/bench").body().get("left").size(), 0);
    }

    @Test
    public void whatIsDoneNextIsToldAtTheBench() {
        JsonNode book = begin("Cues");
        JsonNode next = get("/api/bench").body().get("next");
        assertEquals(next.at("/items/0/book").asString(), id(book));
        int told = next.get("items").size() + next.get("more").asInt();
        assertEquals(told, get("/api/days").body().at("/next/items").size());
    }
}
