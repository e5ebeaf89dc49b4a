package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.finding.Stage;
import itomichi.lookover.Check;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A slip to look a book over by: what should be seen and measured, a box for each, what was found already. */
public final class LookSheet {

    private static final double INDENT_MM = 8;

    private final PagedColumn column;
    private final Unit unit;

    private LookSheet(PrintPaper paper, Unit unit) {
        this.column = new PagedColumn(paper);
        this.unit = unit;
    }

    /**
     * Something to look at, and what was found.
     *
     * @param good whether it was good; nothing where nobody looked yet
     * @param measured what was measured; nothing where nobody did
     */
    public record Line(Check check, Optional<Boolean> good, Optional<Length> measured) {}

    /**
     * Draws the slip.
     *
     * @param book name of the book
     * @param paper the paper it is printed on
     * @param date the day printed on it
     * @param unit of the measures on it
     */
    public static Drawing draw(String book, List<Line> lines, PrintPaper paper, LocalDate date, Unit unit) {
        LookSheet sheet = new LookSheet(paper, unit);
        sheet.column.words(0, "Look it over: " + book, PagedColumn.TITLE_MM);
        sheet.column.words(0, date.toString(), PagedColumn.WORDS_MM);
        Stage stage = null;
        for (Line line : lines) {
            if (line.check().stage() != stage) {
                stage = line.check().stage();
                sheet.column.room(30);
                sheet.column.gap(3);
                sheet.column.words(0, named(stage), PagedColumn.HEAD_MM);
            }
            sheet.line(line);
        }
        return sheet.column.drawing("Look it over: " + book);
    }

    private static String named(Stage stage) {
        String name = stage.name();
        return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
    }

    private void line(Line line) {
        column.room(22);
        column.box(line.good());
        words(line.check().look().in(unit));
        line.check().measure().ifPresent(measure -> {
            String planned = measure.planned().at(measure.fineness()).in(unit) + " planned, good from "
                    + measure.low().at(measure.fineness()).in(unit) + " to "
                    + measure.high().at(measure.fineness()).in(unit);
            String found = line.measured()
                    .map(length -> "; measured " + length.at(measure.fineness()).in(unit))
                    .orElse("; measured ____________");
            words(planned + found);
        });
        if (line.good().filter(good -> !good).isPresent()) {
            words("Not good. " + line.check().mend().in(unit));
        }
        column.gap(1.5);
    }

    private void words(String text) {
        column.words(INDENT_MM, text, PagedColumn.WORDS_MM);
    }
}
