package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;

/** Labels or slips, as many as there are, at true size as they leave the printer. */
public final class LabelSheet {

    private static final double TITLE_MM = 4;
    private static final double WORDS_MM = 3;
    private static final double FINE_MM = 2.5;
    private static final double INSIDE_MM = 4;
    private static final double LINE = 1.35;
    /** Letters of this share of their size can still be read. */
    private static final double SMALLEST = 0.6;

    private LabelSheet() {}

    /**
     * What stands on a label.
     *
     * @param title the first line
     * @param lines under it
     * @param foot last, smaller; nothing where it is empty
     */
    public record Label(String title, List<String> lines, String foot) {
        public Label {
            lines = List.copyOf(lines);
        }
    }

    /**
     * Draws the labels.
     *
     * @param form that is sold for that paper
     * @throws itomichi.spec.UnfitValueException if labels of that form are on no such paper
     */
    public static Drawing draw(
            String title, List<Label> labels, LabelForm form, PrintPaper paper, PrinterCorrection correction) {
        form.checked(paper);
        List<Drawing.Page> pages = new ArrayList<>();
        for (int from = 0; from < labels.size(); from += form.onSheet()) {
            List<Label> here = labels.subList(from, Math.min(labels.size(), from + form.onSheet()));
            List<Shape> shapes = new ArrayList<>();
            for (int i = 0; i < here.size(); i++) {
                double left = form.leftMm(i, paper);
                double top = form.topMm(i, paper);
                words(here.get(i), form).forEach(shape -> shapes.add(shape.moved(left, top)));
                if (form.cutApart()) {
                    outline(form).forEach(shape -> shapes.add(shape.moved(left, top)));
                }
            }
            pages.add(correction.page(paper, shapes));
        }
        return new Drawing(title, pages);
    }

    private static List<Shape> outline(LabelForm form) {
        double right = form.widthMm();
        double low = form.heightMm();
        return List.of(
                new Shape.Line(0, 0, right, 0, Pen.CUT),
                new Shape.Line(right, 0, right, low, Pen.CUT),
                new Shape.Line(right, low, 0, low, Pen.CUT),
                new Shape.Line(0, low, 0, 0, Pen.CUT));
    }

    /** A line of a label, with its size. */
    private record Line(String words, double sizeMm) {}

    /** As large as it all has room; what is too much even in the smallest letters ends with a sign that more was said. */
    private static List<Shape> words(Label label, LabelForm form) {
        double most = form.heightMm() - 1.5 * INSIDE_MM;
        double share = 1;
        List<Line> lines = lines(label, form, share);
        while (heightMm(lines) > most && share > SMALLEST) {
            share -= 0.05;
            lines = lines(label, form, share);
        }
        List<Shape> shapes = new ArrayList<>();
        double y = INSIDE_MM;
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            y += line.sizeMm();
            boolean last = i + 1 < lines.size() && y + lines.get(i + 1).sizeMm() * LINE > most + INSIDE_MM;
            String words = last ? line.words() + " …" : line.words();
            shapes.add(new Shape.Words(INSIDE_MM, y, words, line.sizeMm(), false, false));
            if (last) {
                break;
            }
            y += line.sizeMm() * (LINE - 1);
        }
        return shapes;
    }

    private static double heightMm(List<Line> lines) {
        return lines.stream().mapToDouble(line -> line.sizeMm() * LINE).sum();
    }

    private static List<Line> lines(Label label, LabelForm form, double share) {
        double width = form.widthMm() - 2 * INSIDE_MM;
        List<Line> lines = new ArrayList<>();
        add(lines, label.title(), TITLE_MM * share, width);
        label.lines().forEach(line -> add(lines, line, WORDS_MM * share, width));
        add(lines, label.foot(), FINE_MM * share, width);
        return lines;
    }

    private static void add(List<Line> lines, String text, double sizeMm, double widthMm) {
        TextColumn.broken(text, widthMm, sizeMm).forEach(line -> lines.add(new Line(line, sizeMm)));
    }
}
