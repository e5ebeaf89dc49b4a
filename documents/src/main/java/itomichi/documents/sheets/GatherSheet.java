package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.PagedColumn.Cell;
import itomichi.measure.Unit;
import itomichi.pages.GatherList;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** What is gathered, signature by signature, each with a box to tick. */
public final class GatherSheet {

    private static final double INDENT_MM = 8;
    private static final double NAME_MM = 36;
    private static final double PAGES_MM = 46;

    private GatherSheet() {}

    /**
     * Draws the list.
     *
     * @param book name of the book
     * @param ticked lines that are ticked already, from 0
     * @param paper the paper it is printed on
     * @param date the day printed on it
     * @param unit of the measures on it
     */
    public static Drawing draw(
            String book, GatherList list, Collection<Integer> ticked, PrintPaper paper, LocalDate date, Unit unit) {
        PagedColumn column = new PagedColumn(paper);
        column.words(0, "Gather: " + book, PagedColumn.TITLE_MM);
        column.words(0, date.toString(), PagedColumn.WORDS_MM);
        column.gap(3);
        for (int i = 0; i < list.lines().size(); i++) {
            GatherList.Line line = list.lines().get(i);
            column.room(16);
            column.box(ticked.contains(i) ? Optional.of(true) : Optional.empty());
            double rest = INDENT_MM + NAME_MM + PAGES_MM;
            column.row(
                    List.of(
                            new Cell(INDENT_MM, NAME_MM - 2, line.name()),
                            new Cell(INDENT_MM + NAME_MM, PAGES_MM - 2, line.pages()),
                            new Cell(
                                    rest,
                                    column.widthMm() - rest,
                                    line.mark().isPresent()
                                            ? line.holds() + "; "
                                                    + line.markWords().in(unit)
                                            : line.holds())),
                    PagedColumn.WORDS_MM);
            column.gap(1.6);
        }
        return column.drawing("Gather: " + book);
    }
}
