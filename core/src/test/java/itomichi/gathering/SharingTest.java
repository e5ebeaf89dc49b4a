package itomichi.gathering;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SharingTest {

    private static final Draw<Integer> SIGNATURES = Draw.between(1, 200);
    private static final Draw<Integer> MORE = Draw.between(0, 1500);

    @DataProvider
    Object[][] runs() {
        return new Object[][] {
            {60, 10, List.of(6, 6, 6, 6, 6, 6, 6, 6, 6, 6)},
            {16, 5, List.of(3, 3, 4, 3, 3)},
            {17, 5, List.of(3, 4, 3, 4, 3)},
            {18, 5, List.of(3, 4, 4, 4, 3)},
            {14, 4, List.of(3, 4, 4, 3)},
            {15, 4, List.of(4, 4, 3, 4)},
            {13, 4, List.of(3, 4, 3, 3)},
        };
    }

    @Test(dataProvider = "runs")
    public void whatIsLeftOverGoesToTheMiddle(int sheets, int signatures, List<Integer> each) {
        assertEquals(Sharing.of(sheets, signatures).sheetsEach(), each);
    }

    @Test
    public void noSheetIsLost() {
        Property.holds()
                .of(
                        SIGNATURES,
                        MORE,
                        (signatures, more) ->
                                Sharing.of(signatures + more, signatures).sheets() == signatures + more);
    }

    @Test
    public void noSignatureHasMoreThanOneSheetMoreThanAnother() {
        Property.holds().of(SIGNATURES, MORE, (signatures, more) -> {
            Sharing sharing = Sharing.of(signatures + more, signatures);
            return sharing.most() - sharing.fewest() <= 1;
        });
    }

    @Test
    public void theRunReadsTheSameFromBothEndsWhereverThatCanBe() {
        Property.holds().of(SIGNATURES, MORE, (signatures, more) -> {
            int over = (signatures + more) % signatures;
            boolean can = over % 2 == 0 || signatures % 2 == 1;
            return Sharing.of(signatures + more, signatures).symmetric() == can;
        });
    }

    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {60, 10, "10 of 6", ""},
            {62, 10, "8 of 6 and 2 of 7", "the 5th and 6th"},
            {16, 5, "4 of 3 and 1 of 4", "the 3rd"},
            {18, 5, "2 of 3 and 3 of 4", "the 2nd to the 4th"},
        };
    }

    @Test(dataProvider = "words")
    public void aRunIsToldInWords(int sheets, int signatures, String words, String fuller) {
        Sharing sharing = Sharing.of(sheets, signatures);
        assertEquals(sharing.words() + "|" + (sharing.even() ? "" : sharing.fullerWords()), words + "|" + fuller);
    }

    @Test
    public void moreSignaturesThanSheetsAreRefusedWithBothNumbers() {
        String said = expectThrows(IllegalArgumentException.class, () -> Sharing.of(3, 4))
                .getMessage();
        assertEquals(said, "3 sheets cannot be shared over 4 signatures: each needs one");
    }
}
