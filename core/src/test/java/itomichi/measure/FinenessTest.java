package itomichi.measure;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FinenessTest {

    @DataProvider
    Object[][] shown() {
        return new Object[][] {
            {297.0, Fineness.CUT, "297 mm", "11 11/16 in"},
            {215.9, Fineness.CUT, "216 mm", "8 1/2 in"},
            {19.3, Fineness.CUT, "19.5 mm", "3/4 in"},
            {42.52, Fineness.MARK, "42.5 mm", "1 11/16 in"},
            {2.496, Fineness.MARK, "2.5 mm", "3/32 in"},
            {2.688, Fineness.BUNDLE, "2.7 mm", "0.106 in"},
            {0.156, Fineness.HAIR, "0.156 mm", "0.0061 in"},
            {0.4804, Fineness.CALIPER, "0.48 mm", "0.019 in"},
            {0.0, Fineness.CUT, "0 mm", "0 in"},
            {-3.0, Fineness.CUT, "−3 mm", "−1/8 in"},
            // never shown as nothing: the next finer way is taken
            {0.2, Fineness.CUT, "0.2 mm", "0.008 in"},
        };
    }

    @Test(dataProvider = "shown")
    public void lengthsAreShownAsABinderPencilsThem(double mm, Fineness fineness, String inMm, String inInches) {
        Shown shown = Length.ofMm(mm).at(fineness);
        assertEquals(plain(shown.in(Unit.MM)) + " | " + plain(shown.in(Unit.INCH)), inMm + " | " + inInches);
    }

    @Test
    public void switchingTheUnitDoesNotTouchTheLength() {
        Shown shown = Length.ofMm(147.9).at(Fineness.CUT);
        shown.in(Unit.INCH);
        assertEquals(shown.length(), Length.ofMm(147.9));
    }

    private static String plain(String text) {
        return text.replace('\u202f', ' ').replace('\u00a0', ' ');
    }
}
