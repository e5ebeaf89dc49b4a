package itomichi.spec;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.cover.CoverStuff;
import itomichi.measure.Length;
import itomichi.station.Level;
import itomichi.station.Role;
import itomichi.station.RowFault;
import itomichi.station.RowScheme;
import itomichi.station.Rows;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Holes no book can have are refused by their field; a spine that is too narrow is mended by one that is not. */
public class HoleWishTest {

    private interface Attempt {
        BookSpec make(BookSpec sound);
    }

    private static BookSpec stations(BookSpec spec, StationScheme scheme) {
        return spec.withStations(scheme);
    }

    private static BookSpec rows(BookSpec spec, RowScheme scheme) {
        return spec.withHoles(spec.holes().withRows(scheme));
    }

    private static BookSpec side(BookSpec spec, HoleWish.Side side) {
        return spec.withHoles(spec.holes().withSide(side));
    }

    private static HoleWish.Side loose(String name, double widthMm) {
        HoleWish.Side usual = HoleWish.Side.USUAL;
        return new HoleWish.Side(
                usual.edge(),
                usual.along(),
                usual.extraEdge(),
                false,
                usual.innerEdge(),
                Optional.empty(),
                List.of(new HoleWish.LooseSheet(name, Length.ofMm(widthMm), Length.ofMm(100), Level.HEAD)));
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"stations.pairs", (Attempt) s -> stations(s, new StationScheme.Pairs(0, mm(12), mm(12)))},
            {"stations.pairMm", (Attempt) s -> stations(s, new StationScheme.Pairs(2, mm(0.2), mm(12)))},
            {"stations.kettleMm", (Attempt) s -> stations(s, new StationScheme.Pairs(2, mm(12), mm(400)))},
            {"stations.sharePercent", (Attempt) s -> stations(s, new StationScheme.Share(5, 0.6))},
            {"stations.headMm", (Attempt) s -> stations(s, new StationScheme.Margins(5, mm(0), mm(20)))},
            {
                "stations.exemplarHeightMm",
                (Attempt) s -> stations(
                        s, new StationScheme.Exemplar(mm(4), List.of(mm(1), mm(2)), StationScheme.Carry.FROM_HEAD))
            },
            {
                "stations.exemplarMm",
                (Attempt) s -> stations(
                        s, new StationScheme.Exemplar(mm(200), List.of(mm(50), mm(50)), StationScheme.Carry.FROM_HEAD))
            },
            {"stations.placedMm", (Attempt) s -> stations(s, Books.placed(50, 40, 100))},
            {"stations.placedMm", (Attempt) s -> stations(s, Books.placed(-3, 40, 100))},
            {"rows.marginMm", (Attempt) s -> rows(s, new RowScheme.EdgeMargin(mm(-1)))},
            {"rows.pitchMm", (Attempt) s -> rows(s, new RowScheme.Pitch(mm(0)))},
            {"rows.placedMm", (Attempt) s -> rows(s, new RowScheme.Placed(List.of(mm(9), mm(4))))},
            {"side.edgeMm", (Attempt) s -> side(s, HoleWish.Side.USUAL.withEdge(mm(0)))},
            {
                "side.placed",
                (Attempt) s -> side(
                        s,
                        HoleWish.Side.USUAL.withByHand(
                                Optional.of(List.of(new SideHole(Role.BY_HAND, mm(10), mm(10))))))
            },
            {"side.loose", (Attempt) s -> side(s, loose("", 50))},
            {"side.loose", (Attempt) s -> side(s, loose("Map", 1))},
            {"cover.spineMm", (Attempt) s -> s.withCover(s.cover().withSpine(Optional.of(mm(0))))},
            {"cover.heightMm", (Attempt) s -> s.withCover(s.cover().withHeight(Optional.of(mm(3000))))},
            {"cover.headSquareMm", (Attempt) s -> s.withCover(s.cover().withHeadSquare(Optional.of(mm(-2))))},
            {"gathering.unlike", (Attempt) s -> s.withGathering(s.gathering().withHeights(Map.of(1, mm(2))))},
            {"gathering.unlike", (Attempt) s -> s.withGathering(s.gathering().withHeights(Map.of(0, mm(100))))},
        };
    }

    @Test(dataProvider = "unfit")
    public void aHoleNoBookCanHaveIsToldByItsField(String field, Attempt attempt) {
        BookSpec sound = Books.bound("long-stitch").withPages(96);
        UnfitValueException unfit = expectThrows(UnfitValueException.class, () -> attempt.make(sound));
        assertEquals(unfit.field(), field);
        assertFalse(String.valueOf(unfit.getMessage()).contains("\n"));
    }

    @Test
    public void signaturesThatHangByThemselvesGetASpineThatHoldsThem() {
        BookSpec thin = Books.bound("several-pamphlets").withPages(96);
        BookSpec twelve =
                thin.withGathering(thin.gathering().withChosen(Optional.of(new GatherWish.Chosen(12, false))));
        assertTrue(Planner.plan(twelve).remarks().stream()
                .noneMatch(remark -> remark.key().startsWith("rows-")));
    }

    @Test
    public void aSpineALittleTooNarrowForItsRowsIsMendedByAWiderOne() {
        BookSpec fifteen = Books.bound("long-stitch").withPages(420);
        BookPlan plan = Planner.plan(
                fifteen.withGathering(fifteen.gathering().withChosen(Optional.of(new GatherWish.Chosen(15, false))))
                        .withCover(fifteen.cover().withStuff(CoverStuff.LEATHER)));
        BookSpec mended = plan.remarks().stream()
                .filter(remark -> remark.key().equals("rows-close"))
                .flatMap(remark -> remark.mends().stream())
                .filter(mend -> mend.change().cover().spine().isPresent())
                .findFirst()
                .orElseThrow()
                .change();
        assertTrue(Planner.plan(mended).remarks().stream()
                .noneMatch(remark -> remark.key().startsWith("rows-")));
    }

    @DataProvider
    Object[][] spines() {
        return new Object[][] {{6, 1.3}, {12, 1.1}, {60, 2.0}, {1, 1.3}};
    }

    @Test(dataProvider = "spines")
    public void theLeastSpineThatHoldsSoManyRowsHoldsThemAndNoneMuchNarrowerDoes(int rows, double hole) {
        Length wide = RowFault.wideEnough(rows, mm(hole), mm(3));
        assertEquals(faults(rows, wide.mm(), hole), List.of());
        if (rows > 1) {
            assertTrue(faults(rows, wide.mm() - 1, hole).size() > 0);
        }
    }

    private static List<RowFault> faults(int rows, double spineMm, double hole) {
        Rows laid =
                new RowScheme.EqualGaps().across(new RowScheme.Spine(mm(spineMm), Collections.nCopies(rows, mm(1))));
        return RowFault.judge(laid, mm(hole), "thin paper", mm(3));
    }
}
