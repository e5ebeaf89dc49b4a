package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A binder must be able to check any figure with a pencil: the sum as it is shown, worked out again from what is shown. */
public class PencilTest {

    private static final Set<String> COUNTED = Set.of("sheets", "holes", "signatures", "stock", "short");

    @DataProvider
    Object[][] figures() {
        List<Object[]> rows = new ArrayList<>();
        BookSpec sound = Books.sound();
        for (BookSpec spec : List.of(
                sound,
                sound.withPages(50),
                sound.withLeaf(new BookSpec.Leaf(Length.ofMm(200.75), Length.ofMm(210), false))
                        .withPapers(sound.papers().withTrim(Length.ofMm(3))),
                sound.withPaper(Books.paper(90, Grain.WITH_FOLD)),
                sound.withStations(Books.placed(15, 60, 190)),
                sound.withThread(Books.sewing(2, 60, 0.9)),
                Books.linked(250).withThread(Books.sewing(2, 75, 1.1)),
                Books.from(Books.linked(240), Books.stock(640, 900, SheetGrain.ALONG_HEIGHT, 3)),
                Books.linked(96)
                        .withPapers(Books.twoPapers())
                        .withGathering(GatherWish.PLAIN
                                .withPasteIns(Length.ofMm(5))
                                .withRecipes(List.of(Books.mixedRecipe()))),
                Books.bound("stab-four-hole"))) {
            for (Figure figure : Planner.plan(spec).figures()) {
                rows.add(new Object[] {spec.bound().name() + ", " + spec.pages() + " pages: " + figure.key(), figure});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "figures")
    public void theSumThatIsShownComesToWhatIsShown(String name, Figure figure) {
        String[] sides = figure.working().sum(Unit.MM).split(" = ");
        double left = Formula.of(bare(sides[0])).evaluate(symbol -> {
            throw new AssertionError(symbol + " stands in " + sides[0]);
        });
        // what is written is so fine that a pencil comes to what is shown, to its last place
        assertEquals(
                figure.working().result().with(left).in(Unit.MM),
                sides[1],
                figure.working().sum(Unit.MM));
    }

    @Test(dataProvider = "figures")
    public void aTermIsTheSameInTheSumAndBelowIt(String name, Figure figure) {
        String sum = figure.working().sum(Unit.MM);
        figure.working()
                .written(Unit.MM)
                .terms()
                .values()
                .forEach(value -> assertTrue(sum.contains(value.in(Unit.MM)), value.in(Unit.MM) + " in " + sum));
    }

    @Test(dataProvider = "figures")
    public void everyTermIsExplained(String name, Figure figure) {
        figure.working()
                .formula()
                .symbols()
                .forEach(symbol -> assertFalse(
                        figure.working().terms().get(symbol).meaning().isBlank(),
                        symbol + " in " + figure.working().formula().text()));
    }

    @Test(dataProvider = "figures")
    public void everyFigureNamesItsSource(String name, Figure figure) {
        assertFalse(figure.working().source().words().isBlank());
    }

    @Test(dataProvider = "figures")
    public void aRangeHoldsItsValue(String name, Figure figure) {
        figure.working()
                .range()
                .ifPresent(range -> assertTrue(
                        range.low().number() <= figure.value().number()
                                && figure.value().number() <= range.high().number(),
                        name));
    }

    @Test(dataProvider = "figures")
    public void everyNumberHasItsUnit(String name, Figure figure) {
        for (Unit unit : Unit.values()) {
            String shown = figure.in(unit);
            boolean counted = COUNTED.contains(figure.key().replaceAll("-\\d$", ""));
            assertEquals(
                    shown.endsWith(unit.symbol())
                            || shown.endsWith("apart")
                            || shown.endsWith("min")
                            || shown.endsWith("%"),
                    !counted,
                    shown);
        }
    }

    @Test
    public void aThicknessInInchesIsAlsoSaidInTheUnitItIsWorkedOutIn() {
        String sum =
                Planner.plan(Books.sound()).figure("paper-thickness").working().sum(Unit.INCH);
        assertTrue(sum.contains("0.168\u202fmm = 0.0066\u202fin"), sum);
    }

    /** The sum without its units. */
    private static String bare(String sum) {
        return sum.replaceAll("\u202f(mm|g/m\u00b2|cm\u00b3/g|kg/m\u00b3|g/km|%|min)", "")
                .strip();
    }

    @Test
    public void aPlanIsTheSameEachTimeItIsAskedFor() {
        BookSpec spec = Books.sound().withLeaf(new BookSpec.Leaf(Length.ofMm(105), Length.ofMm(148), true));
        assertEquals(Planner.plan(spec), Planner.plan(spec));
    }
}
