package itomichi.path;

import static org.testng.Assert.assertEquals;

import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NotationTest {

    @DataProvider
    Object[][] paths() {
        return new Object[][] {
            {"+2 -1 +3 -2 tie"},
            {"+3 -2 +1 -2 +4 -5 +4 -3 tie3"},
            // two signatures linked: out at each inner station, round the stitch below, back in
            {"-1 +2 -2 +3\ns2: -3 +2 link -2 +1 kettle"},
            // two pamphlets, each with a thread of its own, the second closed by a run
            {"+2 -1 +3 -2 tie cut\ns2: +1 -2 ~1 tie"},
            // under the stitch below, a join, the way round the tail of a cover, over a cord, round a board
            {"-1 +2 -3 +4\ns2: -4 +3 under -2 +1 tie join\ns3: -1"},
            {"+1 -2 tail\ns2: +2 -1 tie"},
            {"+2 over -2 +1 board -1"},
            // four holes stabbed, each wrapped round the spine
            {"v2 spine v2 ^1 spine ^1 head ^1"},
        };
    }

    @Test(dataProvider = "paths")
    public void whatIsReadIsWrittenTheSame(String text) {
        assertEquals(Notation.write(path(text)), text);
    }

    @Test
    public void everyWeaveSurvivesWritingAndReading() {
        Property.holds().of(Draw.lists(Draw.between(1, 40), 1, 60), stations -> {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < stations.size(); i++) {
                text.append(i % 2 == 0 ? "+" : "-").append(stations.get(i)).append(' ');
            }
            ThreadPath path = path(text.toString());
            return path(Notation.write(path)).equals(path);
        });
    }

    /** Any words that a thread through folds can take, in any order that the thread allows. */
    @Test
    public void anyWayOfAThreadThroughFoldsSurvivesWritingAndReading() {
        Property.holds().of(Draw.lists(Draw.between(0, 9999), 1, 80), dice -> {
            ThreadPath path = wandered(dice);
            return path(Notation.write(path)).equals(path);
        });
    }

    private static ThreadPath wandered(List<Integer> dice) {
        PathBuilder path = new PathBuilder().from(new Hole(1, 3), Face.INSIDE, Tail.Side.FREE);
        int signature = 1;
        int station = 3;
        path.pass(new Hole(1, 3), Face.OUTSIDE);
        for (int die : dice) {
            boolean outside = path.here().face() == Face.OUTSIDE;
            int next = 1 + die / 10 % 8;
            switch (die % 10) {
                case 0 -> {
                    if (outside) {
                        path.link();
                    }
                }
                case 1 -> {
                    if (outside) {
                        path.kettle();
                    }
                }
                case 2 -> {
                    if (outside) {
                        path.then(new Over(path.here().hole()));
                    }
                }
                case 3 -> {
                    if (outside) {
                        path.then(new Board(path.here().hole()));
                    }
                }
                case 4 -> path.tie(1 + die % 3);
                case 5 -> path.join(2);
                case 6 -> {
                    if (outside && next != station) {
                        path.under().pass(new Hole(signature, next), Face.INSIDE);
                        station = next;
                    }
                }
                case 7 -> {
                    if (!outside && next != station) {
                        path.runTo(new Hole(signature, next)).tie(2);
                        station = next;
                    }
                }
                case 8 -> {
                    signature++;
                    if (outside) {
                        path.pass(new Hole(signature, station), Face.INSIDE);
                    } else {
                        path.round(die % 2 == 0 ? Edge.HEAD : Edge.TAIL)
                                .pass(new Hole(signature, station), Face.OUTSIDE);
                    }
                }
                default -> {
                    path.pass(new Hole(signature, next), outside ? Face.INSIDE : Face.OUTSIDE);
                    station = next;
                }
            }
        }
        return path.end();
    }

    @DataProvider
    Object[][] faults() {
        return new Object[][] {
            {"", 1, 1, "a path begins with a pass"},
            {"link", 1, 1, "a path begins with a pass"},
            {"+2 +3", 1, 4, "the thread is on the outside: -3 is wanted"},
            {"+2 -1\n+3 x4", 2, 4, "a pass"},
            {"+2 -0", 1, 4, "stations count from 1"},
            {"+2 -1 link", 1, 7, "a link is made on the outside"},
            {"+2 spine", 1, 4, "only a stab binding"},
            {"+2 -1 s2: +1", 1, 11, "the thread is on the inside of signature 1: it climbs on the outside"},
            {"+2 -1 under -2", 1, 7, "“under” is made on the outside"},
            {"+2 -1 tail +1", 1, 12, "under, head and tail lead to another hole"},
            {"+2 head", 1, 4, "head and tail of a cover are gone round from the inside"},
            {"+2 -1 cut link", 1, 11, "a new thread begins with a pass"},
            {"+2 under", 1, 9, "a pass is wanted after under"},
            {"+2 ~0", 1, 4, "stations count from 1"},
            {"s0: +1", 1, 1, "signatures count from s1:"},
            {"+2 v3", 1, 4, "the thread is on the outside: -3 is wanted"},
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsToldByLineColumnAndWhatIsWanted(String text, int line, int column, String wanted) {
        Notation.Parsed.Fault fault = (Notation.Parsed.Fault) Notation.parse(text);
        assertEquals(
                List.of(fault.line(), fault.column(), fault.wanted().startsWith(wanted)),
                List.of(line, column, true),
                fault.message());
    }

    @Test
    public void aTextWithoutEndIsRefusedUnread() {
        Notation.Parsed parsed = Notation.parse("+1 -1 ".repeat(20_000));
        assertEquals(parsed.getClass(), Notation.Parsed.Fault.class);
    }

    static ThreadPath path(String text) {
        Notation.Parsed parsed = Notation.parse(text);
        if (parsed instanceof Notation.Parsed.Fault fault) {
            throw new AssertionError(fault.message());
        }
        return ((Notation.Parsed.Path) parsed).path();
    }
}
