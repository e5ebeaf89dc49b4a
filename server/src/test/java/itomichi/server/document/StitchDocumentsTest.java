package itomichi.server.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Unit;
import itomichi.path.Edge;
import itomichi.server.document.BookDocument.Pattern;
import itomichi.server.document.BookDocument.PatternHole;
import itomichi.server.document.BookDocument.PatternLine;
import itomichi.server.document.BookDocument.PatternTurn;
import itomichi.server.document.BookDocument.Stitch;
import itomichi.spec.BookSpec;
import itomichi.spec.StitchWish;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How a book is sewn is kept as it was said. */
public class StitchDocumentsTest {

    private static final BookDocument START = StartingBook.in(Unit.MM);

    private static final Pattern LADDER = new Pattern(
            "Ladder",
            true,
            200,
            List.of(new PatternHole(40, 12), new PatternHole(160, 12.5)),
            List.of(new PatternLine(true, 1, 2), new PatternLine(false, 1, 2)),
            List.of(new PatternTurn(1, Edge.SPINE), new PatternTurn(1, Edge.HEAD)));

    private static Stitch stitch(@Nullable Pattern pattern) {
        return new Stitch("pairs", 0.5, 2.5, 1.8, 7, StitchWish.Threads.WORKABLE, 10.5, pattern);
    }

    @Test
    public void whatWasSaidIsKept() {
        BookDocument told = START.withStitch(stitch(LADDER));
        BookSpec spec = BookDocuments.spec(told);
        assertEquals(BookDocuments.changed(told, spec).stitch(), told.stitch());
    }

    @Test
    public void withoutAPatternNoneIsKept() {
        BookDocument told = START.withStitch(stitch(null));
        assertEquals(BookDocuments.changed(told, BookDocuments.spec(told)).stitch(), told.stitch());
    }

    @Test
    public void aPatternIsReadAndWrittenTheSame() {
        assertEquals(StitchDocuments.document(StitchDocuments.pattern(LADDER)), LADDER);
    }

    private static Pattern with(List<PatternHole> holes, List<PatternLine> lines, List<PatternTurn> turns) {
        return new Pattern("Bent", true, 200, holes, lines, turns);
    }

    @DataProvider
    Object[][] wrong() {
        List<PatternHole> two = LADDER.holes();
        return new Object[][] {
            {with(List.of(two.get(0)), List.of(), List.of()), "2 to 150 holes"},
            {with(two, List.of(new PatternLine(true, 1, 1)), List.of()), "from one hole to another"},
            {with(two, List.of(new PatternLine(true, 1, 3)), List.of()), "from one hole to another"},
            {with(two, List.of(), List.of(new PatternTurn(5, Edge.TAIL))), "A wrap is at one of the 2 holes"},
            {with(List.of(two.get(0), new PatternHole(300, 12)), List.of(), List.of()), "Hole 2 lies off the leaf"},
            {with(List.of(two.get(0), new PatternHole(100, -1)), List.of(), List.of()), "Hole 2 lies off the leaf"},
            {new Pattern("", true, 200, two, List.of(), List.of()), "a name of 1 to 60 letters"},
            {new Pattern("a\u0007b", true, 200, two, List.of(), List.of()), "a name of 1 to 60 letters"},
            {new Pattern("Small", true, 4, two, List.of(), List.of()), "20 to 1200 mm"},
            {new Pattern("Fold", false, 200, two, List.of(), LADDER.turns()), "Only a pattern through the side"},
            {
                new Pattern("Fold", false, 200, List.of(two.get(1), two.get(0)), List.of(), List.of()),
                "must lie below hole 1"
            },
        };
    }

    @Test(dataProvider = "wrong")
    public void aPatternThatIsNoneIsRefusedInOneLine(Pattern pattern, String told) {
        UnfitValueException unfit = expectThrows(UnfitValueException.class, () -> StitchDocuments.pattern(pattern));
        assertEquals(unfit.field(), "stitch.pattern");
        String message = String.valueOf(unfit.getMessage());
        assertTrue(message.contains(told), message);
    }

    @Test
    public void aListWithAHoleInItIsRefused() {
        List<PatternHole> holes = new ArrayList<>(LADDER.holes());
        holes.add(null);
        expectThrows(
                UnfitValueException.class,
                () -> StitchDocuments.pattern(with(Collections.unmodifiableList(holes), List.of(), List.of())));
    }
}
