package itomichi.book;

import static org.testng.Assert.assertTrue;

import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Lengths worked out beside what binders cut by rule of thumb: common practice, no published source. */
public class RulesOfThumbTest {

    @DataProvider
    Object[][] books() {
        return new Object[][] {
            // structure, stations, signatures, low and high in heights, how far it may be off, in heights: the rule is
            // told in whole
            // heights, and for a stab binding of few holes
            {"pamphlet", 3, 1, 2.0, 3.0, 0},
            {"pamphlet", 5, 1, 2.5, 4.0, 0},
            {"double-pamphlet", 5, 2, 2.5, 3.5, 0},
            {"link-stitch", 5, 9, 10.0, 12.0, 0.1},
            {"link-stitch", 6, 15, 16.0, 18.0, 0},
            {"french-link", 6, 9, 10.0, 12.0, 0},
            {"tapes", 8, 9, 10.0, 12.0, 0.1},
            {"tapes", 8, 20, 21.0, 23.0, 0.1},
            {"stab-plain", 5, 1, 2.5, 3.5, 0},
            {"stab-running", 3, 1, 4.0, 4.0, 0.2},
            {"stab-four-hole", 4, 1, 4.0, 4.0, 0.1},
            {"stab-running", 7, 1, 4.0, 4.0, 0.7},
        };
    }

    @Test(dataProvider = "books")
    public void theLengthIsWhatTheRuleCuts(
            String structure, int stations, int signatures, double low, double high, double off) {
        BookSpec spec = Books.bound(structure).withPages(structure.startsWith("stab") ? 60 : 16 * signatures);
        if (!structure.equals("french-link") && !structure.equals("tapes")) {
            spec = spec.withStations(Books.margins(stations, 18));
        }
        if (signatures > 1 && !structure.equals("double-pamphlet")) {
            spec = spec.withGathering(
                    spec.gathering().withChosen(Optional.of(new GatherWish.Chosen(signatures, false))));
        }
        BookPlan plan = Planner.plan(spec);
        double heights =
                plan.figure("thread").value().number() / spec.leaf().height().mm();
        assertTrue(
                heights >= low - off && heights <= high + off,
                structure + ": " + heights + " heights, by rule " + low + " to " + high);
    }
}
