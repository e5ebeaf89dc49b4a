package itomichi.documents.svg;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.Base64;
import java.util.Locale;

/** Writes one page of a drawing as SVG whose user unit is a millimetre: the same text for the same drawing. */
public final class SvgWriter implements Shape.Sink<RuntimeException> {

    private final StringBuilder svg = new StringBuilder();

    private SvgWriter() {}

    /**
     * A page as an SVG document.
     *
     * @param drawing the drawing
     * @param number of the page from 1
     * @throws IllegalArgumentException if there is no such page
     */
    public static String write(Drawing drawing, int number) {
        if (number < 1 || number > drawing.pages().size()) {
            throw new IllegalArgumentException(
                    "Page " + number + " of a drawing of " + drawing.pages().size() + " pages");
        }
        Drawing.Page page = drawing.pages().get(number - 1);
        SvgWriter writer = new SvgWriter();
        StringBuilder svg = writer.svg;
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">\n"
                .formatted(mm(page.widthMm()), mm(page.heightMm()), mm(page.widthMm()), mm(page.heightMm())));
        svg.append("<title>").append(escaped(drawing.title())).append("</title>\n");
        svg.append("<rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>\n");
        page.shapes().forEach(shape -> shape.drawOn(writer));
        return svg.append("</svg>\n").toString();
    }

    @Override
    public void line(Shape.Line line) {
        Pen pen = line.pen();
        String dash =
                pen.dashMm() > 0 ? " stroke-dasharray=\"%s %s\"".formatted(mm(pen.dashMm()), mm(pen.gapMm())) : "";
        svg.append("<line class=\"%s\" x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#%s\" stroke-width=\"%s\"%s/>\n"
                .formatted(
                        pen.name().toLowerCase(Locale.ROOT),
                        mm(line.x1Mm()),
                        mm(line.y1Mm()),
                        mm(line.x2Mm()),
                        mm(line.y2Mm()),
                        line.ink().hex(),
                        mm(pen.widthMm()),
                        dash));
    }

    @Override
    public void circle(Shape.Circle circle) {
        svg.append(
                "<circle class=\"%s\" cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"none\" stroke=\"#%s\" stroke-width=\"%s\"/>\n"
                        .formatted(
                                circle.pen().name().toLowerCase(Locale.ROOT),
                                mm(circle.xMm()),
                                mm(circle.yMm()),
                                mm(circle.radiusMm()),
                                circle.ink().hex(),
                                mm(circle.pen().widthMm())));
    }

    @Override
    public void block(Shape.Block block) {
        svg.append("<rect class=\"block\" x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>\n"
                .formatted(mm(block.xMm()), mm(block.yMm()), mm(block.widthMm()), mm(block.heightMm())));
    }

    @Override
    public void words(Shape.Words words) {
        String turn =
                words.turned() ? " transform=\"rotate(-90 %s %s)\"".formatted(mm(words.xMm()), mm(words.yMm())) : "";
        svg.append(
                "<text x=\"%s\" y=\"%s\" font-family=\"sans-serif\" font-size=\"%s\" text-anchor=\"%s\" fill=\"#%s\"%s>%s</text>\n"
                        .formatted(
                                mm(words.xMm()),
                                mm(words.yMm()),
                                mm(words.sizeMm()),
                                words.middle() ? "middle" : "start",
                                words.ink().hex(),
                                turn,
                                escaped(words.text())));
    }

    @Override
    public void photo(Shape.Photo photo) {
        svg.append(
                "<image x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" preserveAspectRatio=\"none\" href=\"data:image/jpeg;base64,%s\"/>\n"
                        .formatted(
                                mm(photo.xMm()),
                                mm(photo.yMm()),
                                mm(photo.widthMm()),
                                mm(photo.heightMm()),
                                Base64.getEncoder().encodeToString(photo.of().jpeg())));
    }

    /** Micrometre steps, written with a point whatever the machine's language. */
    private static String mm(double value) {
        String text = String.format(Locale.ROOT, "%.3f", value);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
