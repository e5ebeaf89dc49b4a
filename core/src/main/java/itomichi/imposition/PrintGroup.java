package itomichi.imposition;

import java.util.List;

/**
 * Printer's sheets that come in one file.
 *
 * @param name what it is called
 * @param sheets in the order in which they are printed
 */
public record PrintGroup(String name, List<PrintedSheet> sheets) {
    public PrintGroup {
        sheets = List.copyOf(sheets);
    }
}
