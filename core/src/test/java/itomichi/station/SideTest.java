package itomichi.station;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Holes through the side of a block. */
public class SideTest {

    private static final Length HEIGHT = Length.ofMm(200);
    private static final Stations FIVE = new StationScheme.Margins(5, Length.ofMm(20), Length.ofMm(20)).along(HEIGHT);

    private static SideScheme scheme(boolean inner, Role... extras) {
        return new SideScheme(Length.ofMm(12), Set.of(extras), Length.ofMm(7), Length.ofMm(6), inner, Length.ofMm(18));
    }

    @DataProvider
    Object[][] counts() {
        return new Object[][] {
            {scheme(false), 5},
            {scheme(false, Role.CORNER), 5 + 2},
            {scheme(false, Role.SATELLITE), 5 + 2 * 5},
            {scheme(false, Role.BETWEEN), 5 + 4},
            {scheme(false, Role.CORNER, Role.BETWEEN), 5 + 2 + 4},
            // two ties through two pairs of holes
            {scheme(true), 5 + 4},
        };
    }

    @Test(dataProvider = "counts")
    public void eachLookHasItsHoles(SideScheme scheme, int wanted) {
        assertEquals(scheme.holes(FIVE, HEIGHT).size(), wanted);
    }

    @Test
    public void aCornerHoleLiesOnTheDiagonalFromTheEndHoleToTheCorner() {
        SideHole corner = scheme(false, Role.CORNER).holes(FIVE, HEIGHT).get(0);
        // the end hole is at (20, 12); half way to the corner (0, 0) is (10, 6): similar triangles
        assertEquals(List.of(corner.fromHead().mm(), corner.fromSpine().mm()), List.of(10.0, 6.0));
    }

    @Test
    public void satellitesLieBesideTheirHoleNearerTheSpine() {
        List<SideHole> holes = scheme(false, Role.SATELLITE).holes(FIVE, HEIGHT);
        assertEquals(
                holes.subList(0, 3).stream().map(hole -> hole.fromHead().mm()).toList(), List.of(13.0, 20.0, 27.0));
    }

    @Test
    public void innerBindingHolesComeLastAndFarthestFromTheSpine() {
        List<SideHole> holes = scheme(true).holes(FIVE, HEIGHT);
        assertEquals(holes.subList(5, 9).stream().map(SideHole::role).collect(Collectors.toSet()), Set.of(Role.INNER));
    }

    @Test
    public void everyLookIsSymmetricHeadToTail() {
        Property.holds().of(Draw.between(100, 500), Draw.between(2, 9), Draw.between(0, 3), (heightMm, count, look) -> {
            Length height = Length.ofMm(heightMm);
            Role[] extras = new Role[][] {{}, {Role.CORNER}, {Role.SATELLITE}, {Role.CORNER, Role.BETWEEN}}[look];
            Stations main = new StationScheme.Margins(count, Length.ofMm(15), Length.ofMm(15)).along(height);
            List<SideHole> holes = scheme(true, extras).holes(main, height);
            return holes.stream()
                    .allMatch(hole -> holes.stream()
                            .anyMatch(other -> Math.abs(hole.fromHead()
                                                    .plus(other.fromHead())
                                                    .minus(height)
                                                    .micrometres())
                                            <= 2
                                    && hole.fromSpine().equals(other.fromSpine())));
        });
    }

    @DataProvider
    Object[][] faulty() {
        return new Object[][] {
            {hole(250, 12), "off-leaf", true},
            {hole(50, 0), "off-leaf", true},
            {hole(50, 2), "tears-out", true},
            {hole(1, 12), "tears-out", true},
            // 10 to 25 mm from the spine edge: common practice, no source
            {hole(50, 7), "edge-unusual", false},
            {hole(50, 30), "edge-unusual", false},
        };
    }

    @Test(dataProvider = "faulty")
    public void aHoleInTheWrongPlaceIsNamed(SideHole hole, String key, boolean impossible) {
        SideFault fault =
                SideFault.judge(List.of(hole), HEIGHT, Length.ofMm(150)).get(0);
        assertEquals(fault.key() + fault.impossible(), key + impossible);
    }

    @Test
    public void twoHolesNearEachOtherTearThrough() {
        assertEquals(
                SideFault.judge(List.of(hole(50, 12), hole(52, 14)), HEIGHT, Length.ofMm(150))
                        .get(0)
                        .words()
                        .in(Unit.MM)
                        .replace('\u202f', ' '),
                "Holes 1 and 2 are 2.8 mm apart: under 4 mm the paper between tears.");
    }

    @Test
    public void aNarrowSheetIsToldHowFarItMustReach() {
        Catching narrow = caught(15, 200, Level.HEAD);
        // holes at 12 mm and 5 mm past them
        assertTrue(
                !narrow.caught() && narrow.words().in(Unit.MM).contains("must reach 17"),
                narrow.words().in(Unit.MM));
    }

    @Test
    public void aShortSheetLevelAtTheTailIsCaughtByTheLowerHoles() {
        assertEquals(caught(150, 110, Level.TAIL).byHoles(), List.of(3, 4, 5));
    }

    @Test
    public void aSheetOnOneHoleOnlyTurns() {
        assertFalse(caught(150, 50, Level.HEAD).caught());
    }

    private static Catching caught(double widthMm, double heightMm, Level level) {
        return Catching.of(
                scheme(false).holes(FIVE, HEIGHT), HEIGHT, Length.ofMm(widthMm), Length.ofMm(heightMm), level);
    }

    private static SideHole hole(double fromHeadMm, double fromSpineMm) {
        return new SideHole(Role.MAIN, Length.ofMm(fromHeadMm), Length.ofMm(fromSpineMm));
    }
}
