package itomichi.book;

import static org.testng.Assert.assertEquals;

import itomichi.cover.CoverStuff;
import itomichi.cover.SoftCover;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.schedule.WorkTime;
import itomichi.spec.BookSpec;
import org.testng.annotations.Test;

public class CoverAndTimeTest {

    @Test
    public void aSoftCoverIsSixMillimetresTallerWithASquareOfThree() {
        // 6 mm taller than the signature: common practice, no source
        assertEquals(cover(1.8, 2.7).height().mm(), 216.0, 1e-9);
    }

    @Test
    public void theWidthGoesRoundTheFold() {
        // by hand: two leaves, their creep and squares, and the thickness between
        assertEquals(cover(1.8, 2.7).width().result().number(), 2 * (148 + 1.8 + 3) + 2.7, 1e-9);
    }

    @Test
    public void aTrimmedForeEdgeNeedsNoRoomForCreep() {
        BookSpec sound = Books.sound();
        BookSpec trimmed = sound.withLeaf(
                new BookSpec.Leaf(sound.leaf().width(), sound.leaf().height(), true));
        double left = Planner.plan(sound).coverSize().orElseThrow().width().mm();
        double cut = Planner.plan(trimmed).coverSize().orElseThrow().width().mm();
        assertEquals(left - cut, 2 * Planner.plan(sound).figure("creep").value().number(), 0.01);
    }

    @Test
    public void withoutACoverThereIsNoCoverFigureAndThePassIsThinner() {
        BookSpec bare = Books.sound().withCover(new BookSpec.Cover(false, Length.ofMm(0.3), Length.ofMm(3)));
        BookPlan plan = Planner.plan(bare);
        assertEquals(plan.figures().stream().anyMatch(figure -> figure.key().equals("cover")), false);
        assertEquals(plan.sewn().frame().passedMm(new itomichi.path.Hole(1, 1)), 8 * 0.168, 1e-6);
    }

    @Test
    public void theCoverIsShownByWidthAndHeight() {
        assertEquals(
                Planner.plan(Books.sound()).figure("cover").in(Unit.MM).replace('\u202f', ' '), "308.5 mm × 216 mm");
    }

    @Test
    public void timeAtTheBenchGrowsWithSheetsHolesAndPasses() {
        double little = WorkTime.of(8, 5, 8, WorkTime.Own.NONE).result().number();
        // 8 folds, 5 holes, 8 passes and the rest, by the times the working shows
        assertEquals(little, 8 * 0.5 + 5 * 0.2 + 8 * 0.4 + 6, 1e-9);
    }

    private static SoftCover cover(double creepMm, double foldMm) {
        return new SoftCover(
                Length.ofMm(148),
                Length.ofMm(210),
                Length.ofMm(creepMm),
                Length.ofMm(foldMm),
                Length.ofMm(3),
                Length.ofMm(0.3),
                CoverStuff.CARD,
                java.util.Optional.empty());
    }
}
