package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ReadingTest extends HttpTest {

    @DataProvider
    Object[][] lengths() {
        return new Object[][] {{"8 1/2", "INCH", 215.9}, {"8 1/2", "MM", 8.5}, {"21 cm", "INCH", 210.0}};
    }

    @Test(dataProvider = "lengths")
    public void aBareNumberIsReadInTheUnitOfTheScreen(String text, String unit, double mm) {
        JsonNode read =
                post("/api/reading/length", Map.of("text", text, "unit", unit)).body();
        assertEquals(read.get("mm").asDouble(), mm, 0.001);
    }

    @Test
    public void aWeightIsReadInPoundsOfAKind() {
        JsonNode read = post("/api/reading/weight", Map.of("text", "24 lb bond", "unit", "MM"))
                .body();
        assertEquals(read.get("gsm").asDouble(), 90.2, 0.1);
    }

    @Test
    public void poundsWithoutTheirKindAreAskedAbout() {
        String message = post("/api/reading/weight", Map.of("text", "24 lb", "unit", "MM"))
                .message();
        assertTrue(message.contains("which kind of pound: bond, text, cover, bristol, index, tag"), message);
    }

    @Test
    public void theCatalogueHasTheSizesBindersFold() {
        assertTrue(texts(get("/api/catalogue").body().get("sizes"), "name")
                .containsAll(java.util.List.of("A5", "Half letter", "JIS B6")));
    }

    @Test
    public void aPlanIsTheSameWhicheverUnitTheBookIsIn() {
        var metric = document("Cues");
        var inches = metric.deepCopy().put("unit", "INCH");
        assertEquals(
                post("/api/plan", inches).body().get("block"),
                post("/api/plan", metric).body().get("block"));
    }

    @Test
    public void everyMendIsABookThatCanBeKept() {
        var troubled = extent(document("Cues"), 98);
        for (JsonNode remark : post("/api/plan", troubled).body().get("remarks")) {
            for (JsonNode mend : remark.get("mends")) {
                assertEquals(
                        post("/api/plan", mend.get("document")).status(),
                        200,
                        remark.get("key").asString());
            }
        }
    }
}
