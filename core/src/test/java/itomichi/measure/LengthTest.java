package itomichi.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.property.Draw;
import itomichi.property.Property;
import org.testng.annotations.Test;

public class LengthTest {

    @Test
    public void anInchIsExactly25Point4Mm() {
        // international yard and pound agreement, 1959
        assertEquals(Length.ofInches(1), Length.ofMm(25.4));
    }

    @Test
    public void sumsAreExact() {
        Property.holds()
                .of(
                        Draw.between(-1_000_000, 1_000_000),
                        Draw.between(-1_000_000, 1_000_000),
                        (a, b) -> new Length(a)
                                .plus(new Length(b))
                                .minus(new Length(b))
                                .equals(new Length(a)));
    }

    @Test
    public void switchingThereAndBackLosesAtMostHalfAMicrometre() {
        Property.holds()
                .of(
                        Draw.between(0, 100_000_000),
                        micrometres -> Math.abs(Length.ofInches(new Length(micrometres).inches())
                                                .micrometres()
                                        - micrometres)
                                <= 1);
    }

    @Test
    public void whatIsNoNumberIsNoLength() {
        for (double mm : new double[] {Double.NaN, Double.POSITIVE_INFINITY, 1e300}) {
            String message = expectThrows(IllegalArgumentException.class, () -> Length.ofMm(mm))
                    .getMessage();
            assertTrue(message.contains(String.valueOf(mm)), message);
        }
    }

    @Test
    public void lengthsAreOrdered() {
        assertTrue(Length.ofMm(3).isLessThan(Length.ofMm(3.001))
                && Length.ofMm(3.001).isMoreThan(Length.ofMm(3)));
    }
}
