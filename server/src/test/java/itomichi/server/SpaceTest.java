package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The book in space over HTTP. */
public class SpaceTest extends HttpTest {

    /** A book bound so, as advised. */
    private ObjectNode bound(String structure) {
        return (ObjectNode) post("/api/plan/advice", document("Lines"))
                .body()
                .valueStream()
                .filter(advice -> advice.get("key").asString().equals(structure))
                .findFirst()
                .orElseThrow()
                .get("document");
    }

    @DataProvider
    Object[][] structures() {
        return new Object[][] {{"pamphlet"}, {"double-pamphlet"}, {"tapes"}, {"link-stitch"}, {"stab-plain"}};
    }

    @Test(dataProvider = "structures")
    public void everyStepOfTheSewingHasItsThread(String structure) {
        ObjectNode book = bound(structure);
        JsonNode space = post("/api/plan/space", book).body();
        assertEquals(
                space.get("thread").size(),
                post("/api/plan/way", book).body().get("steps").size());
    }

    @Test
    public void sectionsSewnAtOnceLieBackToBack() {
        JsonNode space = post("/api/plan/space", bound("double-pamphlet")).body();
        assertTrue(space.get("backToBack").asBoolean());
        assertEquals(space.get("signatures").asInt(), 2);
    }

    /** As it stands on the bench: in the dye of the sheet that is settled for it, and in none where that is not known. */
    @Test
    public void theCoverIsInTheDyeOfItsSheet() {
        ObjectNode book = bound("pamphlet");
        assertTrue(post("/api/plan/space", book).body().at("/stuffs/0/dye").isMissingNode(), "no dye is known");
        ((ArrayNode) book.at("/covering/stocks"))
                .addObject()
                .put("stuff", "CARD")
                .put("name", "Red card 250")
                .put("widthMm", 500)
                .put("heightMm", 700)
                .put("grain", "ALONG_HEIGHT")
                .put("colour", "MADDER");
        assertEquals(post("/api/plan/space", book).body().at("/stuffs/0/dye").asString(), "MADDER");
    }

    @Test
    public void aBookThatCannotBeSewnSaysSo() {
        Answer answer = post("/api/plan/space", bound("glued-spine"));
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("cannot be sewn"), answer.message());
    }
}
