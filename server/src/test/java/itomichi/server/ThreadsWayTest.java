package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The thread's way over HTTP: every structure's, the way back from a wrong hole, rehearsal, the step sheet. */
public class ThreadsWayTest extends HttpTest {

    /** A book bound so, as advised. */
    private ObjectNode bound(String structure, int pages) {
        ObjectNode document = document("Prompt book");
        ((ObjectNode) document.get("extent")).put("number", pages);
        return (ObjectNode) post("/api/plan/advice", document)
                .body()
                .valueStream()
                .filter(advice -> advice.get("key").asString().equals(structure))
                .findFirst()
                .orElseThrow()
                .get("document");
    }

    private String begun(ObjectNode document) {
        return BooksTest.id(post("/api/books", document).body());
    }

    @DataProvider
    Object[][] structures() {
        return new Object[][] {
            {"pamphlet", 32},
            {"corded-pamphlet", 32},
            {"several-pamphlets", 96},
            {"double-pamphlet", 48},
            {"link-stitch", 160},
            {"french-link", 160},
            {"tapes", 160},
            {"long-stitch", 96},
            {"paired-rows", 192},
            {"stab-running", 48},
            {"stab-four-hole", 48},
            {"stab-corners", 48},
            {"stab-tortoise-shell", 48},
            {"stab-hemp-leaf", 48},
        };
    }

    @Test(dataProvider = "structures")
    public void everyStructureIsSewnToTheKnot(String structure, int pages) {
        JsonNode way = post("/api/plan/way", bound(structure, pages)).body();
        assertEquals(way.get("faults").size(), 0, way.get("faults").toString());
        JsonNode last = way.get("steps").get(way.get("steps").size() - 1);
        assertTrue(List.of("TIE", "KETTLE").contains(last.get("kind").asString()), last.toString());
        assertTrue(last.get("leftMm").asDouble() > 50, "a tail is left in hand: " + last.get("leftMm"));
    }

    @Test(dataProvider = "structures")
    public void everyStructureHasItsStepSheet(String structure, int pages) throws Exception {
        String id = begun(bound(structure, pages));
        try (PDDocument printed =
                Loader.loadPDF(get("/api/books/" + id + "/steps.pdf").raw().body())) {
            String text = new PDFTextStripper().getText(printed).replace('\u202f', ' ');
            assertTrue(text.contains("step sheet") && text.contains("1. "), text);
        }
    }

    @Test
    public void aStepSheetThatIsTooLargeForOneFileIsSaidWithItsSize() {
        ObjectNode document = bound("link-stitch", 120);
        ((ObjectNode) document.get("leaf")).put("heightMm", 1000);
        ((ObjectNode) document.get("stations")).put("scheme", "EQUAL").put("count", 190);
        String id = begun(document);
        Answer pdf = get("/api/books/" + id + "/steps.pdf");
        assertEquals(pdf.status(), 422);
        assertTrue(pdf.message().contains("190 stations"), pdf.message());
        assertEquals(get("/api/books/" + id + "/steps.svg?page=2").status(), 200);
    }

    @Test
    public void theStepSheetIsDrawnAsSvg() {
        String id = begun(bound("link-stitch", 160));
        String svg = new String(get("/api/books/" + id + "/steps.svg").raw().body(), StandardCharsets.UTF_8);
        assertTrue(svg.contains("Inside") && svg.contains("Outside"), svg.substring(0, 400));
    }

    @Test
    public void variantsAreShownSideBySide() {
        JsonNode variants =
                post("/api/plan/way/variants", bound("long-stitch", 96)).body();
        assertEquals(
                variants.valueStream().map(one -> one.get("key").asString()).toList(),
                List.of("usual", "there-and-back", "pairs"));
        assertTrue(variants.get(1).get("passes").asInt()
                > variants.get(0).get("passes").asInt());
    }

    @Test
    public void aWrongHoleIsUnpickedAndThePlaceKept() {
        String id = begun(bound("link-stitch", 160));
        String sewing = "/api/books/" + id + "/sewing";
        put(sewing, Map.of("step", 3, "outsideUp", false));
        Map<String, Object> astray = Map.of("step", 3, "outsideUp", false, "holes", List.of(5));
        JsonNode back = post(sewing + "/back", astray).body();
        assertEquals(back.get("unpicked").asInt(), 1, back.toString());
        put(sewing + "/back", astray);
        assertEquals(get(sewing).body().get("step").asInt(), 3);
    }

    @Test
    public void anotherWayToTheSamePatternIsSewnToTheEnd() {
        String id = begun(bound("pamphlet", 32));
        String sewing = "/api/books/" + id + "/sewing";
        put(sewing, Map.of("step", 1, "outsideUp", false));
        // out at the centre of five, then towards the tail instead of the head
        put(sewing + "/back", Map.of("step", 1, "outsideUp", false, "holes", List.of(4)));
        JsonNode place = get(sewing).body();
        assertTrue(place.get("strayed").asBoolean() && place.get("step").asInt() == 2, place.toString());
        JsonNode way = get(sewing + "/way").body();
        assertEquals(way.get("notation").asString(), "+3 -4 +5 -4 +2 -1 +2 -3 tie");
        int steps = way.get("steps").size();
        assertEquals(put(sewing, Map.of("step", steps, "outsideUp", false)).status(), 200);
    }

    @Test
    public void whoBeginsAnewSewsByThePlan() {
        String id = begun(bound("pamphlet", 32));
        String sewing = "/api/books/" + id + "/sewing";
        put(sewing, Map.of("step", 1, "outsideUp", false));
        put(sewing + "/back", Map.of("step", 1, "outsideUp", false, "holes", List.of(4)));
        put(sewing, Map.of("step", 0, "outsideUp", false));
        assertEquals(get(sewing).body().get("strayed").asBoolean(), false);
    }

    @Test
    public void threadThatWasMeasuredTooShortIsSaid() {
        String id = begun(bound("pamphlet", 32));
        Map<String, Object> astray = Map.of("step", 2, "outsideUp", false, "holes", List.of(), "leftMm", 40);
        JsonNode back = post("/api/books/" + id + "/sewing/back", astray).body();
        assertEquals(back.get("enough").asBoolean(), false, back.toString());
    }

    @DataProvider
    Object[][] nonsense() {
        return new Object[][] {
            {Map.of("step", 0, "outsideUp", false, "holes", List.of(2))},
            {Map.of("step", 2, "outsideUp", false, "holes", List.of(99))},
            {Map.of("step", 2, "outsideUp", false)},
            {Map.of("step", 2, "outsideUp", false, "holes", List.of(1), "leftMm", -4)},
            {Map.of("step", -3, "outsideUp", false, "holes", List.of(1))},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseAboutTheWayBackIsRefusedInOneLine(Map<String, Object> told) {
        String id = begun(bound("pamphlet", 32));
        Answer answer = post("/api/books/" + id + "/sewing/back", told);
        assertTrue(List.of(400, 422).contains(answer.status()), answer.status() + answer.message());
        assertTrue(answer.message().endsWith(".") && !answer.message().contains("Exception"), answer.message());
    }

    @Test
    public void aRehearsalSaysWhatAWrongHoleWouldDo() {
        String rehearsal = "/api/books/" + begun(bound("pamphlet", 32)) + "/rehearsal";
        assertTrue(answer(rehearsal, 0, "PASS", 3).get("right").asBoolean());
        JsonNode wrong = answer(rehearsal, 1, "PASS", 1);
        assertEquals(wrong.get("right").asBoolean(), false);
        assertTrue(wrong.get("words").get("mm").asString().contains("long and loose on the outside"), wrong.toString());
    }

    @Test
    public void whatGaveTroubleIsKept() {
        String rehearsal = "/api/books/" + begun(bound("pamphlet", 32)) + "/rehearsal";
        answer(rehearsal, 1, "PASS", 1);
        answer(rehearsal, 1, "TIE", 0);
        answer(rehearsal, 1, "PASS", 2);
        JsonNode troubles = get(rehearsal).body();
        assertEquals(
                List.of(
                        troubles.size(),
                        troubles.get(0).get("step").asInt(),
                        troubles.get(0).get("misses").asInt(),
                        troubles.get(0).get("tries").asInt()),
                List.of(1, 2, 2, 3));
    }

    private JsonNode answer(String rehearsal, int step, String kind, int station) {
        return post(rehearsal, Map.of("step", step, "kind", kind, "station", station))
                .body();
    }

    @Test
    public void aBookThatCannotBeSewnSaysSoInOneLine() {
        ObjectNode odd = bound("long-stitch", 96);
        ((ObjectNode) odd.get("stations")).put("scheme", "MARGINS").put("count", 5);
        Answer answer = get("/api/books/" + begun(odd) + "/steps.pdf");
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("cannot be sewn"), answer.message());
    }

    @Test
    public void theShelfSaysWhichThreadsWillDo() {
        JsonNode shelf = post("/api/plan/threads", bound("link-stitch", 160)).body();
        assertTrue(shelf.get("range").get("mm").asString().contains("firm pull"), shelf.toString());
    }
}
