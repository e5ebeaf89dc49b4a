package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Shape;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Unit;
import itomichi.station.RowScheme;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** Several templates on one card stay apart: by lane, by letter, by ink. */
public class SharedCardTest {

    private static final KeptTemplate FELT = KeptTemplate.of(
                    SamplePlans.felt(6, 232, 46, new RowScheme.EqualGaps(), Unit.MM))
            .orElseThrow();
    private static final KeptTemplate SLIP =
            KeptTemplate.of(SamplePlans.pamphlet("Slip", 105, 3, Unit.MM)).orElseThrow();
    private static final KeptTemplate STAB = KeptTemplate.of(SamplePlans.bound("stab-tortoise-shell", 210, 48, Unit.MM))
            .orElseThrow();

    private static Drawing card() {
        return SharedCard.draw(
                List.of(
                        new SharedCard.Lane("Felt", Ink.INDIGO, FELT),
                        new SharedCard.Lane("Slip", Ink.MADDER, SLIP),
                        new SharedCard.Lane("Stab", Ink.PLUM, STAB)),
                Unit.MM,
                PrintPaper.A4,
                PrinterCorrection.NONE,
                LocalDate.of(2026, 11, 24));
    }

    private static List<Shape.Words> words() {
        return card().pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Words.class::isInstance)
                .map(Shape.Words.class::cast)
                .toList();
    }

    @Test
    public void everyTemplateHasALetterAndItsNameBesideIt() {
        List<String> said = words().stream().map(Shape.Words::text).toList();
        assertTrue(said.containsAll(List.of("A indigo: Felt", "B madder: Slip", "C plum: Stab")), said.toString());
    }

    @Test
    public void everyNumberIsUnderTheLetterOfItsLaneInTheInkOfItsLane() {
        for (Shape.Words one : words()) {
            if (one.text().matches("[ABC]\\d+")) {
                Ink ink = switch (one.text().charAt(0)) {
                    case 'A' -> Ink.INDIGO;
                    case 'B' -> Ink.MADDER;
                    default -> Ink.PLUM;
                };
                assertEquals(one.ink(), ink, one.text());
            }
        }
    }

    @Test
    public void noTwoLanesShareALineAcross() {
        List<Shape.Line> coloured = card().pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.ink() != Ink.BLACK)
                .toList();
        Set<Ink> inks = coloured.stream().map(Shape.Line::ink).collect(Collectors.toSet());
        for (Ink one : inks) {
            for (Ink other : inks) {
                if (one != other) {
                    assertTrue(
                            right(coloured, one) <= left(coloured, other) + 1e-9
                                    || right(coloured, other) <= left(coloured, one) + 1e-9,
                            one + " meets " + other);
                }
            }
        }
    }

    private static double left(List<Shape.Line> lines, Ink ink) {
        return lines.stream()
                .filter(line -> line.ink() == ink)
                .mapToDouble(line -> Math.min(line.x1Mm(), line.x2Mm()))
                .min()
                .orElseThrow();
    }

    private static double right(List<Shape.Line> lines, Ink ink) {
        return lines.stream()
                .filter(line -> line.ink() == ink)
                .mapToDouble(line -> Math.max(line.x1Mm(), line.x2Mm()))
                .max()
                .orElseThrow();
    }

    @Test
    public void aShorterTemplateSaysWhereItEnds() {
        assertTrue(words().stream().anyMatch(one -> one.text().equals("B ends")));
    }
}
