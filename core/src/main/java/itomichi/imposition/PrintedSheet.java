package itomichi.imposition;

import java.util.List;
import java.util.Optional;

/**
 * A printer's sheet.
 *
 * @param number in its group, from 1
 * @param holds the opened sheets on it, in the order of its cells
 * @param front the side on which the outer sides are
 * @param back the other, as it is seen when the sheet is turned over as a leaf is; nothing of sheets that are printed on one side
 */
public record PrintedSheet(int number, List<OpenedSheet> holds, PrintedSide front, Optional<PrintedSide> back) {
    public PrintedSheet {
        holds = List.copyOf(holds);
    }
}
