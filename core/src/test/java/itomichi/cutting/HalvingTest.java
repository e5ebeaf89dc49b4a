package itomichi.cutting;

import static org.testng.Assert.assertEquals;

import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class HalvingTest {

    private static List<Halving> of(double widthMm, double heightMm, SheetGrain grain) {
        return Halving.of(new Supply(
                Length.ofMm(widthMm), Length.ofMm(heightMm), grain, Length.ZERO, Optional.empty(), Optional.empty()));
    }

    /** ISO 216: A2 folded is A3, halved and folded A4, and so on. */
    @Test
    public void anA2SheetFoldsToA3ThenA4ThenA5() {
        List<String> names = of(420, 594, SheetGrain.ALONG_HEIGHT).stream()
                .limit(3)
                .map(halving -> SheetSize.matching(halving.leafWidth(), halving.leafHeight())
                        .orElseThrow()
                        .name())
                .toList();
        assertEquals(names, List.of("A3", "A4", "A5"));
    }

    @Test
    public void theGrainTurnsWithEveryHalving() {
        // a fact of the trade, common practice, no source: each fold runs across the one before it
        List<Grain> grains = of(420, 594, SheetGrain.ALONG_HEIGHT).stream()
                .limit(4)
                .map(Halving::grain)
                .toList();
        assertEquals(grains, List.of(Grain.ACROSS_FOLD, Grain.WITH_FOLD, Grain.ACROSS_FOLD, Grain.WITH_FOLD));
    }

    @Test
    public void theOtherGrainIsRightWhereThisOneIsWrong() {
        List<Grain> one = of(640, 900, SheetGrain.ALONG_HEIGHT).stream()
                .map(Halving::grain)
                .toList();
        List<Grain> other = of(640, 900, SheetGrain.ALONG_WIDTH).stream()
                .map(Halving::grain)
                .toList();
        for (int i = 0; i < one.size(); i++) {
            assertEquals(one.get(i) == Grain.WITH_FOLD, other.get(i) == Grain.ACROSS_FOLD);
        }
    }

    @Test
    public void sheetsDoubleWithEveryHalving() {
        assertEquals(
                of(640, 900, SheetGrain.UNKNOWN).stream()
                        .map(Halving::sheetsEach)
                        .toList(),
                List.of(1, 2, 4, 8, 16));
    }
}
