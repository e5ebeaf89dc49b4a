package itomichi.gathering;

import static org.testng.Assert.assertEquals;

import itomichi.habit.Learned;
import itomichi.material.BulkKind;
import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BlockTest {

    private static final Length LEAF = Length.ofMm(148);
    private static final SewnIn LINEN = SewnIn.of(Length.ofMm(0.48), 1, BulkKind.BOOK_WOVE, Learned.NONE);

    private static Block block(int signatures, int sheets, double mm, SewnIn thread, double pasteInsMm) {
        return new Block(
                Collections.nCopies(signatures, Signature.plain(sheets, Length.ofMm(mm), LEAF)),
                LEAF,
                Springs.usual(Pressing.OVERNIGHT),
                thread,
                signatures,
                Length.ofMm(pasteInsMm));
    }

    private static double value(itomichi.finding.Working working) {
        return working.result().number();
    }

    @Test
    public void theBlockIsAsThickAsAllItsLeaves() {
        // 10 signatures of 6 sheets of 0.168 mm, two leaves each, with the pencil
        assertEquals(value(block(10, 6, 0.168, LINEN, 0).pressed()), 20.16, 1e-6);
    }

    @Test
    public void theSwellIsTheThreadThatDoesNotSinkIn() {
        assertEquals(value(block(10, 6, 0.168, LINEN, 0).swell()), 10 * 0.48 * 0.5, 1e-6);
    }

    @Test
    public void theSpineIsThePaperItsSpringAndTheSwell() {
        // 2 x 10.08 x 1.05 + 2.4, by the formula of the design with k = 0.05 pressed overnight: common practice, no
        // source
        assertEquals(value(block(10, 6, 0.168, LINEN, 0).spine()), 23.568, 1e-6);
    }

    @Test
    public void theWedgeIsHowMuchThickerTheSpineIs() {
        assertEquals(value(block(10, 6, 0.168, LINEN, 0).wedge()), (23.568 - 20.16) / 20.16 * 100, 0.01);
    }

    @Test
    public void aDoubledThreadSwellsTwiceAsMuch() {
        double single = value(block(12, 4, 0.1, LINEN, 0).swell());
        assertEquals(
                value(block(12, 4, 0.1, SewnIn.of(Length.ofMm(0.48), 2, BulkKind.BOOK_WOVE, Learned.NONE), 0)
                        .swell()),
                2 * single,
                1e-6);
    }

    @Test
    public void whatIsPastedInStandsAtTheForeEdgeOnly() {
        Block plain = block(8, 5, 0.15, LINEN, 0);
        Block filled = block(8, 5, 0.15, LINEN, 6);
        assertEquals(value(filled.foreEdge()) - value(plain.foreEdge()), 6, 1e-6);
        assertEquals(value(filled.spine()), value(plain.spine()));
    }

    @DataProvider
    Object[][] leaves() {
        return new Object[][] {
            // layers at the fore edge: a whole leaf one, a short one none, one folded back once two
            {148, 148, 2}, {60, 148, 1}, {280, 148, 3}, {280, 60, 2}, {60, 60, 0},
        };
    }

    @Test(dataProvider = "leaves")
    public void shortLeavesDoNotReachTheForeEdgeAndFoldedOnesLieDouble(double firstMm, double secondMm, int layers) {
        Signature one = new Signature(
                List.of(new FoldedSheet(0, Length.ofMm(0.2), Length.ofMm(firstMm), Length.ofMm(secondMm))));
        Block block = new Block(List.of(one), LEAF, Springs.usual(Pressing.OVERNIGHT), LINEN, 1, Length.ZERO);
        assertEquals(value(block.foreEdge()), layers * 0.2, 1e-6);
    }

    @Test
    public void pressingBringsTheSpineDown() {
        Block fresh = new Block(
                block(9, 5, 0.15, LINEN, 0).signatures(), LEAF, Springs.usual(Pressing.FRESH), LINEN, 9, Length.ZERO);
        assertEquals(value(fresh.spine()) > value(block(9, 5, 0.15, LINEN, 0).spine()), true);
        assertEquals(value(fresh.spine()), value(block(9, 5, 0.15, LINEN, 0).spineLoose()));
    }

    @Test
    public void theOrderOfTheSignaturesChangesNoThickness() {
        Property.holds().of(Draw.between(2, 20), Draw.between(1, 9), (signatures, sheets) -> {
            List<Signature> run = new ArrayList<>();
            for (int i = 0; i < signatures; i++) {
                run.add(Signature.plain(sheets + i % 3, Length.ofMm(0.1 + i * 0.01), LEAF));
            }
            List<Signature> mirrored = new ArrayList<>(run);
            Collections.reverse(mirrored);
            Block one = new Block(run, LEAF, Springs.usual(Pressing.AN_HOUR), LINEN, signatures, Length.ZERO);
            Block other = new Block(mirrored, LEAF, Springs.usual(Pressing.AN_HOUR), LINEN, signatures, Length.ZERO);
            return value(one.spine()) == value(other.spine()) && value(one.wedge()) == value(other.wedge());
        });
    }
}
