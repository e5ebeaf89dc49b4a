package itomichi.documents.pdf;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.util.Matrix;
import org.jspecify.annotations.Nullable;

/** Writes a drawing as PDF at true size: the same bytes for the same drawing. */
public final class PdfWriter {

    /** Points in a millimetre: a point is 1/72 in (ISO 32000). */
    private static final double POINTS = 72 / 25.4;

    /** A face with an open licence that PDFBox carries; it is embedded, so that every reader shows the same. */
    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDDocument document;
    private final PDFont font;
    private final IdentityHashMap<List<Shape>, PDFormXObject> forms = new IdentityHashMap<>();
    /** A round of each size, about the origin, drawn with whatever pen is in hand. */
    private final Map<Double, PDFormXObject> rounds = new HashMap<>();

    private final Map<Integer, Boolean> letters = new HashMap<>();

    private PdfWriter(PDDocument document) throws IOException {
        this.document = document;
        try (InputStream face = PDDocument.class.getResourceAsStream(FACE)) {
            TrueTypeFont type = new TTFParser().parse(new RandomAccessReadBuffer(face));
            // Ligatures would be looked for in every word, which takes ten times as long as all the rest of a sheet.
            type.setEnableGsub(false);
            this.font = PDType0Font.load(document, type, true);
        }
    }

    /** The drawing as the bytes of a PDF file. */
    public static byte[] write(Drawing drawing) {
        try (PDDocument document = new PDDocument()) {
            document.setDocumentId(0L);
            PDDocumentInformation information = new PDDocumentInformation();
            information.setTitle(drawing.title());
            information.setCreator("Itomichi");
            document.setDocumentInformation(information);
            PdfWriter writer = new PdfWriter(document);
            for (Drawing.Page page : drawing.pages()) {
                writer.page(page);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The PDF of \u201c" + drawing.title() + "\u201d could not be written", e);
        }
    }

    private void page(Drawing.Page page) throws IOException {
        PDPage sheet = new PDPage(new PDRectangle(points(page.widthMm()), points(page.heightMm())));
        document.addPage(sheet);
        try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
            PageSink sink = new PageSink(content, points(page.widthMm()), page.heightMm());
            for (Shape shape : page.shapes()) {
                shape.drawOn(sink);
            }
            sink.end();
        }
    }

    /**
     * One page that is being drawn on. A pen is set when another was in hand, and lines that follow each other are drawn in one go: on a
     * sheet of thousands of strands that is most of what is written.
     */
    private final class PageSink implements Shape.Sink<IOException> {
        private final PDPageContentStream content;
        private final float width;
        private final double heightMm;
        private @Nullable Pen pen;
        private @Nullable Ink ink;
        /** The line drawn last, where its path still goes on. */
        private Shape.@Nullable Line open;

        PageSink(PDPageContentStream content, float width, double heightMm) {
            this.content = content;
            this.width = width;
            this.heightMm = heightMm;
        }

        @Override
        public void line(Shape.Line line) throws IOException {
            if (open == null || !follows(line, open)) {
                take(line.pen(), line.ink());
                content.moveTo(points(line.x1Mm()), points(heightMm - line.y1Mm()));
            }
            content.lineTo(points(line.x2Mm()), points(heightMm - line.y2Mm()));
            open = line;
        }

        private static boolean follows(Shape.Line line, Shape.Line before) {
            return line.pen() == before.pen()
                    && line.ink() == before.ink()
                    && line.x1Mm() == before.x2Mm()
                    && line.y1Mm() == before.y2Mm();
        }

        @Override
        public void circle(Shape.Circle circle) throws IOException {
            take(circle.pen(), circle.ink());
            PDFormXObject round = rounds.get(circle.radiusMm());
            if (round == null) {
                round = round(circle.radiusMm());
                rounds.put(circle.radiusMm(), round);
            }
            laid(round, points(circle.xMm()), points(heightMm - circle.yMm()));
        }

        @Override
        public void block(Shape.Block block) throws IOException {
            end();
            PdfWriter.block(content, block, heightMm);
        }

        @Override
        public void words(Shape.Words words) throws IOException {
            end();
            PdfWriter.this.words(content, words, heightMm);
        }

        @Override
        public void photo(Shape.Photo photo) throws IOException {
            end();
            content.drawImage(
                    JPEGFactory.createFromByteArray(document, photo.of().jpeg()),
                    points(photo.xMm()),
                    points(heightMm - photo.yMm() - photo.heightMm()),
                    points(photo.widthMm()),
                    points(photo.heightMm()));
        }

        /** Strokes the path that is still open. */
        void end() throws IOException {
            if (open != null) {
                content.stroke();
                open = null;
            }
        }

        /** As a form, which is written once however often it is drawn. */
        @Override
        public void again(Shape.Again again) throws IOException {
            end();
            PDFormXObject form = forms.get(again.shapes());
            if (form == null) {
                form = form(again.shapes());
                forms.put(again.shapes(), form);
            }
            laid(form, points(again.rightMm()), points(-again.downMm()));
        }

        private PDFormXObject form(List<Shape> shapes) throws IOException {
            PDAppearanceStream form = PdfWriter.this.form(new PDRectangle(width, points(heightMm)));
            try (OutputStream bytes = form.getStream().createOutputStream(COSName.FLATE_DECODE);
                    PDPageContentStream inside = new PDPageContentStream(document, form, bytes)) {
                PageSink sink = new PageSink(inside, width, heightMm);
                for (Shape shape : shapes) {
                    shape.drawOn(sink);
                }
                sink.end();
            }
            return form;
        }

        private void laid(PDFormXObject form, float right, float up) throws IOException {
            content.saveGraphicsState();
            content.transform(Matrix.getTranslateInstance(right, up));
            content.drawForm(form);
            content.restoreGraphicsState();
        }

        private void take(Pen wanted, Ink color) throws IOException {
            end();
            if (color != ink) {
                content.setStrokingColor(color(color));
                ink = color;
            }
            if (wanted != pen) {
                content.setLineWidth(points(wanted.widthMm()));
                content.setLineDashPattern(
                        wanted.dashMm() > 0
                                ? new float[] {points(wanted.dashMm()), points(wanted.gapMm())}
                                : new float[0],
                        0);
                pen = wanted;
            }
        }
    }

    private static Color color(Ink ink) {
        return new Color(Integer.parseInt(ink.hex(), 16));
    }

    private static void block(PDPageContentStream content, Shape.Block block, double heightMm) throws IOException {
        content.setNonStrokingColor(Color.BLACK);
        content.addRect(
                points(block.xMm()),
                points(heightMm - block.yMm() - block.heightMm()),
                points(block.widthMm()),
                points(block.heightMm()));
        content.fill();
    }

    /** How far a control point lies from the end of a quarter circle drawn as a cubic curve, in radii: the usual constant. */
    private static final double QUARTER = 0.5522847498;

    private PDFormXObject round(double radiusMm) throws IOException {
        double k = radiusMm * QUARTER;
        PDAppearanceStream form = form(new PDRectangle(
                points(-2 * radiusMm), points(-2 * radiusMm), points(4 * radiusMm), points(4 * radiusMm)));
        try (OutputStream bytes = form.getStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream inside = new PDPageContentStream(document, form, bytes)) {
            inside.moveTo(points(radiusMm), 0);
            curve(inside, radiusMm, k, k, radiusMm, 0, radiusMm);
            curve(inside, -k, radiusMm, -radiusMm, k, -radiusMm, 0);
            curve(inside, -radiusMm, -k, -k, -radiusMm, 0, -radiusMm);
            curve(inside, k, -radiusMm, radiusMm, -k, radiusMm, 0);
            inside.stroke();
        }
        return form;
    }

    /** An appearance is a form, and the only one that a page's content stream writes into. */
    private PDAppearanceStream form(PDRectangle box) {
        PDAppearanceStream form = new PDAppearanceStream(document);
        form.setBBox(box);
        form.setResources(new PDResources());
        return form;
    }

    private static void curve(
            PDPageContentStream content, double x1, double y1, double x2, double y2, double x3, double y3)
            throws IOException {
        content.curveTo(points(x1), points(y1), points(x2), points(y2), points(x3), points(y3));
    }

    private void words(PDPageContentStream content, Shape.Words words, double heightMm) throws IOException {
        String text = printable(words.text());
        float size = points(words.sizeMm());
        float back = words.middle() ? font.getStringWidth(text) / 1000 * size / 2 : 0;
        float x = points(words.xMm());
        float y = points(heightMm - words.yMm());
        content.setNonStrokingColor(color(words.ink()));
        content.beginText();
        content.setFont(font, size);
        content.setTextMatrix(
                words.turned() ? new Matrix(0, 1, -1, 0, x, y - back) : Matrix.getTranslateInstance(x - back, y));
        content.showText(text);
        content.endText();
    }

    /** The text with a question mark for each letter that the face lacks, and plain blanks for thin ones. */
    private String printable(String text) {
        // every face has these, and most of what is printed is nothing else
        if (text.chars().allMatch(letter -> letter >= ' ' && letter <= '~')) {
            return text;
        }
        StringBuilder printable = new StringBuilder();
        text.codePoints()
                .forEach(letter -> printable.append(
                        Character.isSpaceChar(letter) ? " " : has(letter) ? Character.toString(letter) : "?"));
        return printable.toString();
    }

    private boolean has(int letter) {
        return letters.computeIfAbsent(letter, this::inFace);
    }

    private boolean inFace(int letter) {
        try {
            return font.encode(Character.toString(letter)).length > 0;
        } catch (IllegalArgumentException missing) {
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException("The face could not be read for letter " + letter, e);
        }
    }

    private static float points(double mm) {
        return (float) (mm * POINTS);
    }
}
