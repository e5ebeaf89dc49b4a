package itomichi.gathering;

import static org.testng.Assert.assertEquals;

import itomichi.measure.Length;
import org.quicktheories.QuickTheory;
import org.quicktheories.core.Gen;
import org.quicktheories.generators.SourceDSL;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SignatureTest {

    private static final Gen<Integer> PAGES = SourceDSL.integers().between(1, 4000);

    @DataProvider
    Object[][] counts() {
        return new Object[][] {
            // by definition: a sheet folded once is four pages
            {32, 8, ""}, {31, 8, "32"}, {30, 8, "31 and 32"}, {29, 8, "30, 31 and 32"}, {1, 1, "2, 3 and 4"},
        };
    }

    @Test(dataProvider = "counts")
    public void pagesAreRoundedUpToSheetsAndTheBlanksNamed(int pages, int sheets, String blanks) {
        Signature signature = new Signature(pages, Length.ofMm(0.1));
        assertEquals(signature.sheets() + " " + signature.blanksNamed(), sheets + " " + blanks);
    }

    @Test
    public void sheetsAndTheirWorkingAgreeForEveryPageCount() {
        QuickTheory.qt().forAll(PAGES).check(pages -> {
            Signature signature = new Signature(pages, Length.ofMm(0.1));
            return signature.sheetsWorking().result().number() == signature.sheets();
        });
    }

    @Test
    public void noPageIsLost() {
        QuickTheory.qt().forAll(PAGES).check(pages -> {
            Signature signature = new Signature(pages, Length.ofMm(0.1));
            return signature.pages() - signature.blankPages().size() == pages
                    && signature.blankPages().size() < 4;
        });
    }

    @Test
    public void foldGrowsWithEverySheet() {
        QuickTheory.qt()
                .forAll(PAGES)
                .check(pages -> new Signature(pages + 4, Length.ofMm(0.1))
                                .foldThickness()
                                .result()
                                .number()
                        > new Signature(pages, Length.ofMm(0.1))
                                .foldThickness()
                                .result()
                                .number());
    }

    /** Against the fold itself: the arc of a quarter circle added up in a thousand straight pieces, sheet upon sheet. */
    @Test
    public void creepIsTheQuarterCircleRoundTheInnerSheets() {
        double t = 0.168;
        Signature signature = new Signature(32, Length.ofMm(t));
        double radius = 7 * t;
        double arc = 0;
        for (int i = 0; i < 1000; i++) {
            double from = Math.PI / 2 * i / 1000;
            double to = Math.PI / 2 * (i + 1) / 1000;
            arc += Math.hypot(radius * (Math.cos(to) - Math.cos(from)), radius * (Math.sin(to) - Math.sin(from)));
        }
        assertEquals(signature.creep().result().number(), arc, 0.001);
    }

    @Test
    public void theOutermostSheetFallsBackByTheCreep() {
        Signature signature = new Signature(40, Length.ofMm(0.12));
        double outermost = signature.nested().get(9).fallsBackMm();
        assertEquals(outermost, signature.creep().result().number(), 0.001);
    }

    @Test
    public void oneSheetDoesNotCreep() {
        assertEquals(new Signature(4, Length.ofMm(0.2)).creep().result().number(), 0.0);
    }
}
