package itomichi.gathering;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import org.testng.annotations.Test;

public class LeafFromTest {

    private static LeafFrom.Size leaf(double frontMm, double heightMm, double squareMm) {
        return LeafFrom.cover(Length.ofMm(frontMm), Length.ofMm(heightMm), Length.ofMm(squareMm));
    }

    @Test
    public void aFeltCoverWithSquaresOfThreeTakesALeafSixShorter() {
        // a soft cover 6 mm taller than the signature: common practice, no source
        assertEquals(leaf(163, 232, 3), new LeafFrom.Size(Length.ofMm(160), Length.ofMm(226)));
    }

    @Test
    public void cutFlushTheLeafIsAsLargeAsTheCover() {
        assertEquals(leaf(148, 210, 0), new LeafFrom.Size(Length.ofMm(148), Length.ofMm(210)));
    }

    @Test
    public void theCoverOfALeafTakesThatLeaf() {
        Property.holds()
                .of(
                        Draw.between(40, 400),
                        Draw.between(40, 600),
                        Draw.between(0, 12),
                        (width, height, square) -> leaf(width + square, height + 2 * square, square)
                                .equals(new LeafFrom.Size(Length.ofMm(width), Length.ofMm(height))));
    }

    @Test
    public void squaresThatLeaveNothingAreToldWithTheirNumbers() {
        String said = expectThrows(IllegalArgumentException.class, () -> leaf(100, 20, 10))
                .getMessage();
        assertEquals(said, "Squares of 10.0 mm leave nothing of a cover of 100.0 mm by 20.0 mm");
    }
}
