package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Unit;
import itomichi.pages.GatherList;
import itomichi.station.RowScheme;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The list to gather by, on paper. */
public class GatherSheetTest {

    private static final GatherList LIST = GatherList.of(
            SamplePlans.felt(4, 200, 20, new RowScheme.EqualGaps(), Unit.MM).worked());

    private static Drawing drawn(List<Integer> ticked) {
        return GatherSheet.draw("Log", LIST, ticked, PrintPaper.A4, LocalDate.of(2026, 11, 27), Unit.MM);
    }

    private static String words(Drawing drawing) {
        return drawing.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .collect(Collectors.joining("\n"));
    }

    private static long strokes(Drawing drawing) {
        return drawing.pages().get(0).shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .count();
    }

    /** 64 pages in four signatures: 16 each. */
    @Test
    public void eachSignatureHasItsPages() {
        String words = words(drawn(List.of()));
        assertTrue(words.contains("pages 1 to 16") && words.contains("pages 49 to 64"), words);
    }

    @Test
    public void marksStepDownFromHeadToTail() {
        List<Double> marks = LIST.lines().stream()
                .map(line -> line.mark().orElseThrow().mm())
                .toList();
        assertEquals(marks, marks.stream().sorted().distinct().toList());
    }

    /** A tick is two strokes more than an empty box. */
    @Test
    public void whatIsTickedIsTickedOnPaper() {
        assertEquals(strokes(drawn(List.of(1))), strokes(drawn(List.of())) + 2);
    }
}
