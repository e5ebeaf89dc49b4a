package itomichi.server.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.gathering.Extent.By;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.spec.Binding;
import itomichi.structure.Structures;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What the drawings of folded and single sheets are made from. */
public class BlockViewsTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private interface Bend {
        void in(ObjectNode document);
    }

    private static PlanView view(String structure, Bend bend) {
        BookDocument start = StartingBook.in(Unit.MM);
        ObjectNode document = JSON.valueToTree(BookDocuments.changed(
                start,
                Binding.as(
                        BookDocuments.spec(start), Structures.keyed(structure).orElseThrow())));
        bend.in(document);
        return PlanViews.of(JSON.treeToValue(document, BookDocument.class));
    }

    private static void pages(ObjectNode document, int pages) {
        ((ObjectNode) document.get("extent")).put("by", By.PAGES.name()).put("number", pages);
    }

    @Test
    public void signaturesAlikeShareOneNest() {
        PlanView view = view("link-stitch", document -> pages(document, 240));
        assertEquals(
                view.block().signatures().size() + " " + view.block().nests().size(), "10 1");
    }

    @Test
    public void endpapersAreANestOfTheirOwnAtBothEnds() {
        PlanView view = view("tapes", document -> {
            pages(document, 240);
            ((ObjectNode) document.get("gathering").get("wish")).put("endpapersApart", true);
        });
        List<Boolean> ends = view.block().signatures().stream()
                .map(PlanView.SignatureView::endpaper)
                .toList();
        assertTrue(ends.get(0) && ends.get(ends.size() - 1) && !ends.get(1));
        assertEquals(view.block().nests().size(), 2);
    }

    @Test
    public void theNestRunsFromTheInnermostSheetOut() {
        List<PlanView.NestedView> nest = view("link-stitch", document -> pages(document, 240))
                .block()
                .nests()
                .get(0);
        for (int i = 1; i < nest.size(); i++) {
            assertTrue(nest.get(i).fallsBackMm() > nest.get(i - 1).fallsBackMm());
        }
    }

    @Test
    public void theSignaturesOfTheDrawingAreAsThickAsTheBlock() {
        PlanView view = view("link-stitch", document -> pages(document, 236));
        double folded = view.block().signatures().stream()
                .mapToDouble(PlanView.SignatureView::foldMm)
                .sum();
        assertEquals(folded, view.block().pressedMm(), 0.001);
    }

    @Test
    public void singleSheetsHaveNoSignaturesToDraw() {
        PlanView view = view("stab-running", document -> pages(document, 48));
        assertTrue(view.block().signatures().isEmpty() && !view.bound().folded());
        assertEquals(view.block().spineMm(), 24 * 0.168, 0.001);
    }

    @Test
    public void whatIsPastedInThickensTheForeEdgeOfAStackToo() {
        PlanView view = view("stab-running", document -> {
            pages(document, 48);
            ((ObjectNode) document.get("gathering")).put("pasteInsMm", 5);
        });
        assertEquals(view.block().foreEdgeMm() - view.block().spineMm(), 5, 0.001);
    }

    @Test
    public void withoutAStitchingThereIsNothingToSew() {
        PlanView view = view("glued-spine", document -> pages(document, 240));
        assertTrue(view.sewing() == null && !view.bound().plannable());
    }

    @Test
    public void everyPieceOfAStockSheetLiesOnIt() {
        PlanView view = view("link-stitch", document -> {
            pages(document, 240);
            ((ObjectNode) document.get("paper"))
                    .putObject("stock")
                    .put("widthMm", 640)
                    .put("heightMm", 900)
                    .put("grain", "ALONG_WIDTH")
                    .put("deckleMm", 8);
        });
        PlanView.CuttingView cutting = view.papers().get(0).cutting();
        for (PlanView.LayoutView layout : cutting.layouts()) {
            for (PlanView.PieceView piece : layout.pieces()) {
                assertTrue(piece.xMm() >= 8 && piece.xMm() + piece.widthMm() <= 632);
                assertTrue(piece.yMm() >= 8 && piece.yMm() + piece.heightMm() <= 892);
            }
        }
        assertEquals(view.papers().get(0).halvings().size(), 5);
    }
}
