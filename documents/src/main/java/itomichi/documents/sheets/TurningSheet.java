package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;

/** Two sheets that show what a printer does to a stack that is laid in again: two fronts are printed, then two backs behind them. */
public final class TurningSheet {

    /** What stands on the fronts. */
    public static final List<String> FRONTS = List.of("1", "2");

    /** What stands on the backs, in the order in which they are printed. */
    public static final List<String> BACKS = List.of("A", "B");

    /** Goes on every paper that a desk printer takes. */
    private static final double WIDTH_MM = 210;

    private static final double HEIGHT_MM = 279;

    private TurningSheet() {}

    /** What is found behind the fronts. */
    public static List<String> backs(boolean reversed) {
        return reversed ? List.of(BACKS.get(1), BACKS.get(0)) : BACKS;
    }

    /** The two fronts, or the two backs. */
    public static Drawing draw(boolean backs) {
        return new Drawing(
                "Test sheet",
                (backs ? BACKS : FRONTS).stream().map(TurningSheet::page).toList());
    }

    private static Drawing.Page page(String name) {
        double middle = WIDTH_MM / 2;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Line(middle, 100, middle, 40, Pen.THREAD));
        shapes.add(new Shape.Line(middle - 15, 60, middle, 40, Pen.THREAD));
        shapes.add(new Shape.Line(middle + 15, 60, middle, 40, Pen.THREAD));
        shapes.add(new Shape.Words(middle, 190, name, 80, true, false));
        shapes.add(new Shape.Words(middle, 230, "The arrow points to the head.", 5, true, false));
        return new Drawing.Page(WIDTH_MM, HEIGHT_MM, shapes);
    }
}
