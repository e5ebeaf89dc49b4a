package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** What is made ready for a class, section by section, each line with a box to tick. */
public final class KitSheet {

    private static final double INDENT_MM = 8;
    private static final double CODE_MM = 24;

    private KitSheet() {}

    /**
     * What is on it.
     *
     * @param name of the class
     * @param heading lines under it
     * @param address where the code on it leads
     */
    public record Listing(String name, List<String> heading, String address, List<Section> sections) {
        public Listing {
            heading = List.copyOf(heading);
            sections = List.copyOf(sections);
        }
    }

    /** Lines that belong together; one without lines is left out. */
    public record Section(String name, List<String> lines) {
        public Section {
            lines = List.copyOf(lines);
        }
    }

    /**
     * Draws the list.
     *
     * @param paper the paper it is printed on
     * @param date the day printed on it
     */
    public static Drawing draw(Listing listing, PrintPaper paper, LocalDate date) {
        PagedColumn column = new PagedColumn(paper);
        double left = PagedColumn.EDGE_MM + column.widthMm() - CODE_MM;
        AddressCode.shapes(listing.address(), left, PagedColumn.EDGE_MM, CODE_MM)
                .forEach(column::put);
        double beside = column.widthMm() - CODE_MM - 6;
        double top = column.yMm();
        column.words(0, beside, listing.name(), PagedColumn.TITLE_MM);
        listing.heading().forEach(line -> column.words(0, beside, line, PagedColumn.WORDS_MM));
        column.words(0, beside, date.toString(), PagedColumn.WORDS_MM);
        column.gap(Math.max(0, top + CODE_MM - column.yMm()));
        for (Section section : listing.sections()) {
            if (!section.lines().isEmpty()) {
                column.gap(4);
                column.room(18);
                column.words(0, section.name(), PagedColumn.TITLE_MM * 0.8);
                column.gap(1);
                for (String line : section.lines()) {
                    column.room(10);
                    column.box(Optional.empty());
                    column.words(INDENT_MM, line, PagedColumn.WORDS_MM);
                    column.gap(1);
                }
            }
        }
        return column.drawing("Kits: " + listing.name());
    }
}
