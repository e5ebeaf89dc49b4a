package itomichi.cover;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.gathering.Back;
import itomichi.structure.Covering;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Parts that are taken hold of and moved in a drawing. */
public class GripTest {

    /** Ways of which other parts come, besides the usual ones. */
    private static final CoverChoices ADDED =
            new CoverChoices(Map.of(), Map.of("slip-on", "PAPER", "limp-flap", "FRONT"));

    private record Gripped(CoverKind kind, CoverBase base, CoverLook look, Grip grip) {}

    private static Stream<Gripped> grips(CoverBase base) {
        return CoverKinds.fitting(base).stream()
                .flatMap(kind -> kind.work(base, ADDED).looks().stream()
                        .flatMap(look -> look.grips().stream().map(grip -> new Gripped(kind, base, look, grip))));
    }

    @DataProvider
    Object[][] grips() {
        SewnBlock block = Blocks.a5();
        return Stream.of(
                        Blocks.cased(block, Back.FLAT),
                        Blocks.boarded(block),
                        Blocks.stabbed(block),
                        Blocks.soft(block, Covering.THROUGH_SPINE))
                .flatMap(GripTest::grips)
                .map(one -> new Object[] {
                    one.kind().name() + ", " + one.look().view() + ", "
                            + one.grip().words(),
                    one
                })
                .toArray(Object[][]::new);
    }

    /** Moved five millimetres, what is held lies five millimetres further: it follows the hand. */
    @Test(dataProvider = "grips")
    public void whatIsHeldFollowsTheHand(String name, Gripped one) {
        Grip grip = one.grip();
        double number = grip.number() + 5 * grip.perMm();
        CoverWork moved =
                one.kind().work(one.base(), new CoverChoices(Map.of(grip.setting(), number), ADDED.schools()));
        Grip after = moved.look(one.look().view()).orElseThrow().grips().stream()
                .filter(other -> other.setting().equals(grip.setting()))
                .findFirst()
                .orElseThrow();
        assertEquals(after.number(), number, 0.001);
        assertEquals(
                grip.across() ? after.xMm() - grip.xMm() : after.yMm() - grip.yMm(),
                5,
                0.6,
                "to the tenth of a millimetre that is cut");
    }

    /** What is moved is also typed. */
    @Test(dataProvider = "grips")
    public void whatIsHeldIsSettledByANumberToo(String name, Gripped one) {
        List<String> keys = one.kind().settings().stream().map(Setting::key).toList();
        assertTrue(keys.contains(one.grip().setting()));
        assertTrue(one.grip().number() >= one.grip().least()
                && one.grip().number() <= one.grip().most());
    }
}
