package itomichi.cutting;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * How stock sheets are parted that are all parted alike.
 *
 * @param sheets how many stock sheets
 * @param pieces what comes out of each, where it lies
 * @param cuts every cut, in their order
 * @param steps the cuts in words, those that repeat told once
 */
public record Layout(int sheets, List<CutPiece> pieces, List<Cut> cuts, List<Phrase> steps) {

    public Layout {
        pieces = List.copyOf(pieces);
        cuts = List.copyOf(cuts);
        steps = List.copyOf(steps);
    }

    /**
     * A piece where it lies on the stock sheet.
     *
     * @param demand which of the demands it is, from 0
     * @param turned whether its fold lies level
     */
    public record CutPiece(int demand, Length x, Length y, Length width, Length height, boolean turned) {}

    /**
     * A cut from edge to edge of what is cut.
     *
     * @param step which of the steps it belongs to, from 1
     */
    public record Cut(int step, Length x1, Length y1, Length x2, Length y2) {}
}
