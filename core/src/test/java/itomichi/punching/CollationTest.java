package itomichi.punching;

import static org.testng.Assert.assertEquals;

import itomichi.measure.Length;
import org.quicktheories.QuickTheory;
import org.quicktheories.generators.SourceDSL;
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
        QuickTheory.qt()
                .forAll(
                        SourceDSL.integers().between(1, 200),
                        SourceDSL.integers().between(60, 600))
                .check((signatures, heightMm) -> Collation.of(signatures, Length.ofMm(heightMm)).fromHead().stream()
                        .allMatch(mark -> mark.micrometres() > 0 && mark.isLessThan(Length.ofMm(heightMm))));
    }
}
