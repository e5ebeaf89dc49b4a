package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Joints and pages, over random pieces. */
public class TilingTest {

    @DataProvider
    Object[][] random() {
        return IntStream.range(0, 40).mapToObj(i -> new Object[] {(long) i}).toArray(Object[][]::new);
    }

    private static List<Double> places(Random dice, double length) {
        List<Double> places = new ArrayList<>();
        for (double place = 5 + dice.nextDouble() * 20; place < length - 5; place += 12 + dice.nextDouble() * 60) {
            places.add(place);
        }
        return places;
    }

    @Test(dataProvider = "random")
    public void everyTileFitsAndAllOfThePieceIsOnOne(long seed) {
        Random dice = new Random(seed);
        double length = 100 + dice.nextDouble() * 900;
        List<Tiling.Stretch> tiles = Tiling.stretches(length, 250, places(dice, length));
        assertEquals(tiles.get(0).fromMm(), 0.0);
        assertEquals(tiles.get(tiles.size() - 1).toMm(), length, 1e-9);
        for (int i = 0; i < tiles.size(); i++) {
            assertTrue(tiles.get(i).length() <= 250 + 1e-9);
            if (i > 0) {
                // 20 mm of overlap to lay on each other
                assertEquals(tiles.get(i - 1).toMm() - tiles.get(i).fromMm(), 20, 1e-9);
            }
        }
    }

    @Test(dataProvider = "random")
    public void noJoiningLineComesNearAHole(long seed) {
        Random dice = new Random(seed);
        double length = 300 + dice.nextDouble() * 600;
        List<Double> holes = places(dice, length);
        List<Tiling.Stretch> tiles = Tiling.stretches(length, 250, holes);
        for (int i = 1; i < tiles.size(); i++) {
            double joint = tiles.get(i).fromMm() + 10;
            holes.forEach(hole -> assertTrue(Math.abs(hole - joint) >= 4, hole + " beside a joint at " + joint));
        }
    }

    @Test(dataProvider = "random")
    public void piecesOnAPageNeitherMeetNorHangOver(long seed) {
        Random dice = new Random(seed);
        List<Piece> pieces = IntStream.range(0, 12)
                .mapToObj(i -> new Piece(
                        "p" + i,
                        10 + dice.nextDouble() * 150,
                        10 + dice.nextDouble() * 240,
                        List.of(),
                        List.of(),
                        List.of()))
                .toList();
        for (List<Packing.Laid> page : Packing.pages(pieces, 190, 271)) {
            for (Packing.Laid one : page) {
                assertTrue(one.xMm() + one.piece().widthMm() <= 190 + 1e-9);
                assertTrue(one.yMm() + one.piece().heightMm() <= 271 + 1e-9);
                page.stream()
                        .filter(other -> !other.equals(one))
                        .forEach(other -> assertTrue(!other.near(one.xMm(), one.yMm(), one.piece())));
            }
        }
    }

    @Test
    public void piecesAreLaidTogetherWhereOnePageHoldsThem() {
        List<Piece> strips = IntStream.range(0, 4)
                .mapToObj(i -> new Piece("strip", 34, 210, List.of(), List.of(), List.of()))
                .toList();
        assertEquals(Packing.pages(strips, 190, 271).size(), 1);
    }
}
