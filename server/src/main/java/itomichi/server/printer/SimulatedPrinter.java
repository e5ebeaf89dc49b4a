package itomichi.server.printer;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.imposition.Turning;
import itomichi.measure.Length;
import java.util.function.ToDoubleFunction;

/**
 * A printer that is off, differently across and along, as rollers and drums are.
 *
 * @param across what it stretches a page by, across
 * @param along what it stretches it by, along
 */
public record SimulatedPrinter(double across, double along) implements Printer {

    /** Prints 97.3 % of the width and 101.2 % of the height. */
    public static final SimulatedPrinter USUAL = new SimulatedPrinter(0.973, 1.012);

    /** The sheet printed last lies on top and goes in first, and its back comes to stand on its head. */
    @Override
    public Turning turning() {
        return new Turning(true, true);
    }

    @Override
    public Drawing print(Drawing sheet) {
        return new Drawing(
                sheet.title() + ", as the simulated printer prints it",
                sheet.pages().stream()
                        .map(page -> new Drawing.Page(
                                page.widthMm(),
                                page.heightMm(),
                                page.shapes().stream()
                                        .map(shape -> shape.stretched(across, along))
                                        .toList()))
                        .toList());
    }

    /** What a rule says of the level check bar on a print. */
    public static Length levelBar(Drawing print) {
        return longest(print, bar -> Math.abs(bar.x2Mm() - bar.x1Mm()));
    }

    /** What a rule says of the upright one. */
    public static Length uprightBar(Drawing print) {
        return longest(print, bar -> Math.abs(bar.y2Mm() - bar.y1Mm()));
    }

    private static Length longest(Drawing print, ToDoubleFunction<Shape.Line> length) {
        return Length.ofMm(print.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == Pen.CHECK)
                .mapToDouble(length)
                .max()
                .orElse(0));
    }
}
