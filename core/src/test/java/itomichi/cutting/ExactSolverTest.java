package itomichi.cutting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.sat.NoOverlap2dConstraint;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Cutting plans against a general solver (OR-tools CP-SAT), which is told only what a plan must not do. */
public class ExactSolverTest {

    @BeforeClass
    public void load() {
        Loader.loadNativeLibraries();
    }

    private static Supply stock(int widthMm, int heightMm) {
        return new Supply(
                Length.ofMm(widthMm),
                Length.ofMm(heightMm),
                SheetGrain.ALONG_HEIGHT,
                Length.ZERO,
                Optional.empty(),
                Optional.empty());
    }

    @DataProvider
    Object[][] severalWidths() {
        return new Object[][] {
            {600, 220, new int[] {296, 200, 110}, new int[] {5, 4, 3}},
            {640, 450, new int[] {340, 230, 470}, new int[] {6, 3, 2}},
            {900, 300, new int[] {410, 290, 150}, new int[] {4, 5, 4}},
            {500, 250, new int[] {260, 240, 120}, new int[] {3, 6, 5}},
            {1000, 210, new int[] {330, 340, 270}, new int[] {4, 4, 4}},
        };
    }

    /** Sheets of one height and several widths: the solver may put any piece into any row of any stock sheet. */
    @Test(dataProvider = "severalWidths")
    public void noSolverNeedsFewerStockSheets(int widthMm, int heightMm, int[] widths, int[] numbers) {
        List<Demand> demands = new ArrayList<>();
        for (int i = 0; i < widths.length; i++) {
            demands.add(new Demand(Length.ofMm(widths[i]), Length.ofMm(200), numbers[i]));
        }
        CuttingPlan plan = Cutter.plan(stock(widthMm, heightMm), demands, CutWish.USUAL);
        assertTrue(plan.fewest());
        assertEquals(plan.stockSheets(), fewestSheets(widthMm, heightMm / 200, widths, numbers, plan.stockSheets()));
    }

    private static int fewestSheets(int widthMm, int rowsEach, int[] widths, int[] numbers, int enough) {
        CpModel model = new CpModel();
        Literal[] used = new Literal[enough];
        LinearExprBuilder[] laid = new LinearExprBuilder[widths.length];
        for (int kind = 0; kind < widths.length; kind++) {
            laid[kind] = LinearExpr.newBuilder();
        }
        for (int sheet = 0; sheet < enough; sheet++) {
            used[sheet] = model.newBoolVar("sheet" + sheet);
            for (int row = 0; row < rowsEach; row++) {
                LinearExprBuilder filled = LinearExpr.newBuilder();
                for (int kind = 0; kind < widths.length; kind++) {
                    IntVar here = model.newIntVar(0, widthMm / widths[kind], sheet + "." + row + "." + kind);
                    filled.addTerm(here, widths[kind]);
                    laid[kind].add(here);
                }
                model.addLessOrEqual(filled.addTerm(used[sheet], -widthMm), 0);
            }
        }
        for (int kind = 0; kind < widths.length; kind++) {
            model.addGreaterOrEqual(laid[kind], numbers[kind]);
        }
        model.minimize(LinearExpr.sum(used));
        CpSolver solver = solver();
        assertEquals(solver.solve(model), CpSolverStatus.OPTIMAL);
        return (int) solver.objectiveValue();
    }

    @DataProvider
    Object[][] onePiece() {
        return new Object[][] {
            {420, 297, 210, 148},
            {400, 300, 210, 148},
            {640, 450, 296, 210},
            {560, 380, 230, 160},
            {430, 520, 250, 170},
        };
    }

    /** The grain one way: no solver lays more pieces on a sheet. */
    @Test(dataProvider = "onePiece")
    public void noSolverLaysMorePiecesWithTheGrainRight(int widthMm, int heightMm, int pieceMm, int pieceHighMm) {
        CuttingPlan plan = plan(widthMm, heightMm, pieceMm, pieceHighMm);
        assertEquals(plan.perSheet().right(), mostPieces(widthMm, heightMm, pieceMm, pieceHighMm, false));
    }

    /** Either way: small sheets, for which cuts from edge to edge lose nothing against laying pieces anyhow. */
    @Test(dataProvider = "onePiece")
    public void noSolverLaysMorePiecesLyingEitherWay(int widthMm, int heightMm, int pieceMm, int pieceHighMm) {
        CuttingPlan plan = plan(widthMm, heightMm, pieceMm, pieceHighMm);
        assertEquals(plan.perSheet().eitherWay(), mostPieces(widthMm, heightMm, pieceMm, pieceHighMm, true));
    }

    /** Four pieces laid round a hole in the middle: a solver finds them, but no knife cuts them out from edge to edge. */
    @Test
    public void aRingOfPiecesIsNotCutFromEdgeToEdge() {
        assertEquals(mostPieces(430, 430, 250, 170, true), 4);
        assertEquals(plan(430, 430, 250, 170).perSheet().eitherWay(), 3);
    }

    private static CuttingPlan plan(int widthMm, int heightMm, int pieceMm, int pieceHighMm) {
        return Cutter.plan(
                stock(widthMm, heightMm),
                List.of(new Demand(Length.ofMm(pieceMm), Length.ofMm(pieceHighMm), 1)),
                CutWish.USUAL);
    }

    private static int mostPieces(int widthMm, int heightMm, int pieceMm, int pieceHighMm, boolean eitherWay) {
        CpModel model = new CpModel();
        NoOverlap2dConstraint apart = model.addNoOverlap2D();
        List<Literal> laid = new ArrayList<>();
        int most = widthMm * heightMm / (pieceMm * pieceHighMm);
        for (int i = 0; i < most; i++) {
            for (int turned = 0; turned <= (eitherWay ? 1 : 0); turned++) {
                int w = turned == 1 ? pieceHighMm : pieceMm;
                int h = turned == 1 ? pieceMm : pieceHighMm;
                if (w > widthMm || h > heightMm) {
                    continue;
                }
                String name = i + "-" + turned;
                BoolVar here = model.newBoolVar("here" + name);
                IntVar x = model.newIntVar(0, widthMm - w, "x" + name);
                IntVar y = model.newIntVar(0, heightMm - h, "y" + name);
                IntervalVar across = model.newOptionalFixedSizeIntervalVar(x, w, here, "across" + name);
                IntervalVar down = model.newOptionalFixedSizeIntervalVar(y, h, here, "down" + name);
                apart.addRectangle(across, down);
                laid.add(here);
            }
        }
        model.maximize(LinearExpr.sum(laid.toArray(new Literal[0])));
        CpSolver solver = solver();
        assertEquals(solver.solve(model), CpSolverStatus.OPTIMAL);
        return (int) solver.objectiveValue();
    }

    @DataProvider
    Object[][] mixedSizes() {
        return IntStream.range(0, 24).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Eight pieces of as many sizes: no solver, which may lay them anyhow, needs fewer sheets. */
    @Test(dataProvider = "mixedSizes")
    public void noSolverNeedsFewerSheetsForPiecesOfManySizes(int seed) {
        Random dice = new Random(seed);
        List<Demand> wanted = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            wanted.add(new Demand(Length.ofMm(60 + dice.nextInt(170)), Length.ofMm(80 + dice.nextInt(240)), 1));
        }
        StockSheet sheet = new StockSheet(stock(300, 420), false);
        StockPlan plan = StockCutter.plan(new StockWish(wanted, true, List.of(sheet), Knife.ALONG_A_RULE));
        assertTrue(plan.whole());
        assertFalse(fits(wanted, 300, 420, plan.taken(0) - 1), plan.taken(0) + " sheets");
    }

    /** Whether pieces fit into so many sheets, laid anyhow. */
    private static boolean fits(List<Demand> wanted, int widthMm, int heightMm, int sheets) {
        CpModel model = new CpModel();
        NoOverlap2dConstraint apart = model.addNoOverlap2D();
        for (int i = 0; i < wanted.size(); i++) {
            int w = (int) wanted.get(i).width().mm();
            int h = (int) wanted.get(i).height().mm();
            // sheets lie side by side; a piece lies on one of them
            IntVar sheet = model.newIntVar(0, Math.max(0, sheets - 1), "sheet" + i);
            IntVar at = model.newIntVar(0, widthMm - w, "at" + i);
            IntVar y = model.newIntVar(0, heightMm - h, "y" + i);
            IntVar x = model.newIntVar(0, (long) widthMm * sheets, "x" + i);
            model.addEquality(
                    x, LinearExpr.newBuilder().addTerm(sheet, widthMm).add(at).build());
            apart.addRectangle(
                    model.newFixedSizeIntervalVar(x, w, "across" + i), model.newFixedSizeIntervalVar(y, h, "down" + i));
        }
        CpSolverStatus status = sheets == 0 ? CpSolverStatus.INFEASIBLE : solver().solve(model);
        assertTrue(status == CpSolverStatus.INFEASIBLE || status == CpSolverStatus.OPTIMAL, status.toString());
        return status == CpSolverStatus.OPTIMAL;
    }

    private static CpSolver solver() {
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(2).setMaxTimeInSeconds(20);
        return solver;
    }
}
