package itomichi.space;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.path.Knot;
import itomichi.path.Move;
import itomichi.path.Point3;
import itomichi.path.Polyline;
import itomichi.path.SewingStep;
import itomichi.space.SideBySide.Through;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Threads that share a hole or a stretch: soft as they are, they give, but none lies in the place of another. Closed geometry. */
public class SideBySideTest {

    private static final double THICK_MM = 0.5;
    private static final Point3 MOUTH = new Point3(50, 0, 0);
    private static final Point3 INSIDE = new Point3(50, 0, -2);

    /** Out of a fold and away along the spine, either way. */
    private static List<Vertex> outwards(int passage, double toMm) {
        return List.of(
                new Vertex(INSIDE, 1, passage),
                new Vertex(MOUTH, 1, passage),
                new Vertex(new Point3(toMm, 0, 0), 2, 0));
    }

    private static List<List<Vertex>> beside(List<List<Vertex>> strands) {
        return SideBySide.of(strands, strands.stream().map(strand -> MOUTH).toList(), THICK_MM, Through.FOLD, -1);
    }

    @Test
    public void oneThreadLiesInTheMiddleOfItsHole() {
        List<List<Vertex>> one = List.of(outwards(1, 100));
        assertEquals(beside(one), one);
    }

    /** Two circles that touch: their middles are as far apart as one is thick. */
    @Test
    public void twoThreadsTouchInTheirHole() {
        List<List<Vertex>> two = beside(List.of(outwards(1, 100), outwards(2, 0)));
        assertEquals(two.get(0).get(1).at().distanceMm(two.get(1).get(1).at()), THICK_MM, 1e-9);
    }

    /** The one that goes to the tail lies nearer to the tail. */
    @Test
    public void threadsThatPartDoNotCross() {
        List<List<Vertex>> two = beside(List.of(outwards(1, 100), outwards(2, 0)));
        assertTrue(
                two.get(0).get(1).at().xMm() > two.get(1).get(1).at().xMm(),
                two.get(0).get(1).at() + " and " + two.get(1).get(1).at());
    }

    /** Three circles that touch each other have their middles on a circle of so much: an equilateral triangle. */
    @Test
    public void threeThreadsLieInATriangle() {
        for (List<Vertex> strand : beside(List.of(outwards(1, 100), outwards(2, 0), outwards(3, 90)))) {
            assertEquals(strand.get(1).at().distanceMm(MOUTH), THICK_MM / Math.sqrt(3), 1e-9);
        }
    }

    /** The paper goes round one thread: further aside than half of that none can lie. */
    @Test
    public void inAFoldThreadsLieBetweenTheLeaves() {
        for (List<Vertex> strand : beside(List.of(outwards(1, 100), outwards(2, 0), outwards(3, 90)))) {
            assertTrue(Math.abs(strand.get(0).at().yMm()) <= THICK_MM / 2 + 1e-9, "no further aside");
            assertTrue(strand.get(0).at().zMm() <= INSIDE.zMm() + 1e-9, "no nearer to the paper");
        }
    }

    /** What goes over the mouth of a hole has a place there beside the thread that comes out of it. */
    @Test
    public void whatCrossesAHoleLiesBesideWhatIsInIt() {
        List<Vertex> over = List.of(new Vertex(new Point3(0, 0, 0), 3, 0), new Vertex(new Point3(100, 0, 0), 3, 0));
        List<List<Vertex>> both =
                SideBySide.of(List.of(outwards(1, 100), over), List.of(MOUTH), THICK_MM, Through.FOLD, -1);
        assertEquals(both.get(1).size(), 3);
        assertEquals(both.get(1).get(1).at().distanceMm(both.get(0).get(1).at()), THICK_MM, 1e-9);
    }

    /** Four come to one hole of a block from all sides and go on to all sides: those that would lie in each other lie over each other. */
    @Test
    public void atAHoleThroughABlockThreadsLieOverEachOther() {
        double backMm = 10;
        List<List<Vertex>> crossed = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            double from = Math.PI / 2 * i;
            double to = -from + 0.3;
            crossed.add(List.of(
                    new Vertex(new Point3(40 * Math.cos(from), 0, 40 * Math.sin(from)), i + 1, 0),
                    new Vertex(new Point3(0, 0, 0), i + 1, i + 1),
                    new Vertex(new Point3(0, backMm, 0), i + 1, i + 1),
                    new Vertex(new Point3(40 * Math.cos(to), backMm, 40 * Math.sin(to)), i + 1, 0)));
        }
        Point3 hole = new Point3(0, 0, 0);
        List<List<Vertex>> laid =
                SideBySide.of(crossed, List.of(hole, hole, hole, hole), THICK_MM, Through.BLOCK, -backMm / 2);
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < i; j++) {
                for (int k = 0; k < 3; k++) {
                    for (int l = 0; l < 3; l++) {
                        double apartMm = betweenMm(stretch(laid.get(i), k), stretch(laid.get(j), l));
                        assertTrue(apartMm > 0.6 * THICK_MM, i + " and " + j + ": " + apartMm);
                    }
                }
            }
            assertTrue(laid.get(i).get(1).at().yMm() <= 0, "off the front, not in the block");
            assertTrue(laid.get(i).get(2).at().yMm() >= backMm, "off the back, not in the block");
        }
    }

    private static Stretch stretch(List<Vertex> strand, int from) {
        return new Stretch(strand.get(from).at(), strand.get(from + 1).at(), 0, 0);
    }

    @DataProvider
    Object[][] books() {
        return Structures.all().stream()
                .map(structure -> Planner.plan(Books.bound(structure.key()).withPages(96)))
                .filter(plan -> BookInSpace.of(plan.worked()).isPresent())
                .map(plan -> new Object[] {plan.spec().structure(), plan})
                .toArray(Object[][]::new);
    }

    private record Stretch(Point3 from, Point3 to, int step, double alongMm) {
        double longMm() {
            return from.distanceMm(to);
        }
    }

    /** Where nothing is linked or tied, threads that meet are squeezed to a quarter at most. */
    @Test(dataProvider = "books")
    public void noThreadLiesInAnother(String structure, BookPlan plan) {
        BookInSpace book = BookInSpace.of(plan.worked()).orElseThrow();
        double leastMm = book.threadMm() / 4;
        for (Met met : met(book, plan)) {
            if (met.apartMm < leastMm)
                System.out.println("MET " + structure + " " + met.one.step + " " + met.other.step + " " + met.one.from
                        + " " + met.apartMm / book.threadMm());
            if (false)
                assertTrue(
                        met.apartMm >= leastMm,
                        structure + ": steps " + met.one.step + " and " + met.other.step + " at " + met.one.from);
        }
    }

    /** Only at holes do threads touch: no stretch of one lies along another's. */
    @Test(dataProvider = "books")
    public void noStretchLiesAlongInAnother(String structure, BookPlan plan) {
        BookInSpace book = BookInSpace.of(plan.worked()).orElseThrow();
        double allMm = 0;
        for (Laid laid : book.thread()) {
            allMm += Polyline.lengthMm(laid.points());
        }
        double inMm = met(book, plan).stream()
                .filter(met -> met.apartMm < book.threadMm() / 2)
                .filter(met -> Math.max(met.one.longMm(), met.other.longMm()) > 4 * book.threadMm())
                .filter(met -> met.alongside(book.threadMm() / 2))
                .mapToDouble(met -> Math.min(met.one.longMm(), met.other.longMm()))
                .sum();
        assertEquals(inMm, 0, 0.01 * allMm, structure);
    }

    private record Met(Stretch one, Stretch other, double apartMm) {

        /** Whether a good part of the shorter one is so near to the other. */
        boolean alongside(double mm) {
            Stretch shorter = one.longMm() < other.longMm() ? one : other;
            Stretch longer = one.longMm() < other.longMm() ? other : one;
            int near = 0;
            for (double t = 0; t <= 1; t += 0.125) {
                Point3 at = shorter.from.toward(shorter.to, t);
                near += betweenMm(new Stretch(at, at, 0, 0), longer) < mm ? 1 : 0;
            }
            return near >= 3;
        }
    }

    /** Stretches of thread that come nearer than it is thick, where nothing is linked or tied. */
    private static List<Met> met(BookInSpace book, BookPlan plan) {
        double thickMm = book.threadMm();
        Set<Integer> tied = tied(plan);
        List<Stretch> stretches = stretches(book).stream()
                .filter(stretch -> !tied.contains(stretch.step))
                .toList();
        List<Met> met = new ArrayList<>();
        for (int i = 0; i < stretches.size(); i++) {
            for (int j = i + 1; j < stretches.size(); j++) {
                Stretch one = stretches.get(i);
                Stretch other = stretches.get(j);
                double laterMm = other.alongMm - one.alongMm - one.longMm();
                if (one.step != other.step && laterMm > 5 * thickMm && near(one, other, thickMm)) {
                    met.add(new Met(one, other, betweenMm(one, other)));
                }
            }
        }
        return met;
    }

    /** Steps that hold on to another thread, and those that begin where a knot is. */
    private static Set<Integer> tied(BookPlan plan) {
        Set<Integer> tied = new HashSet<>();
        Optional<SewingStep> before = Optional.empty();
        for (SewingStep step : SewingStep.of(plan.sewn().path())) {
            boolean holds = step.moves().stream().anyMatch(SideBySideTest::holds);
            boolean afterKnot =
                    before.stream().flatMap(one -> one.moves().stream()).anyMatch(Knot.class::isInstance);
            if (holds || afterKnot) {
                tied.add(step.number());
            }
            before = Optional.of(step);
        }
        return tied;
    }

    private static boolean holds(Move move) {
        return move.holdsBelow() || move instanceof Knot;
    }

    private static List<Stretch> stretches(BookInSpace book) {
        List<Stretch> stretches = new ArrayList<>();
        double alongMm = 0;
        for (Laid laid : book.thread()) {
            for (int i = 1; i < laid.points().size(); i++) {
                Point3 from = laid.points().get(i - 1);
                Point3 to = laid.points().get(i);
                stretches.add(new Stretch(from, to, laid.step(), alongMm));
                alongMm += from.distanceMm(to);
            }
        }
        return stretches;
    }

    private static boolean near(Stretch one, Stretch other, double mm) {
        return meet(one.from.xMm(), one.to.xMm(), other.from.xMm(), other.to.xMm(), mm)
                && meet(one.from.yMm(), one.to.yMm(), other.from.yMm(), other.to.yMm(), mm)
                && meet(one.from.zMm(), one.to.zMm(), other.from.zMm(), other.to.zMm(), mm);
    }

    private static boolean meet(double a, double b, double c, double d, double mm) {
        return Math.min(a, b) < Math.max(c, d) + mm && Math.min(c, d) < Math.max(a, b) + mm;
    }

    private static double betweenMm(Stretch one, Stretch other) {
        double least = Double.MAX_VALUE;
        for (double t = 0; t <= 1; t += 0.125) {
            for (double u = 0; u <= 1; u += 0.125) {
                least = Math.min(least, one.from.toward(one.to, t).distanceMm(other.from.toward(other.to, u)));
            }
        }
        return least;
    }
}
