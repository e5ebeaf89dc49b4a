package itomichi.documents.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.svg.SvgWriter;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.testng.annotations.Test;

/** What is drawn several times looks as if each time were drawn by itself: read by a library's renderer. */
public class DrawnAgainTest {

    private static final List<Shape> MARK = List.of(
            new Shape.Line(10, 10, 40, 14, Pen.CUT, Ink.BLACK),
            new Shape.Circle(20, 20, 3, Pen.HOLE, Ink.BLACK),
            new Shape.Words(12, 30, "fold", 5, false, false),
            new Shape.Block(30, 20, 4, 2));
    /** One within another, as a picture is in a half of a sheet. */
    private static final List<Shape> NESTED = List.of(new Shape.Again(MARK, 0, 0), new Shape.Again(MARK, 50, 8));

    private static final Drawing SHORT = page(List.of(new Shape.Again(NESTED, 0, 0), new Shape.Again(NESTED, 3, 45)));
    private static final Drawing PLAIN =
            page(SHORT.pages().get(0).shapes().stream().flatMap(Shape::plain).toList());

    private static Drawing page(List<Shape> shapes) {
        return new Drawing("Marks", List.of(new Drawing.Page(105, 148, shapes)));
    }

    private static int[] seen(Drawing drawing) throws IOException {
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(drawing))) {
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 150);
            return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        }
    }

    @Test
    public void itLiesWhereItWouldLieDrawnByItself() throws IOException {
        int[] again = seen(SHORT);
        int[] plain = seen(PLAIN);
        assertTrue(IntStream.of(plain).filter(color -> (color & 0xff) < 128).count() > 1000, "something is drawn");
        // an edge may fall on the other side of a pixel
        long unlike = IntStream.range(0, plain.length)
                .filter(i -> Math.abs((again[i] & 0xff) - (plain[i] & 0xff)) > 64)
                .count();
        assertEquals(unlike, 0);
    }

    @Test
    public void itIsWrittenOnce() {
        Drawing many = page(IntStream.range(0, 60)
                .mapToObj(i -> (Shape) new Shape.Again(NESTED, 0, i))
                .toList());
        Drawing plain =
                page(many.pages().get(0).shapes().stream().flatMap(Shape::plain).toList());
        assertTrue(PdfWriter.write(many).length < PdfWriter.write(plain).length);
    }

    @Test
    public void formatsThatCannotSayItShorterDrawEachByItself() {
        assertEquals(SvgWriter.write(SHORT, 1), SvgWriter.write(PLAIN, 1));
    }

    @Test
    public void aPrintersCorrectionStretchesEachOfThem() {
        List<Shape> stretched = SHORT.pages().get(0).shapes().stream()
                .map(shape -> shape.stretched(1.1, 0.9))
                .flatMap(Shape::plain)
                .toList();
        assertEquals(
                stretched.get(stretched.size() - 1).toString(),
                new Shape.Block((30 + 53) * 1.1, (20 + 53) * 0.9, 4 * 1.1, 2 * 0.9).toString());
    }
}
