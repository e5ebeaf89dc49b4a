package itomichi.structure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StructuresTest {

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .map(structure -> new Object[] {structure})
                .toArray(Object[][]::new);
    }

    @Test
    public void everyKeyIsItsOwn() {
        List<String> keys = Structures.all().stream().map(Structure::key).toList();
        assertEquals(new HashSet<>(keys).size(), keys.size());
    }

    @Test(dataProvider = "structures")
    public void everyStructureSaysHowItMeetsEveryNeed(Structure structure) {
        assertEquals(structure.judgements().size(), Need.values().length);
    }

    @Test(dataProvider = "structures")
    public void whatIsFoldedIsNotForSingleSheets(Structure structure) {
        int weight = structure.judgements().get(Need.LOOSE_SHEETS).weight();
        assertEquals(weight > 0, !structure.form().folded());
    }

    @Test(dataProvider = "structures")
    public void whatCanBeSewnTakesItsUsualStations(Structure structure) {
        structure
                .stitching(Optional.empty())
                .ifPresent(
                        stitching -> assertTrue(stitching.takesStations(structure.usualStations(), Stitching.USUAL)));
    }

    @DataProvider
    Object[][] rules() {
        return new Object[][] {
            // heights of thread by rule of thumb: common practice, no source
            {"link-stitch", 9, 10.0, 12.0},
            {"tapes", 10, 11.0, 13.0},
            {"several-pamphlets", 4, 10.0, 16.0},
            {"double-pamphlet", 2, 2.5, 3.5},
            {"stab-four-hole", 1, 3.5, 4.5},
        };
    }

    @Test(dataProvider = "rules")
    public void threadByRuleOfThumb(String key, int signatures, double low, double high) {
        ThumbRule rule = Structures.keyed(key).orElseThrow().threadRule(5, signatures, Stitching.USUAL);
        assertEquals(List.of(rule.lowHeights(), rule.highHeights()), List.of(low, high));
    }
}
