package itomichi.documents.dxf;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.Locale;

/**
 * Writes one page of a drawing as DXF (release 12, text form): a unit is a millimetre, the page's lower left corner is the origin, y runs
 * up. Lines to cut, to score, holes, and marks to read lie on layers of their own, so that a machine can be told what to do with each.
 */
public final class DxfWriter implements Shape.Sink<RuntimeException> {

    /** Layers; the colour is an index of the format's own palette. */
    private enum Layer {
        CUT(1),
        SCORE(5),
        HOLE(3),
        MARK(7);

        private final int color;

        Layer(int color) {
            this.color = color;
        }

        static Layer of(Pen pen) {
            return switch (pen) {
                case CUT -> CUT;
                case FOLD -> SCORE;
                case HOLE -> HOLE;
                default -> MARK;
            };
        }
    }

    private final StringBuilder text = new StringBuilder();
    private final double heightMm;

    private DxfWriter(double heightMm) {
        this.heightMm = heightMm;
    }

    /**
     * A page as DXF text; the same text for the same page.
     *
     * @param page the page
     */
    public static String write(Drawing.Page page) {
        DxfWriter writer = new DxfWriter(page.heightMm());
        writer.head(page);
        page.shapes().forEach(shape -> shape.drawOn(writer));
        return writer.put(0, "ENDSEC").put(0, "EOF").text.toString();
    }

    private DxfWriter put(int code, String value) {
        text.append(code).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private DxfWriter put(int code, double value) {
        return put(code, String.format(Locale.ROOT, "%.4f", value));
    }

    private DxfWriter point(int code, double xMm, double yMm) {
        return put(code, xMm).put(code + 10, heightMm - yMm).put(code + 20, 0.0);
    }

    private void head(Drawing.Page page) {
        // this release has no header for the unit; a remark says it to whoever opens the file as text
        put(999, "1 unit is 1 mm");
        put(0, "SECTION").put(2, "HEADER");
        put(9, "$ACADVER").put(1, "AC1009");
        put(9, "$EXTMIN").put(10, 0.0).put(20, 0.0);
        put(9, "$EXTMAX").put(10, page.widthMm()).put(20, page.heightMm());
        put(0, "ENDSEC").put(0, "SECTION").put(2, "TABLES");
        put(0, "TABLE").put(2, "LTYPE").put(70, "1");
        put(0, "LTYPE")
                .put(2, "CONTINUOUS")
                .put(70, "0")
                .put(3, "Solid line")
                .put(72, "65")
                .put(73, "0")
                .put(40, 0.0);
        put(0, "ENDTAB").put(0, "TABLE").put(2, "LAYER").put(70, Integer.toString(Layer.values().length));
        for (Layer layer : Layer.values()) {
            put(0, "LAYER")
                    .put(2, layer.name())
                    .put(70, "0")
                    .put(62, Integer.toString(layer.color))
                    .put(6, "CONTINUOUS");
        }
        put(0, "ENDTAB").put(0, "ENDSEC").put(0, "SECTION").put(2, "ENTITIES");
    }

    @Override
    public void line(Shape.Line line) {
        put(0, "LINE").put(8, Layer.of(line.pen()).name());
        point(10, line.x1Mm(), line.y1Mm()).point(11, line.x2Mm(), line.y2Mm());
    }

    @Override
    public void circle(Shape.Circle circle) {
        put(0, "CIRCLE").put(8, Layer.of(circle.pen()).name());
        point(10, circle.xMm(), circle.yMm()).put(40, circle.radiusMm());
    }

    @Override
    public void block(Shape.Block block) {
        put(0, "SOLID").put(8, Layer.MARK.name());
        point(10, block.xMm(), block.yMm()).point(11, block.xMm() + block.widthMm(), block.yMm());
        point(12, block.xMm(), block.yMm() + block.heightMm());
        point(13, block.xMm() + block.widthMm(), block.yMm() + block.heightMm());
    }

    @Override
    public void words(Shape.Words words) {
        put(0, "TEXT").put(8, Layer.MARK.name());
        point(10, words.xMm(), words.yMm()).put(40, words.sizeMm() * CAPITALS).put(1, plain(words.text()));
        if (words.turned()) {
            put(50, 90.0);
        }
        if (words.middle()) {
            put(72, "1");
            point(11, words.xMm(), words.yMm());
        }
    }

    /** A machine that cuts and marks by lines makes nothing of a photograph but its edge. */
    @Override
    public void photo(Shape.Photo photo) {
        double right = photo.xMm() + photo.widthMm();
        double low = photo.yMm() + photo.heightMm();
        line(new Shape.Line(photo.xMm(), photo.yMm(), right, photo.yMm(), Pen.CHECK));
        line(new Shape.Line(right, photo.yMm(), right, low, Pen.CHECK));
        line(new Shape.Line(right, low, photo.xMm(), low, Pen.CHECK));
        line(new Shape.Line(photo.xMm(), low, photo.xMm(), photo.yMm(), Pen.CHECK));
    }

    /** The format gives the height of capitals, drawings that of the letters' body. */
    private static final double CAPITALS = 0.7;

    /** Letters beyond ASCII by their number, which the format writes in four digits; others and line ends cannot be written. */
    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        text.codePoints().forEach(letter -> {
            if (letter < ' ' || Character.isSpaceChar(letter)) {
                plain.append(' ');
            } else if (letter < 127) {
                plain.append((char) letter);
            } else {
                plain.append(letter > 0xFFFF ? "?" : String.format(Locale.ROOT, "\\U+%04X", letter));
            }
        });
        return plain.toString();
    }
}
