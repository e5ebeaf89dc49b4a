package itomichi.imposition;

import java.util.List;

/**
 * Printer's sheets that come in one file.
 *
 * @param name what it is called
 * @param larger whether it is on the larger printer's sheet, for the usual one does not take it
 * @param sheets in the order in which they are printed
 */
public record PrintGroup(String name, boolean larger, List<PrintedSheet> sheets) {
    public PrintGroup {
        sheets = List.copyOf(sheets);
    }
}
