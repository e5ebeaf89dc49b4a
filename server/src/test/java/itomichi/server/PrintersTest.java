package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Printers, each corrected by what its own check bars measure. */
public class PrintersTest extends HttpTest {

    private static final String BENCH = "00000000-0000-0000-0000-000000000001";
    private static final String SIMULATED = "00000000-0000-0000-0000-000000000002";

    @AfterMethod
    void printAsItIs() {
        for (String printer : new String[] {BENCH, SIMULATED}) {
            delete("/api/printers/" + printer + "/correction");
        }
    }

    @Test
    public void thereIsOneAtTheBenchAndOneToTryOn() {
        assertEquals(texts(get("/api/printers").body(), "id"), java.util.List.of(BENCH, SIMULATED));
    }

    @Test
    public void measuredBarsStretchTheNextSheetForThatPrinterOnly() {
        JsonNode book = begin("Cues");
        correct(BENCH, "97.3", "101.2");
        // the level check bar, 100 mm, is drawn 100 / 0.973 long
        assertEquals(levelBar(book, BENCH), 100 / 0.973, 0.01);
        assertEquals(levelBar(book, SIMULATED), 100, 0.01);
    }

    private double levelBar(JsonNode book, String printer) {
        String path = "/api/books/" + BooksTest.id(book) + "/template.svg?printer=" + printer;
        String svg = new String(get(path).raw().body(), StandardCharsets.UTF_8);
        return Pattern.compile("class=\"check\" x1=\"([\\d.]+)\" y1=\"([\\d.]+)\" x2=\"([\\d.]+)\" y2=\"\\2\"")
                .matcher(svg)
                .results()
                .mapToDouble(line -> Double.parseDouble(line.group(3)) - Double.parseDouble(line.group(1)))
                .max()
                .orElseThrow();
    }

    @Test
    public void theSimulatedPrinterComesOutTrueOnceItsBarsAreTold() {
        JsonNode book = begin("Cues");
        String sheet = "/api/books/" + BooksTest.id(book) + "/template?printer=" + SIMULATED;
        JsonNode before = get(sheet).body().get("trial");
        assertEquals(mm(before, "across") + " " + mm(before, "along"), "97.3 101.2");
        correct(SIMULATED, "97.3", "101.2");
        JsonNode after = get(sheet).body().get("trial");
        assertEquals(mm(after, "across") + " " + mm(after, "along"), "100 100");
    }

    private static String mm(JsonNode trial, String bar) {
        return trial.get(bar).get("mm").asString().replaceAll("[^\\d.]", "");
    }

    @Test
    public void aPrintIsMadeByAPrinterThatIsDrivenFromHereOnly() {
        String path = "/api/books/" + BooksTest.id(begin("Cues")) + "/template-print.pdf?printer=";
        assertEquals(get(path + SIMULATED).status(), 200);
        assertEquals(get(path + BENCH).status(), 422);
    }

    @DataProvider
    Object[][] absurdBars() {
        return new Object[][] {{"0", "100"}, {"40", "100"}, {"long", "100"}, {"100", ""}};
    }

    @Test(dataProvider = "absurdBars")
    public void absurdBarsAreRefusedAndNothingIsStretched(String across, String along) {
        assertEquals(correct(BENCH, across, along).status(), 422);
        assertTrue(get("/api/printers").body().get(0).get("none").asBoolean());
    }

    @Test
    public void aPrinterIsNamedOnceAndForgotten() {
        Answer added = post("/api/printers", Map.of("name", "Foyer"));
        assertEquals(added.status(), 201);
        assertEquals(post("/api/printers", Map.of("name", "foyer")).status(), 422);
        assertEquals(
                delete("/api/printers/" + added.body().get("id").asString()).status(), 204);
        assertFalse(texts(get("/api/printers").body(), "name").contains("Foyer"));
    }

    @Test
    public void theSimulatedOneStays() {
        assertEquals(delete("/api/printers/" + SIMULATED).status(), 422);
    }

    private Answer correct(String printer, String across, String along) {
        return put(
                "/api/printers/" + printer + "/correction",
                Map.of("across", across, "along", along, "unit", "MM", "barUnit", "MM"));
    }
}
