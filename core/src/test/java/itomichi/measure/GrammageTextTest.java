package itomichi.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class GrammageTextTest {

    @DataProvider
    Object[][] weights() {
        return new Object[][] {
            {"120", 120.0},
            {"120 gsm", 120.0},
            {"120 g/m²", 120.0},
            {"90,5 g/m2", 90.5},
            // by definition: lb * 453.59237 g / (500 * basic sheet); basic sheets from memory
            {"20 lb bond", 75.2},
            {"24 lb bond", 90.2},
            {"32# bond", 120.3},
            {"80 lb text", 118.4},
            {"80 lb book", 118.4},
            {"65 lb cover", 175.8},
            {"110 lb index", 198.9},
            {"67 lb bristol", 146.9},
            {"100 lb tag", 162.8},
            {"140 lb watercolour", 298.3},
            {"140 lb watercolor", 298.3},
            {"32 lb writing", 120.3},
            {"１２０ gsm", 120.0},
        };
    }

    @Test(dataProvider = "weights")
    public void weightsAreReadInEitherSystem(String typed, double gsm) {
        Grammage read = GrammageText.parse(typed).orElseGet(unreadable -> {
            throw new AssertionError(unreadable.message());
        });
        assertEquals(read.gsm(), gsm, 0.06);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"24 lb", "which kind of pound"},
            {"24 lb velvet", "which kind of pound"},
            {"heavy", "a paper weight is wanted"},
            {"-80", "a paper weight is wanted"},
            {"99999999", "no paper weighs that much"},
        };
    }

    @Test(dataProvider = "refused")
    public void aWeightThatSaysNothingIsAskedAbout(String typed, String part) {
        String message = ((Reading.Unreadable<Grammage>) GrammageText.parse(typed)).message();
        assertTrue(message.contains(part), message);
    }
}
