package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Photograph;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.PagedColumn.Cell;
import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A book's page of the notebook on paper: what was planned, what came out, with room to write where nobody told yet. */
public final class RecordCard {

    private static final double NUMBER_MM = 30;
    private static final double BLANK_MM = 22;
    private static final double BETWEEN_MM = 6;
    private static final double HIGHEST_MM = 90;
    private static final int MOST_PICTURES = 6;

    private final PagedColumn column;
    private final Unit unit;

    private RecordCard(PrintPaper paper, Unit unit) {
        this.column = new PagedColumn(paper);
        this.unit = unit;
    }

    /**
     * What is told of a book.
     *
     * @param structure what its sewing is called
     * @param finished the day it came to the shelf; nothing while it is in work
     * @param notes in its binder's words
     * @param failed what failed, in its binder's words
     * @param pictures that were taken of it
     */
    public record Told(
            String book,
            String structure,
            List<String> papers,
            Optional<String> finished,
            String notes,
            String failed,
            List<Taken> pictures) {}

    /**
     * A picture.
     *
     * @param caption in its binder's words
     * @param width in points of the picture
     * @param height in points of the picture
     */
    public record Taken(String caption, int width, int height, Photograph file) {}

    /**
     * Draws the card.
     *
     * @param lines what was planned and what came out
     * @param paper the paper it is printed on
     * @param date the day printed on it
     * @param unit of the measures on it
     */
    public static Drawing draw(Told told, List<Entry> lines, PrintPaper paper, LocalDate date, Unit unit) {
        RecordCard card = new RecordCard(paper, unit);
        card.column.words(0, told.book(), PagedColumn.TITLE_MM);
        card.column.words(
                0,
                told.structure() + ", of " + String.join(", ", told.papers()) + "; "
                        + told.finished().map(day -> "finished " + day).orElse("in work") + "; printed " + date,
                PagedColumn.WORDS_MM);
        card.column.gap(3);
        card.row("", "Planned", "Came out");
        card.stroke(0, card.column.widthMm());
        card.column.gap(1.4);
        lines.forEach(card::line);
        card.written("Notes", told.notes());
        card.written("What failed", told.failed());
        card.pictures(told.pictures());
        return card.column.drawing("Record card: " + told.book());
    }

    private void line(Entry line) {
        column.room(14);
        double top = column.yMm();
        row(
                line.name().in(unit),
                line.foreseen() ? line.planned().in(unit) : "",
                line.shown().map(came -> came.in(unit)).orElse(""));
        if (line.came().isEmpty()) {
            double from = column.widthMm() - NUMBER_MM;
            double y = top + 0.8;
            column.put(new Shape.Line(
                    PagedColumn.EDGE_MM + from, y, PagedColumn.EDGE_MM + from + BLANK_MM, y, Pen.CHECK, Ink.BLACK));
        }
        column.gap(1.2);
    }

    private void row(String name, String planned, String came) {
        double wide = column.widthMm();
        column.row(
                List.of(
                        new Cell(0, wide - 2 * NUMBER_MM - 4, name),
                        new Cell(wide - 2 * NUMBER_MM, NUMBER_MM, planned),
                        new Cell(wide - NUMBER_MM, NUMBER_MM, came)),
                PagedColumn.WORDS_MM);
    }

    private void stroke(double from, double to) {
        double y = column.yMm() - PagedColumn.WORDS_MM;
        column.put(new Shape.Line(PagedColumn.EDGE_MM + from, y, PagedColumn.EDGE_MM + to, y, Pen.CHECK, Ink.BLACK));
        column.gap(1);
    }

    /** Two beside each other, as many as a card is read with. */
    private void pictures(List<Taken> pictures) {
        double wide = (column.widthMm() - BETWEEN_MM) / 2;
        for (int i = 0; i < Math.min(pictures.size(), MOST_PICTURES); i += 2) {
            List<Taken> beside = pictures.subList(i, Math.min(i + 2, Math.min(pictures.size(), MOST_PICTURES)));
            double high =
                    beside.stream().mapToDouble(one -> highMm(one, wide)).max().orElse(0);
            column.gap(3);
            column.room(high + 2 * PagedColumn.HEAD_MM);
            double top = column.yMm() - PagedColumn.WORDS_MM;
            for (int place = 0; place < beside.size(); place++) {
                Taken one = beside.get(place);
                double own = highMm(one, wide);
                double x = PagedColumn.EDGE_MM + place * (wide + BETWEEN_MM);
                column.put(new Shape.Photo(x, top, own * one.width() / one.height(), own, one.file()));
            }
            column.gap(high + 1);
            List<Cell> captions = new ArrayList<>();
            for (int place = 0; place < beside.size(); place++) {
                captions.add(new Cell(
                        place * (wide + BETWEEN_MM), wide, beside.get(place).caption()));
            }
            column.row(captions, PagedColumn.WORDS_MM);
        }
        if (pictures.size() > MOST_PICTURES) {
            column.gap(2);
            column.words(0, (pictures.size() - MOST_PICTURES) + " more in the notebook.", PagedColumn.WORDS_MM);
        }
    }

    private static double highMm(Taken picture, double wideMm) {
        return Math.min(HIGHEST_MM, wideMm * picture.height() / picture.width());
    }

    private void written(String head, String text) {
        column.room(26);
        column.gap(3);
        column.words(0, head, PagedColumn.HEAD_MM);
        for (String line : text.strip().split("\\R", -1)) {
            column.flowing(line, PagedColumn.WORDS_MM);
        }
    }
}
