package itomichi.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import javax.print.attribute.Size2DSyntax;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LengthTextTest {

    @DataProvider
    Object[][] typed() {
        return new Object[][] {
            // millimetres by hand from 1 in = 25.4 mm (international yard and pound agreement, 1959)
            {"210", Unit.MM, 210.0},
            {"210 mm", Unit.INCH, 210.0},
            {"21.6cm", Unit.MM, 216.0},
            {"21,6 cm", Unit.MM, 216.0},
            {"8 1/2 in", Unit.MM, 215.9},
            {"8.5\"", Unit.MM, 215.9},
            {"8½ in", Unit.MM, 215.9},
            {"3/4\"", Unit.MM, 19.05},
            {"5' 2\"", Unit.MM, 1574.8},
            {"5 ft 2 1/2 in", Unit.MM, 1587.5},
            {"1/16", Unit.INCH, 1.588},
            {"8 1/2", Unit.INCH, 215.9},
            {"0.5 m", Unit.INCH, 500.0},
            {"  11 IN ", Unit.MM, 279.4},
            {"5-1/2 in", Unit.MM, 139.7},
            {"２１０", Unit.MM, 210.0},
            {"1,5", Unit.MM, 1.5},
            {"0,125 in", Unit.MM, 3.175},
            // sums, worked out with a pencil
            {"210 - 2 x 20", Unit.MM, 170.0},
            {"210 − 2×20 mm", Unit.INCH, 170.0},
            {"3 cm / 4", Unit.MM, 7.5},
            {"8 1/2 in / 3", Unit.MM, 71.967},
            {"(297 - 5) / 2 mm", Unit.MM, 146.0},
            {"(297 - 5) / 2", Unit.MM, 146.0},
            {"11 in - 2 * 1/4 in", Unit.MM, 266.7},
            {"8 1/2 - 1/8", Unit.INCH, 212.725},
            {"1 in + 3 mm", Unit.MM, 28.4},
            {"12 x (3 + 4,5)", Unit.MM, 90.0},
            {"100/4", Unit.MM, 25.0},
        };
    }

    @Test(dataProvider = "typed")
    public void lengthsAreReadAsPeopleTypeThem(String typed, Unit bare, double mm) {
        assertEquals(read(typed, bare).mm(), mm, 0.0005);
    }

    @DataProvider
    Object[][] nonsense() {
        return new Object[][] {
            {"", "Nothing was typed"},
            {"tall", "Read “tall”"},
            {"12 furlongs", "“furlongs” is not a unit"},
            {"-5", "not negative"},
            {"1/0", "Read “1/0”"},
            {"8 1/", "Read “8 1/”"},
            {"1e9", "a length is wanted"},
            {"999999 m", "100 m is the longest"},
            {"1,500 mm", "“1,500” can be 1.500 or 1500"},
            {"10 - 20", "less than nothing"},
            {"(10 + 5", "a bracket is left open"},
            {"3 in x 4 in", "a length times a length"},
            {"3 in / 2 in", "divided by a length"},
            {"1 in + 2 mm + 3", "each length wants its unit"},
            {"10 / (5 - 5)", "divided by 0"},
            {"10 - 2 ells", "“ells” is not a unit"},
            {"10 - - 2", "a length is wanted"},
            {"2 +", "a length is wanted"},
            {"+", "a length is wanted"},
            {"()", "a length is wanted"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsAnsweredWithWhatWasReadAndWhatIsWanted(String typed, String part) {
        String message = ((Reading.Unreadable<Length>) LengthText.parse(typed, Unit.MM)).message();
        assertTrue(message.contains(part), message);
    }

    /** Against the inch of the JDK's printing attributes, in micrometres: every 1/32 in to two feet. */
    @Test
    public void inchFractionsAgreeWithTheInchOfPrinters() {
        for (int parts = 1; parts <= 24 * 32; parts++) {
            double mm = parts * Size2DSyntax.INCH / 32.0 / Size2DSyntax.MM;
            assertEquals(read(parts + "/32 in", Unit.MM).mm(), mm, 0.0006, parts + "/32");
        }
    }

    @Test
    public void whatIsShownInInchesIsReadBackAsTheSameSixteenth() {
        for (int parts = 1; parts <= 40 * 16; parts++) {
            Length length = Length.ofInches(parts / 16.0);
            assertEquals(read(length.at(Fineness.CUT).in(Unit.INCH), Unit.MM), length);
        }
    }

    static Length read(String typed, Unit bare) {
        return LengthText.parse(typed, bare).orElseGet(unreadable -> {
            throw new AssertionError(unreadable.message());
        });
    }
}
