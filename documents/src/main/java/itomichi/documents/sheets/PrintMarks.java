package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.imposition.Mark;
import itomichi.imposition.PrintFile;
import itomichi.imposition.PrintFile.PrintPage;

/** What is printed over a text: a page of marks for each page of it. */
public final class PrintMarks {

    private PrintMarks() {}

    /** Draws the marks of a file. */
    public static Drawing draw(PrintFile file) {
        return Drawing.onDemand(
                file.name(), file.pages().size(), i -> page(file.pages().get(i)));
    }

    private static Drawing.Page page(PrintPage page) {
        return new Drawing.Page(
                page.side().width(),
                page.side().height(),
                page.side().marks().stream().map(PrintMarks::shape).toList());
    }

    private static Shape shape(Mark mark) {
        return mark.match(
                line -> new Shape.Line(line.x1(), line.y1(), line.x2(), line.y2(), pen(line.kind())),
                words -> new Shape.Words(words.x(), words.y(), words.text(), words.size(), true, false));
    }

    private static Pen pen(Mark.Kind kind) {
        return switch (kind) {
            case CROP, FOLD -> Pen.NOTE;
            case STATION -> Pen.HOLE;
            case COLLATION -> Pen.BAR;
        };
    }
}
