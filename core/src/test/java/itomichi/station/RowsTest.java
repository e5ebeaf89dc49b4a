package itomichi.station;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The four schools of dividing a spine, against their closed forms. */
public class RowsTest {

    /** Six signatures in a felt cover with a spine of 46 mm. */
    private static final RowScheme.Spine FELT = spine(46, 6, 6);

    @DataProvider
    Object[][] schools() {
        return new Object[][] {
            // w / (n + 1) = 46 / 7 = 6.571
            {new RowScheme.EqualGaps(), List.of(6.571, 13.143, 19.714, 26.286, 32.857, 39.429)},
            // 6 + i * (46 - 12) / 5
            {new RowScheme.EdgeMargin(Length.ofMm(6)), List.of(6.0, 12.8, 19.6, 26.4, 33.2, 40.0)},
            // 23 - 2.5 * 7 + i * 7
            {new RowScheme.Pitch(Length.ofMm(7)), List.of(5.5, 12.5, 19.5, 26.5, 33.5, 40.5)},
            // (46 - 36) / 2 + 3 + i * 6
            {new RowScheme.OwnThickness(), List.of(8.0, 14.0, 20.0, 26.0, 32.0, 38.0)},
        };
    }

    @Test(dataProvider = "schools")
    public void theSpineIsDividedByItsClosedForm(RowScheme school, List<Double> wanted) {
        assertEquals(mm(school.across(FELT)), wanted);
    }

    @Test
    public void dividingByTheRowsAloneIsNotWhatComesOut() {
        // w / n instead of w / (n + 1) is a mistake that is really made: common practice, no source
        assertTrue(new RowScheme.EqualGaps().across(FELT).fromLeft().get(0).mm() < 46 / 6.0 - 1);
    }

    @Test
    public void theFrontOfTheBookIsAtTheRightSeenFromOutside() {
        RowScheme.Spine uneven = new RowScheme.Spine(Length.ofMm(10), List.of(Length.ofMm(6), Length.ofMm(2)));
        Rows rows = new RowScheme.OwnThickness().across(uneven);
        // the thick one is the first signature: 1 + 2 + 3 = 6 from the left
        assertEquals(List.of(rows.at(1).mm(), rows.at(2).mm()), List.of(6.0, 2.0));
    }

    @Test
    public void fromInsideTheFirstRowIsAtTheLeft() {
        Rows rows = new Rows(List.of(Length.ofMm(5), Length.ofMm(12), Length.ofMm(30)), Length.ofMm(40));
        assertEquals(mm(rows.mirrored()), List.of(10.0, 28.0, 35.0));
    }

    private static RowScheme school(int which) {
        return switch (which) {
            case 0 -> new RowScheme.EqualGaps();
            case 1 -> new RowScheme.EdgeMargin(Length.ofMm(6));
            case 2 -> new RowScheme.Pitch(Length.ofMm(3));
            default -> new RowScheme.OwnThickness();
        };
    }

    @Test
    public void everySchoolIncreasesAndIsSymmetricForLikeSignatures() {
        Property.holds().of(Draw.between(15, 300), Draw.between(1, 60), Draw.between(0, 3), (widthMm, n, which) -> {
            Rows rows = school(which).across(spine(widthMm, n, 2));
            Rows mirror = rows.mirrored();
            for (int i = 0; i < n; i++) {
                if (Math.abs(rows.fromLeft()
                                .get(i)
                                .minus(mirror.fromLeft().get(i))
                                .micrometres())
                        > 1) {
                    return false;
                }
            }
            return rows.count() == n;
        });
    }

    @Test
    public void theMirrorOfTheMirrorIsTheOutsideAgain() {
        Property.holds().of(Draw.between(15, 300), Draw.between(1, 60), Draw.between(0, 3), (widthMm, n, which) -> {
            Rows rows = school(which).across(spine(widthMm, n, 2));
            return rows.mirrored().mirrored().equals(rows);
        });
    }

    @Test
    public void equalGapsAndMarginsStayOnTheSpine() {
        Property.holds().of(Draw.between(15, 300), Draw.between(1, 60), Draw.between(0, 1), (widthMm, n, which) -> {
            Rows rows = school(which).across(spine(widthMm, n, 2));
            return rows.fromLeft().get(0).micrometres() > 0
                    && rows.fromLeft().get(n - 1).isLessThan(rows.width());
        });
    }

    @Test
    public void moreRowsThanTheSpineHoldsRunTogether() {
        Rows crowded = new RowScheme.EqualGaps().across(spine(20, 20, 1));
        assertEquals(kinds(crowded), List.of(RowFault.Kind.NEAR_EDGE, RowFault.Kind.RUN_TOGETHER));
    }

    @Test
    public void rowsThatReachPastTheSpineAreToldWithBothNumbers() {
        Rows wide = new RowScheme.Pitch(Length.ofMm(12)).across(FELT);
        RowFault fault = RowFault.judge(wide, Length.ofMm(1), "thin paper", Length.ofMm(3))
                .get(0);
        assertEquals(
                fault.words().in(Unit.MM).replace('\u202f', ' '), "6 rows reach over 60 mm; the spine is 46 mm wide.");
    }

    @Test
    public void underThreeMillimetresOfThinPaperBetweenHolesIsCloseAndUnderHalfOfThatTears() {
        // look again under 3 mm: common practice, no source
        assertEquals(kinds(new RowScheme.Pitch(Length.ofMm(3.5)).across(FELT)), List.of(RowFault.Kind.CLOSE));
        assertEquals(kinds(new RowScheme.Pitch(Length.ofMm(2.3)).across(FELT)), List.of(RowFault.Kind.TEARS_BETWEEN));
    }

    @Test
    public void sixRowsOnTheFeltCoverAreSoundByEverySchool() {
        assertEquals(kinds(new RowScheme.EqualGaps().across(FELT)), List.of());
    }

    @Test
    public void rowsOutOfOrderAreRefused() {
        expectThrows(
                IllegalArgumentException.class,
                () -> new Rows(List.of(Length.ofMm(9), Length.ofMm(5)), Length.ofMm(20)));
    }

    @Test
    public void marginsThatEatTheSpineAreTold() {
        assertTrue(
                new RowScheme.EdgeMargin(Length.ofMm(6)).unfit(spine(11, 3, 1)).isPresent());
    }

    private static List<RowFault.Kind> kinds(Rows rows) {
        return RowFault.judge(rows, Length.ofMm(1), "thin paper", Length.ofMm(3)).stream()
                .map(RowFault::kind)
                .toList();
    }

    private static RowScheme.Spine spine(double widthMm, int rows, double eachMm) {
        return new RowScheme.Spine(Length.ofMm(widthMm), Collections.nCopies(rows, Length.ofMm(eachMm)));
    }

    private static List<Double> mm(Rows rows) {
        return rows.fromLeft().stream().map(Length::mm).toList();
    }
}
