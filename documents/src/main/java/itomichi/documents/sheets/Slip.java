package itomichi.documents.sheets;

import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is to be read about a sheet of templates: what it is for, bars to check the printer by, a code that opens the book.
 *
 * @param title what it is for
 * @param lines what it says under the title
 * @param stops why nothing may be punched from it; empty where it may
 * @param instructions what to do, in paragraphs
 * @param unit the unit it is measured in
 * @param address where the code leads, if anywhere
 */
record Slip(
        String title,
        List<String> lines,
        List<String> stops,
        List<String> instructions,
        Unit unit,
        Optional<String> address) {

    private static final double WORDS_MM = 3.2;
    private static final double CODE_MM = 26;
    private static final double WIDTH_MM = 114;

    /** Length of a check bar for a unit: 100 mm or 4 in. */
    static Length checkBar(Unit unit) {
        return unit == Unit.MM ? Length.ofMm(100) : Length.ofInches(4);
    }

    /** The slip as something to be laid on the page with the templates. */
    Piece piece() {
        List<Shape> shapes = new ArrayList<>();
        double code = address.isPresent() ? CODE_MM + 4 : 0;
        TextColumn column = new TextColumn(shapes, 0, 5, WIDTH_MM - code);
        column.words(title, 5.2).gap(1);
        lines.forEach(line -> column.words(line, WORDS_MM));
        address.ifPresent(to -> shapes.addAll(AddressCode.shapes(to, WIDTH_MM - CODE_MM, 0, CODE_MM)));
        double below = Math.max(column.yMm(), address.isPresent() ? CODE_MM + 3 : 0) + 2;
        TextColumn wide = new TextColumn(shapes, 0, below, WIDTH_MM);
        stops.forEach(stop -> wide.words("STOP. " + stop, WORDS_MM * 1.15));
        wide.words(
                "Check both bars with a rule before cutting. Print at 100 %, not fitted to the page. If a bar is not "
                        + checkBar(unit).at(Fineness.MARK).in(unit)
                        + ", type what it measures into the template stage and print again.",
                WORDS_MM);
        double top = wide.yMm() + 4;
        bars(shapes, top);
        double barMm = checkBar(unit).mm();
        TextColumn beside = new TextColumn(shapes, 14, top + 12, WIDTH_MM - 14);
        instructions.forEach(text -> beside.words(text, WORDS_MM).gap(1.5));
        return new Piece(title, WIDTH_MM, Math.max(top + barMm + 8, beside.yMm() + 2), shapes, List.of(), List.of());
    }

    private void bars(List<Shape> shapes, double topMm) {
        double barMm = checkBar(unit).mm();
        String name = checkBar(unit).at(Fineness.MARK).in(unit);
        double left = 4;
        shapes.add(new Shape.Line(left, topMm, left + barMm, topMm, Pen.CHECK));
        shapes.add(new Shape.Line(left, topMm - 2, left, topMm + 2, Pen.CHECK));
        shapes.add(new Shape.Line(left + barMm, topMm - 2, left + barMm, topMm + 2, Pen.CHECK));
        shapes.add(new Shape.Words(left + barMm / 2, topMm - 1.2, name, WORDS_MM, true, false));
        double top = topMm + 6;
        shapes.add(new Shape.Line(left, top, left, top + barMm, Pen.CHECK));
        shapes.add(new Shape.Line(left - 2, top, left + 2, top, Pen.CHECK));
        shapes.add(new Shape.Line(left - 2, top + barMm, left + 2, top + barMm, Pen.CHECK));
        shapes.add(new Shape.Words(left + 4, top + barMm / 2, name, WORDS_MM, true, true));
    }
}
