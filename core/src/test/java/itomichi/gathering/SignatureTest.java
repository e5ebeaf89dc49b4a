package itomichi.gathering;

import static org.testng.Assert.assertEquals;

import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SignatureTest {

    private static final Length LEAF = Length.ofMm(148);

    private static Signature plain(int sheets, double mm) {
        return Signature.plain(sheets, Length.ofMm(mm), LEAF);
    }

    private static Signature mixed(double... outerToCentreMm) {
        return new Signature(java.util.Arrays.stream(outerToCentreMm)
                .mapToObj(mm -> new FoldedSheet(0, Length.ofMm(mm), LEAF, LEAF))
                .toList());
    }

    private static double fold(Signature signature) {
        return signature.foldThickness(Comfort.ALONE).result().number();
    }

    private static double creep(Signature signature) {
        return signature.creep().result().number();
    }

    @Test
    public void foldGrowsWithEverySheet() {
        Property.holds().of(Draw.between(1, 400), sheets -> fold(plain(sheets + 1, 0.1)) > fold(plain(sheets, 0.1)));
    }

    @Test
    public void aMixedSignatureIsAsThickAsItsSheetsTogether() {
        // 2 x (0.25 + 0.1 + 0.1 + 0.18), with the pencil
        assertEquals(fold(mixed(0.25, 0.1, 0.1, 0.18)), 1.26, 1e-6);
    }

    @Test
    public void sheetsAlikeGiveTheSameFoldByEitherFormula() {
        Property.holds().of(Draw.between(2, 40), Draw.between(50, 400), (sheets, um) -> {
            double mm = um / 1000.0;
            Signature almost = new Signature(IntStream.range(0, sheets)
                    .mapToObj(i -> new FoldedSheet(0, new Length(um + (i == 0 ? 1 : 0)), LEAF, LEAF))
                    .toList());
            return Math.abs(fold(almost) - fold(plain(sheets, mm))) <= 0.003;
        });
    }

    /** Against the fold itself: the arc of a quarter circle added up in a thousand straight pieces, sheet upon sheet. */
    @Test
    public void creepIsTheQuarterCircleRoundTheInnerSheets() {
        double t = 0.168;
        double radius = 7 * t;
        double arc = 0;
        for (int i = 0; i < 1000; i++) {
            double from = Math.PI / 2 * i / 1000;
            double to = Math.PI / 2 * (i + 1) / 1000;
            arc += Math.hypot(radius * (Math.cos(to) - Math.cos(from)), radius * (Math.sin(to) - Math.sin(from)));
        }
        assertEquals(creep(plain(8, t)), arc, 0.001);
    }

    @DataProvider
    Object[][] recipes() {
        return new Object[][] {
            {new double[] {0.1, 0.1, 0.1, 0.1, 0.1, 0.1}},
            {new double[] {0.3, 0.1, 0.1, 0.2}},
            {new double[] {0.08, 0.25}},
        };
    }

    /**
     * Against lines of a geometry library (JTS): every sheet is laid as a line of one length round the inner ones, and the distance
     * between the fore edges of the innermost and the outermost is the creep.
     */
    @Test(dataProvider = "recipes")
    public void creepIsTheDistanceBetweenTheForeEdgesOfLinesOfOneLength(double[] outerToCentre) {
        double inner = foreEdgeMm(0, outerToCentre);
        double outer = foreEdgeMm(outerToCentre.length - 1, outerToCentre);
        assertEquals(creep(mixed(outerToCentre)), inner - outer, 0.002);
    }

    /** How far a leaf of 148 mm reaches from where the folds become flat, with so many sheets inside its fold. */
    private static double foreEdgeMm(int inside, double[] outerToCentre) {
        double radius = 0;
        for (int i = 0; i < inside; i++) {
            radius += outerToCentre[outerToCentre.length - 1 - i];
        }
        Coordinate[] arc = new Coordinate[2001];
        for (int i = 0; i <= 2000; i++) {
            double angle = Math.PI / 2 * i / 2000;
            arc[i] = new Coordinate(radius * Math.cos(angle), radius * Math.sin(angle));
        }
        return LEAF.mm() - new GeometryFactory().createLineString(arc).getLength();
    }

    @Test
    public void theOutermostSheetFallsBackByTheCreep() {
        Signature signature = plain(10, 0.12);
        assertEquals(signature.nested().get(9).fallsBackMm(), creep(signature), 0.001);
    }

    @Test
    public void oneSheetDoesNotCreep() {
        assertEquals(creep(plain(1, 0.2)), 0.0);
    }

    @DataProvider
    Object[][] wideLeaves() {
        return new Object[][] {
            // by hand: panels of 95 mm in a leaf of 100 mm, kept clear of the fore edge by 5 mm
            {60, 0}, {100, 0}, {101, 1}, {190, 1}, {191, 2}, {285, 2}, {286, 3},
        };
    }

    @Test(dataProvider = "wideLeaves")
    public void aWideLeafIsFoldedBackUntilItLiesWithinTheBook(double widthMm, int folds) {
        assertEquals(FoldedSheet.folds(Length.ofMm(widthMm), Length.ofMm(100)), folds);
    }

    @Test
    public void aSignatureWithoutSheetsIsRefused() {
        org.testng.Assert.expectThrows(
                IllegalArgumentException.class, () -> new Signature(Collections.<FoldedSheet>emptyList()));
    }

    @Test
    public void nestedSheetsRunFromTheInnermostOut() {
        List<Double> radii = mixed(0.3, 0.2, 0.1).nested().stream()
                .map(Signature.Nested::innerRadiusMm)
                .toList();
        assertEquals(radii, List.of(0.0, 0.1, 0.1 + 0.2));
    }
}
