package itomichi.imposition;

import itomichi.measure.Length;
import itomichi.pages.SheetSides;
import java.util.ArrayList;
import java.util.List;

/**
 * A sheet of the book, opened out, that is to be printed.
 *
 * @param signature of which signature, as they are sewn, from 1
 * @param of how many sheets that signature has
 * @param sides what is on it
 * @param height of its leaves once they are trimmed
 * @param trim that is cut off after sewing
 * @param creep how far its fore edge would stand out past that of the outermost sheet
 */
public record OpenedSheet(int signature, int of, SheetSides sides, Length height, Length trim, Length creep) {

    /** Which of its signature, the outermost being 1. */
    public int number() {
        return sides.number();
    }

    /** Which it is. */
    public String words() {
        return sides.second().isEmpty()
                ? "sheet " + number()
                : "signature " + signature + ", sheet " + number() + " of " + of;
    }

    int paper() {
        return sides.first().paper();
    }

    boolean folded() {
        return sides.doubled() || sides.second().isPresent();
    }

    boolean innermost() {
        return sides.second().isPresent() && number() == of;
    }

    boolean outermost() {
        return sides.second().isPresent() && number() == 1;
    }

    /** From edge to edge, with what is trimmed. */
    double widthMm() {
        return folded()
                ? foldFrom(sides.outer())
                        + sides.outer().rightWidth().plus(trim).mm()
                : first();
    }

    private double first() {
        return sides.first().width().plus(trim).mm();
    }

    double heightMm() {
        return height.plus(trim.times(2)).mm();
    }

    /** Where the fold is on a side, from its left edge. */
    private double foldFrom(SheetSides.Side side) {
        return side.leftWidth().plus(trim).mm();
    }

    /** Where the fold is, on the side that comes to lie inside or outside. */
    double foldFrom(boolean inner) {
        return foldFrom(inner ? sides.inner() : sides.outer());
    }

    /** Its pages on a side. Of a single sheet's inner side the back is on the right. */
    List<Field> fields(boolean inner) {
        SheetSides.Side side = inner ? sides.inner() : sides.outer();
        List<Field> fields = new ArrayList<>();
        if (!folded()) {
            fields.add(new Field(side.right(), box(inner ? trim.mm() : 0, side.rightWidth()), !inner));
            return fields;
        }
        double fold = foldFrom(side);
        side.left()
                .ifPresent(left -> fields.add(
                        new Field(left, box(fold - side.leftWidth().mm(), side.leftWidth()), sides.doubled())));
        fields.add(new Field(side.right(), box(fold, side.rightWidth()), !sides.doubled()));
        return fields;
    }

    private Box box(double x, Length width) {
        return new Box(x, trim.mm(), width.mm(), height.mm());
    }
}
