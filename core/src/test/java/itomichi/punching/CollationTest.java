package itomichi.punching;

import static org.testng.Assert.assertEquals;

import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import org.testng.annotations.Test;

public class CollationTest {

    @Test
    public void eachMarkBeginsWhereTheOneBeforeEnds() {
        Collation marks = Collation.of(9, Length.ofMm(210));
        for (int i = 1; i < 9; i++) {
            assertEquals(marks.fromHead().get(i).minus(marks.fromHead().get(i - 1)), marks.step());
        }
    }

    @Test
    public void twoSignaturesExchangedBreakTheLine() {
        Collation marks = Collation.of(5, Length.ofMm(210));
        Length second = marks.fromHead().get(2);
        Length third = marks.fromHead().get(1);
        assertEquals(third.minus(second).micrometres() < 0, true);
    }

    @Test
    public void everyMarkLiesOnTheFold() {
        Property.holds()
                .of(
                        Draw.between(1, 200),
                        Draw.between(60, 600),
                        (signatures, heightMm) -> Collation.of(signatures, Length.ofMm(heightMm)).fromHead().stream()
                                .allMatch(mark -> mark.micrometres() > 0 && mark.isLessThan(Length.ofMm(heightMm))));
    }
}
