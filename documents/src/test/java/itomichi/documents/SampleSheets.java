package itomichi.documents;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.TemplateKind;
import itomichi.documents.sheets.TemplateSheet;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Sheets for tests of what is printed, and where on their pages things lie. */
public final class SampleSheets {

    /** Where the code of sample sheets leads. */
    public static final String ADDRESS = "http://127.0.0.1:8372/books/00000000-0000-0000-0000-000000000001/template";

    private SampleSheets() {}

    /** Sheets of a plan, one card, seen from outside. */
    public static TemplateSheet of(BookPlan plan, TemplateKind... kinds) {
        return new TemplateSheet(
                plan, List.of(kinds), false, 1, false, LocalDate.of(2026, 11, 24), 4, Optional.of(ADDRESS));
    }

    /** The least x, or y, of what a pen drew on a page. */
    public static double least(Drawing drawing, int page, Pen pen, boolean across) {
        return lines(drawing, page, pen).stream()
                .mapToDouble(line -> across ? Math.min(line.x1Mm(), line.x2Mm()) : Math.min(line.y1Mm(), line.y2Mm()))
                .min()
                .orElseThrow();
    }

    /** Whether a pen drew on a page. */
    public static boolean has(Drawing drawing, int page, Pen pen) {
        return !lines(drawing, page, pen).isEmpty();
    }

    /** The first page that a pen drew on. */
    public static int firstWith(Drawing drawing, Pen pen) {
        return IntStream.rangeClosed(1, drawing.pages().size())
                .filter(page -> has(drawing, page, pen))
                .findFirst()
                .orElseThrow();
    }

    /**
     * A part of a tall strip where it lies on its page.
     *
     * @param page its page, from 1
     * @param leftMm its left edge
     * @param topMm its head edge, or its upper joining line
     * @param bottomMm its lower joining line, or its tail edge
     */
    public record Part(int page, double leftMm, double topMm, double bottomMm) {}

    /** The parts of the only strip on a sheet, from its head. */
    public static List<Part> parts(Drawing sheet) {
        List<Part> parts = new ArrayList<>();
        for (int page = 1; page <= sheet.pages().size(); page++) {
            // the upright edges of a part, from left to right; each part has two of them
            List<Shape.Line> edges = lines(sheet, page, Pen.CUT).stream()
                    .filter(line -> line.x1Mm() == line.x2Mm())
                    .sorted(Comparator.comparingDouble(Shape.Line::x1Mm))
                    .toList();
            for (int i = 0; i < edges.size(); i += 2) {
                parts.add(part(sheet, page, edges.get(i), edges.get(i + 1).x1Mm()));
            }
        }
        return parts;
    }

    private static Part part(Drawing sheet, int page, Shape.Line edge, double right) {
        double left = edge.x1Mm();
        List<Double> ends = new ArrayList<>();
        for (Pen pen : List.of(Pen.JOIN, Pen.CUT)) {
            lines(sheet, page, pen).stream()
                    .filter(line -> line.y1Mm() == line.y2Mm())
                    .filter(line -> Math.min(line.x1Mm(), line.x2Mm()) > left - 1
                            && Math.max(line.x1Mm(), line.x2Mm()) < right + 1)
                    .forEach(line -> ends.add(line.y1Mm()));
        }
        double top = ends.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double bottom = ends.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return new Part(page, left, top, bottom);
    }

    private static List<Shape.Line> lines(Drawing sheet, int page, Pen pen) {
        return sheet.pages().get(page - 1).shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == pen)
                .toList();
    }
}
