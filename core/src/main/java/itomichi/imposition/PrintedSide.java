package itomichi.imposition;

import java.util.List;

/**
 * A side of a printer's sheet, the heads of its pages up.
 *
 * @param width of the printer's sheet as it lies
 * @param height of it
 * @param pages what is printed of the text
 * @param marks what is printed besides
 */
public record PrintedSide(double width, double height, List<Placed> pages, List<Mark> marks) {
    public PrintedSide {
        pages = List.copyOf(pages);
        marks = List.copyOf(marks);
    }
}
