package itomichi.measure;

import static org.testng.Assert.assertEquals;

import javax.print.attribute.Size2DSyntax;
import javax.print.attribute.standard.MediaSize;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every size against the JDK's own table, {@code javax.print.attribute.standard.MediaSize}. */
public class SheetSizeTest {

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {
            {"A0", MediaSize.ISO.A0},
            {"A1", MediaSize.ISO.A1},
            {"A2", MediaSize.ISO.A2},
            {"A3", MediaSize.ISO.A3},
            {"A4", MediaSize.ISO.A4},
            {"A5", MediaSize.ISO.A5},
            {"A6", MediaSize.ISO.A6},
            {"A7", MediaSize.ISO.A7},
            {"A8", MediaSize.ISO.A8},
            {"B0", MediaSize.ISO.B0},
            {"B1", MediaSize.ISO.B1},
            {"B2", MediaSize.ISO.B2},
            {"B3", MediaSize.ISO.B3},
            {"B4", MediaSize.ISO.B4},
            {"B5", MediaSize.ISO.B5},
            {"B6", MediaSize.ISO.B6},
            {"B7", MediaSize.ISO.B7},
            {"B8", MediaSize.ISO.B8},
            {"JIS B0", MediaSize.JIS.B0},
            {"JIS B1", MediaSize.JIS.B1},
            {"JIS B2", MediaSize.JIS.B2},
            {"JIS B3", MediaSize.JIS.B3},
            {"JIS B4", MediaSize.JIS.B4},
            {"JIS B5", MediaSize.JIS.B5},
            {"JIS B6", MediaSize.JIS.B6},
            {"JIS B7", MediaSize.JIS.B7},
            {"JIS B8", MediaSize.JIS.B8},
            {"Letter", MediaSize.NA.LETTER},
            {"Legal", MediaSize.NA.LEGAL},
            {"Tabloid", MediaSize.Other.TABLOID},
            {"Executive", MediaSize.Other.EXECUTIVE},
        };
    }

    @Test(dataProvider = "sizes")
    public void standardSizesAgreeWithTheJdk(String name, MediaSize reference) {
        SheetSize size = SheetSize.named(name).orElseThrow();
        assertEquals(size.width().mm(), reference.getX(Size2DSyntax.MM), 0.06, name + " width");
        assertEquals(size.height().mm(), reference.getY(Size2DSyntax.MM), 0.06, name + " height");
    }

    @Test
    public void aLeafOfA5MeasuresIsKnownAsA5() {
        assertEquals(
                SheetSize.matching(Length.ofMm(148), Length.ofMm(210))
                        .orElseThrow()
                        .name(),
                "A5");
    }
}
