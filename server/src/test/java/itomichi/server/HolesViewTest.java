package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a plan says of its holes to the screen, and the templates it gives out. */
public class HolesViewTest extends HttpTest {

    private ObjectNode bound(String structure, int pages) {
        ObjectNode document = extent(document("Holes"), pages);
        document.put("structure", structure);
        ((ObjectNode) document.get("stations")).put("scheme", "SHARE").put("count", 4);
        return document;
    }

    private JsonNode holes(ObjectNode document) {
        Answer plan = post("/api/plan", document);
        assertEquals(plan.status(), 200, plan.message());
        return plan.body().get("holes");
    }

    @Test
    public void fourSchoolsDivideTheSpine() {
        assertEquals(
                texts(holes(bound("long-stitch", 96)).get("cover").get("schools"), "key"),
                java.util.List.of("EQUAL", "MARGIN", "PITCH", "THICKNESS"));
    }

    @Test
    public void insideAndOutsideAreMirrored() {
        JsonNode cover = holes(bound("long-stitch", 96)).get("cover");
        double width = cover.get("widthMm").asDouble();
        cover.get("rows")
                .forEach(row -> assertEquals(
                        row.get("fromLeftMm").asDouble() + row.get("insideMm").asDouble(), width, 0.0011));
    }

    @Test
    public void theFrontOfTheBookIsAtTheRightFromOutside() {
        JsonNode rows = holes(bound("long-stitch", 96)).get("cover").get("rows");
        assertTrue(rows.get(0).get("fromLeftMm").asDouble()
                > rows.get(1).get("fromLeftMm").asDouble());
    }

    @Test
    public void aStationAtFaultSaysSoWhereItIs() {
        ObjectNode document = document("Near");
        ((ObjectNode) document.get("stations"))
                .put("scheme", "PLACED")
                .putArray("placedMm")
                .add(1)
                .add(100)
                .add(190);
        JsonNode station = holes(document).get("stations").get(0);
        assertTrue(station.get("fault").get("weight").asString().equals("STOP"));
        assertTrue(station.get("fault").get("words").get("mm").asString().contains("tears out"));
    }

    @Test
    public void aShorterSignatureLosesTheStationsItDoesNotReach() {
        ObjectNode document = bound("link-stitch", 96);
        ((ObjectNode) document.get("gathering"))
                .putArray("unlike")
                .addObject()
                .put("signature", 2)
                .put("heightMm", 120);
        JsonNode fold = holes(document).get("folds").get(1);
        assertTrue(fold.get("stations").size() < 4, fold.toString());
    }

    @Test
    public void theCutFilesAreGivenOut() {
        String id = BooksTest.id(post("/api/books", bound("long-stitch", 96)).body());
        String path = "/api/books/" + id + "/template-cut.";
        String dxf = new String(get(path + "dxf?kinds=SPINE_GRID").raw().body(), StandardCharsets.US_ASCII);
        assertTrue(dxf.contains("SECTION") && dxf.contains("CUT") && dxf.trim().endsWith("EOF"), dxf);
        String svg = new String(get(path + "svg?kinds=SPINE_GRID").raw().body(), StandardCharsets.UTF_8);
        assertTrue(svg.contains("class=\"cut\""));
    }

    @Test
    public void whatServesNoSuchBookIsLeftOut() {
        String id = BooksTest.id(begin("Cues"));
        JsonNode sheet = get("/api/books/" + id + "/template?kinds=STAB_STRIP&kinds=FLAT_STRIP")
                .body();
        assertEquals(sheet.get("taken").toString(), "[\"FLAT_STRIP\"]");
    }
}
