package itomichi.space;

import static itomichi.space.Shapes.covered;
import static itomichi.space.Shapes.figure;
import static itomichi.space.Shapes.frontMm;
import static itomichi.space.Shapes.inSpace;
import static itomichi.space.Shapes.leastMm;
import static itomichi.space.Shapes.mostMm;
import static itomichi.space.Shapes.parts;
import static itomichi.space.Shapes.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.path.Polyline;
import itomichi.space.Profile.Part;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Soft covers in space against what is cut for them, folded, and laid over each other. Closed geometry. */
public class SoftInSpaceTest {

    @Test
    public void endsFoldedInAreAsWideAsSaid() {
        BookPlan plan = covered("pamphlet", "soft-folded", Map.of());
        List<Profile> layers = parts(plan, Part.SOFT_COVER);
        assertEquals(layers.size(), 3);
        for (Profile end : layers.subList(1, 3)) {
            assertEquals(mostMm(end) - leastMm(end), 60, 1e-6);
            assertEquals(leastMm(end), leastMm(layers.get(0)), 1e-6);
        }
    }

    /** Head and tail are folded in all along, so that the cover lies double there. */
    @Test
    public void aLimpCoverIsFoldedInAtHeadAndTail() {
        BookPlan plan = covered("long-stitch", "limp", Map.of());
        List<Profile> layers = parts(plan, Part.SOFT_COVER);
        Profile cover = layers.get(0);
        double turnedMm = (piece(plan, "cover").high().mm() - (cover.toMm() - cover.fromMm())) / 2;
        assertTrue(
                layers.stream()
                        .anyMatch(layer -> layer.fromMm() == cover.fromMm()
                                && Math.abs(layer.toMm() - layer.fromMm() - turnedMm) < 1e-6),
                "so much at the head: " + turnedMm);
    }

    /** Round the fore edge and over the front, as long as both are worked out. */
    @Test
    public void aFlapGoesRoundTheForeEdge() {
        BookPlan plan = covered("long-stitch", "soft-flap", Map.of());
        Profile flap = parts(plan, Part.FLAP).get(0);
        double longMm = Polyline.lengthMm(flap.across());
        assertEquals(longMm, figure(plan, "cover-wrap") + figure(plan, "cover-flap"), 1.5);
        assertTrue(flap.across().get(2).yMm() < frontMm(plan), "it ends before the first leaf");
    }

    /** A plate lies on the spine outside the cover, as thick as it is said to be. */
    @Test
    public void aPlateLiesOnTheCover() {
        BookPlan plan = covered("long-stitch", "limp", Map.of("limp-plates", "ONE"));
        Profile cover = parts(plan, Part.SOFT_COVER).get(0);
        Profile plate = parts(plan, Part.PLATE).get(0);
        assertEquals(plate.thickMm(), 1.5, 1e-9);
        assertEquals(mostMm(plate) - plate.thickMm() / 2, mostMm(cover) + cover.thickMm() / 2, 1e-6);
        assertEquals(plate.toMm() - plate.fromMm(), piece(plan, "plate").high().mm(), 1e-6);
    }

    private static BookPlan hemmed() {
        return covered("long-stitch", "soft-flap", Map.of("edges", "HEMMED"));
    }

    @DataProvider
    public Object[][] foldedIn() {
        return new Object[][] {
            {covered("long-stitch", "limp", Map.of()), 1},
            {hemmed(), 2},
        };
    }

    /** Through them the thread goes: block, what is folded in, the cover, each on the other, up to where the thread lies. */
    @Test(dataProvider = "foldedIn")
    public void atTheSpineTheFoldedInLiesBetweenBlockAndCover(BookPlan plan, int turns) {
        double thickMm = plan.spec().cover().thickness().mm();
        List<Profile> layers = roundTheSpine(plan);
        assertEquals(layers.size(), 1 + 2 * turns, "the cover, and as much at head and tail");
        double outsideMm = mostMm(layers.get(0)) + thickMm / 2;
        assertEquals(outsideMm, 0, 0.11, "the thread lies on it");
        for (int layer = 0; layer < turns; layer++) {
            double wantedMm = outsideMm - (turns - layer + 0.5) * thickMm;
            assertEquals(mostMm(layers.get(1 + 2 * layer)), wantedMm, 1e-6);
            assertEquals(mostMm(layers.get(2 + 2 * layer)), wantedMm, 1e-6);
        }
        double backMm = parts(plan, Part.SHEET).stream()
                .mapToDouble(Shapes::mostMm)
                .max()
                .orElseThrow();
        assertTrue(backMm <= outsideMm - (turns + 1) * thickMm + 0.11, "the block ends inside all of them");
    }

    private static List<Profile> roundTheSpine(BookPlan plan) {
        return parts(plan, Part.SOFT_COVER).stream()
                .filter(profile -> mostMm(profile) > -5)
                .toList();
    }

    /** Twice as wide as one turn is cut for each edge; folded, both turns lie in the width of one. */
    @Test
    public void aHemIsAsWideAsOneTurn() {
        BookPlan plan = hemmed();
        Profile cover = roundTheSpine(plan).get(0);
        double turnMm = (piece(plan, "cover").high().mm() - (cover.toMm() - cover.fromMm())) / 4;
        for (Profile turn : roundTheSpine(plan).subList(1, 5)) {
            assertEquals(turn.toMm() - turn.fromMm(), turnMm, 1e-6);
        }
        List<Profile> atForeEdge = parts(plan, Part.SOFT_COVER).stream()
                .filter(profile -> mostMm(profile) <= -5)
                .toList();
        assertEquals(atForeEdge.size(), 2, "of the front only: the back goes on as the flap");
        for (Profile turn : atForeEdge) {
            assertEquals(mostMm(turn) - leastMm(turn), turnMm, 1e-6);
        }
    }

    /** Its head, tail and end are turned too, and lie between it and the front. */
    @Test
    public void theHemOfAFlapLiesInsideIt() {
        BookPlan plan = hemmed();
        List<Profile> flap = parts(plan, Part.FLAP);
        assertEquals(flap.size(), 1 + 2 * 2 + 2);
        double frontMm = roundTheSpine(plan).get(0).across().get(0).yMm();
        double flapMm = flap.get(0).across().get(3).yMm();
        for (Profile turn : flap.subList(1, 7)) {
            double turnMm = turn.across().get(turn.across().size() - 1).yMm();
            assertTrue(flapMm < turnMm && turnMm < frontMm, flapMm + ", " + turnMm + ", " + frontMm);
        }
    }

    /** Every layer lies beside every other: none in the place of one that it goes over. */
    @Test(dataProvider = "foldedIn")
    public void noLayerLiesInAnother(BookPlan plan, int turns) {
        double thickMm = plan.spec().cover().thickness().mm();
        // half way between fore edge and spine of the front, where nothing bends
        List<Double> there = inSpace(plan).profiles().stream()
                .filter(profile -> profile.part() == Part.SOFT_COVER || profile.part() == Part.FLAP)
                .filter(profile -> profile.fromMm() <= 5 && leastMm(profile) <= -30 && mostMm(profile) >= -30)
                .map(profile -> profile.across()
                        .get(profile.part() == Part.FLAP ? profile.across().size() - 1 : 0)
                        .yMm())
                .sorted()
                .toList();
        for (int i = 1; i < there.size(); i++) {
            assertTrue(there.get(i) - there.get(i - 1) >= thickMm - 1e-6, there + " of " + thickMm);
        }
    }
}
