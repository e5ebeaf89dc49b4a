package itomichi.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Unit;
import itomichi.pages.Nesting.Laid;
import itomichi.spec.Artwork;
import itomichi.spec.Artwork.Facing;
import itomichi.spec.Artwork.Spot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Sheets made beforehand, nested so that given halves face each other. */
public class NestingTest {

    private static Spot spot(int sheet, String side) {
        return new Spot(1, sheet, side.charAt(0) == 'b', side.charAt(1) == 'r');
    }

    private static Facing facing(int one, String side, int other, String otherSide) {
        return new Facing(spot(one, side), spot(other, otherSide));
    }

    /** What is seen at once of sheets that lie so, found by folding them: the left of an inner side, the right of the next outer one. */
    private static List<Facing> seen(List<Laid> order) {
        List<Facing> seen = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Laid laid = order.get(i);
            boolean inside = !laid.turned();
            if (i + 1 == order.size()) {
                seen.add(new Facing(new Spot(1, laid.sheet(), inside, false), new Spot(1, laid.sheet(), inside, true)));
            } else {
                Laid next = order.get(i + 1);
                boolean outside = next.turned();
                seen.add(
                        new Facing(new Spot(1, laid.sheet(), inside, false), new Spot(1, next.sheet(), outside, true)));
                seen.add(
                        new Facing(new Spot(1, next.sheet(), outside, false), new Spot(1, laid.sheet(), inside, true)));
            }
        }
        return seen;
    }

    private static boolean keeps(List<Laid> order, Facing wanted) {
        return seen(order).stream()
                .anyMatch(two -> Set.of(two.one(), two.other()).equals(Set.of(wanted.one(), wanted.other())));
    }

    /** The two halves of a sheet's back face each other where it is the innermost. */
    @Test
    public void aPictureAcrossASheetLiesInTheMiddle() {
        Nesting nesting = Nesting.of(3, List.of(facing(1, "bl", 1, "br")));
        assertEquals(nesting.order().get(2), new Laid(1, false));
        assertTrue(nesting.why().isEmpty());
    }

    /** A front that is to be seen whole is turned inside. */
    @Test
    public void aSheetIsTurnedWhereItsFrontIsToLieInside() {
        assertEquals(Nesting.of(2, List.of(facing(2, "fl", 2, "fr"))).order().get(1), new Laid(2, true));
    }

    @Test
    public void aLeftHalfNeverFacesALeftOne() {
        Nesting nesting = Nesting.of(2, List.of(facing(1, "bl", 2, "fl")));
        assertEquals(nesting.lost().size(), 1);
        assertEquals(
                nesting.why().orElseThrow().in(Unit.MM),
                "sheet 1, back left and sheet 2, front left are both left halves; a left page faces a right one.");
    }

    @Test
    public void theTwoSidesOfASheetNeverFaceEachOther() {
        String why = Nesting.of(2, List.of(facing(1, "fl", 1, "br")))
                .why()
                .orElseThrow()
                .in(Unit.MM);
        assertTrue(why.contains("turn away from each other"), why);
    }

    /** A sheet has one neighbour outside and one inside: what a third wants of it is told with what stands in the way. */
    @Test
    public void whatCannotBeKeptIsToldWithWhatStandsInTheWay() {
        List<Facing> wanted = List.of(facing(1, "bl", 2, "fr"), facing(2, "bl", 3, "fr"), facing(4, "bl", 2, "fr"));
        Nesting nesting = Nesting.of(4, wanted);
        assertEquals(nesting.lost(), List.of(wanted.get(2)));
        assertTrue(nesting.why().orElseThrow().in(Unit.MM).contains("sheet 1, back left facing sheet 2, front right"));
        wanted.subList(0, 2).forEach(one -> assertTrue(keeps(nesting.order(), one)));
    }

    @Test
    public void nothingWantedLeavesThemAsTheyWereMade() {
        assertEquals(
                Nesting.of(3, List.of()).order(), List.of(new Laid(1, false), new Laid(2, false), new Laid(3, false)));
    }

    /** Numbered as they are nested, nothing has to be turned or moved any more. */
    @Test
    public void numberedAsNestedTheyLieAsTheyAre() {
        List<Facing> wanted = List.of(facing(3, "fl", 1, "br"), facing(1, "fl", 1, "fr"));
        Artwork numbered = Nesting.of(3, wanted).numbered(1, new Artwork(Map.of(), wanted));
        List<Laid> asMade = List.of(new Laid(1, false), new Laid(2, false), new Laid(3, false));
        numbered.facing().forEach(one -> assertTrue(keeps(asMade, one), one.toString()));
    }

    @DataProvider
    Object[][] seeds() {
        return IntStream.range(0, 60).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** What is read off sheets that were nested anyhow is kept by some nesting, for there is one. */
    @Test(dataProvider = "seeds")
    public void whatFacedOnceIsFoundAgain(int seed) {
        Random dice = new Random(seed);
        List<Integer> sheets = new ArrayList<>(
                IntStream.rangeClosed(1, 2 + dice.nextInt(9)).boxed().toList());
        Collections.shuffle(sheets, dice);
        List<Laid> order = sheets.stream()
                .map(sheet -> new Laid(sheet, dice.nextBoolean()))
                .toList();
        List<Facing> wanted = new ArrayList<>(seen(order));
        Collections.shuffle(wanted, dice);
        List<Facing> some = wanted.subList(0, Math.min(12, 1 + dice.nextInt(wanted.size())));
        Nesting nesting = Nesting.of(sheets.size(), some);
        some.forEach(one -> assertTrue(keeps(nesting.order(), one), one + " in " + nesting.order()));
        assertEquals(nesting.lost(), List.of());
    }

    /** Of wishes that fight each other none is lost that the fewest did not have to be, tried by laying them in every way. */
    @Test(dataProvider = "seeds")
    public void noMoreIsGivenUpThanMustBe(int seed) {
        Random dice = new Random(1000 + seed);
        List<Facing> wanted = IntStream.range(0, 4)
                .mapToObj(i -> new Facing(
                        new Spot(1, 1 + dice.nextInt(3), dice.nextBoolean(), false),
                        new Spot(1, 1 + dice.nextInt(3), dice.nextBoolean(), true)))
                .distinct()
                .toList();
        long most = everyWay().stream()
                .mapToLong(order ->
                        wanted.stream().filter(one -> keeps(order, one)).count())
                .max()
                .orElseThrow();
        assertEquals(wanted.size() - Nesting.of(3, wanted).lost().size(), most, wanted.toString());
    }

    private static List<List<Laid>> everyWay() {
        List<List<Laid>> ways = new ArrayList<>();
        for (List<Integer> order : List.of(
                List.of(1, 2, 3),
                List.of(1, 3, 2),
                List.of(2, 1, 3),
                List.of(2, 3, 1),
                List.of(3, 1, 2),
                List.of(3, 2, 1))) {
            for (int turned = 0; turned < 8; turned++) {
                int bits = turned;
                ways.add(order.stream()
                        .map(sheet -> new Laid(sheet, ((bits >> (sheet - 1)) & 1) == 1))
                        .toList());
            }
        }
        return ways;
    }
}
