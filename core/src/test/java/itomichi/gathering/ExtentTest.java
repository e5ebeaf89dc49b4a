package itomichi.gathering;

import static org.testng.Assert.assertEquals;

import itomichi.property.Draw;
import itomichi.property.Property;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ExtentTest {

    private static final Draw<Integer> NUMBER = Draw.between(1, 4000);

    @DataProvider
    Object[][] counts() {
        return new Object[][] {
            // by definition: a leaf is two pages, a sheet folded once is two leaves
            {Extent.By.PAGES, 32, true, 32, 8},
            {Extent.By.PAGES, 29, true, 29, 8},
            {Extent.By.PAGES, 1, true, 1, 1},
            {Extent.By.LEAVES, 15, true, 30, 8},
            {Extent.By.SHEETS, 60, true, 240, 60},
            {Extent.By.SHEETS, 60, false, 120, 60},
            {Extent.By.PAGES, 31, false, 31, 16},
        };
    }

    @Test(dataProvider = "counts")
    public void pagesLeavesAndSheetsAreCountedIntoEachOther(
            Extent.By by, int number, boolean folded, int pages, int sheets) {
        Extent extent = new Extent(by, number);
        assertEquals(extent.pages(folded) + " on " + extent.sheets(folded), pages + " on " + sheets);
    }

    @Test
    public void noPageIsLostAndLessThanASheetIsLeftOver() {
        Property.holds().of(NUMBER, pages -> {
            int held = Extent.ofPages(pages).sheets(true) * 4;
            return held >= pages && held < pages + 4;
        });
    }
}
