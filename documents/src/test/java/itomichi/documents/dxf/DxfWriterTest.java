package itomichi.documents.dxf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The exchange drawing as text: pairs of code and value (format release 12; from memory). An independent reader reads it in the browser tests. */
public class DxfWriterTest {

    private static List<String[]> pairs(Shape... shapes) {
        String[] lines =
                DxfWriter.write(new Drawing.Page(100, 200, List.of(shapes))).split("\r\n");
        List<String[]> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < lines.length; i += 2) {
            pairs.add(new String[] {lines[i], lines[i + 1]});
        }
        assertEquals(lines.length % 2, 0, "every code has its value");
        return pairs;
    }

    /** Values of an entity by their codes, in their order. */
    private static String entity(String type, Shape shape) {
        List<String[]> pairs = pairs(shape);
        StringBuilder found = new StringBuilder();
        boolean inside = false;
        for (String[] pair : pairs) {
            if (pair[0].equals("0")) {
                inside = pair[1].equals(type);
            } else if (inside) {
                found.append(found.isEmpty() ? "" : " ")
                        .append(pair[0])
                        .append('=')
                        .append(pair[1]);
            }
        }
        return found.toString();
    }

    @DataProvider
    Object[][] layers() {
        return new Object[][] {
            {Pen.CUT, "CUT"}, {Pen.FOLD, "SCORE"}, {Pen.STATION, "MARK"}, {Pen.NOTE, "MARK"}, {Pen.HOLE, "HOLE"},
        };
    }

    @Test(dataProvider = "layers")
    public void whatIsCutScoredAndMarkedLiesOnLayersOfItsOwn(Pen pen, String layer) {
        assertTrue(entity("LINE", new Shape.Line(0, 0, 10, 0, pen)).startsWith("8=" + layer));
    }

    @Test
    public void aDrawingCountsUpwards() {
        assertEquals(
                entity("LINE", new Shape.Line(10, 20, 30, 20, Pen.CUT)),
                "8=CUT 10=10.0000 20=180.0000 30=0.0000 11=30.0000 21=180.0000 31=0.0000");
    }

    @Test
    public void aHoleIsACircleOfItsRadius() {
        assertEquals(
                entity("CIRCLE", new Shape.Circle(5, 150, 0.75, Pen.HOLE, Ink.BLACK)),
                "8=HOLE 10=5.0000 20=50.0000 30=0.0000 40=0.7500");
    }

    @Test
    public void lettersBeyondAsciiAreWrittenByTheirNumbers() {
        assertTrue(entity("TEXT", new Shape.Words(0, 0, "ä 糸", 5, false, false)).contains("1=\\U+00E4 \\U+7CF8"));
    }

    /** The format writes four digits for a letter: one that has more is not cut into two halves that are no letters. */
    @Test
    public void aLetterThatHasNoFourDigitsIsOneQuestionMark() {
        assertTrue(entity("TEXT", new Shape.Words(0, 0, "a\uD842\uDFB7b", 5, false, false))
                .contains("1=a?b"));
    }

    /** Variables of the header that release 12 has (from memory); the unit came two releases later. */
    @Test
    public void theHeaderHoldsOnlyWhatItsReleaseKnows() {
        List<String> variables = pairs(new Shape.Line(0, 0, 1, 1, Pen.CUT)).stream()
                .filter(pair -> pair[0].equals("9"))
                .map(pair -> pair[1])
                .toList();
        assertEquals(variables, List.of("$ACADVER", "$EXTMIN", "$EXTMAX"));
    }

    @Test
    public void wordsThatWouldEndALineDoNot() {
        assertTrue(
                entity("TEXT", new Shape.Words(0, 0, "a\nb", 5, false, false)).contains("1=a b"));
    }

    @Test
    public void turnedWordsReadUpwards() {
        assertTrue(
                entity("TEXT", new Shape.Words(0, 0, "SPINE", 5, false, true)).contains("50=90"));
    }

    @Test
    public void everySectionThatIsBegunIsEnded() {
        List<String[]> pairs = pairs(new Shape.Line(0, 0, 1, 1, Pen.CUT));
        assertEquals(
                pairs.stream().filter(pair -> pair[1].equals("SECTION")).count(),
                pairs.stream().filter(pair -> pair[1].equals("ENDSEC")).count());
        assertEquals(pairs.get(pairs.size() - 1)[1], "EOF");
    }

    @Test
    public void theSamePageGivesTheSameText() {
        Drawing.Page page = new Drawing.Page(10, 10, List.of(new Shape.Line(0, 0, 1, 1, Pen.CUT)));
        assertEquals(DxfWriter.write(page), DxfWriter.write(page));
    }
}
