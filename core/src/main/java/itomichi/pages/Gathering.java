package itomichi.pages;

import java.util.ArrayList;
import java.util.List;

/**
 * A signature opened out; of single sheets all of them together.
 *
 * @param number as they are sewn, from 1
 * @param endpapers whether it is a section of endpapers
 * @param turned whether it is read from the other side, the book turned over
 * @param sheets the outermost first; single sheets in the order of the book
 */
public record Gathering(int number, boolean endpapers, boolean turned, List<SheetSides> sheets) {

    public Gathering {
        sheets = List.copyOf(sheets);
    }

    /** Its leaves in the order in which they are read; a stub is none. */
    public List<Leaf> leaves() {
        List<Leaf> leaves = new ArrayList<>();
        sheets.forEach(sheet -> leaves.add(sheet.first()));
        for (int i = sheets.size() - 1; i >= 0; i--) {
            sheets.get(i).second().ifPresent(leaves::add);
        }
        leaves.removeIf(leaf -> leaf.reach() == Leaf.Reach.STUB);
        return leaves;
    }

    /** The page it begins with. */
    public Page first() {
        return leaves().get(0).front();
    }

    /** The page it ends with. */
    public Page last() {
        List<Leaf> leaves = leaves();
        return leaves.get(leaves.size() - 1).back();
    }
}
