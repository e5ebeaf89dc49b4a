package itomichi.documents.imposing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.documents.Raster;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.imposing.Layout.Place;
import itomichi.documents.imposing.Layout.Shown;
import itomichi.documents.pdf.PdfWriter;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pages of one file on the pages of another, read back by programs that share no code with what laid them there. */
public class ImposingTest {

    private static final double RULE_MM = 0.2;

    private static Path imposed(Path source, Layout layout) throws Exception {
        Path marks = Sources.of(PdfWriter.write(new Drawing(
                "marks",
                layout.pages().stream()
                        .map(page -> new Drawing.Page(page.widthMm(), page.heightMm(), List.of()))
                        .toList())));
        Path to = Files.createTempFile("imposed", ".pdf");
        to.toFile().deleteOnExit();
        Composer.write(source, layout, marks, to, pages -> {});
        return to;
    }

    private static Layout.Page page(boolean upsideDown, Place... places) {
        return new Layout.Page(297, 210, upsideDown, List.of(places));
    }

    private static Place at(int page, double x, double y, double scale) {
        return new Place(page, x, y, scale, new Shown(0, 0, 297, 210));
    }

    @Test
    public void aLayoutIsReadAsItWasWritten() {
        Layout layout = new Layout(List.of(page(true, at(3, 1.25, 2, 0.7)), page(false), page(false, at(0, 0, 0, 1))));
        assertEquals(Layout.read(layout.lines()), layout);
    }

    @DataProvider
    Object[][] seeds() {
        return IntStream.range(0, 12).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Turned pages, cut pages, scaled, sheets that stand on their heads: each label is where it was on its page, and its page where it was laid. */
    @Test(dataProvider = "seeds")
    public void pagesLieWhereTheyWereLaid(int seed) throws Exception {
        Random dice = new Random(seed);
        Path source = Sources.file(document -> {
            for (int i = 1; i <= 6; i++) {
                PDPage page = Sources.labelled(document, i, Sources.A6);
                page.setRotation(90 * dice.nextInt(4));
                if (dice.nextBoolean()) {
                    page.setCropBox(new PDRectangle(20, 30, 200, 350));
                }
            }
        });
        List<Layout.Page> pages = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            pages.add(page(
                    dice.nextBoolean(),
                    at(2 * i, dice.nextDouble() * 30, dice.nextDouble() * 20, 0.5 + dice.nextDouble() / 2),
                    at(2 * i + 1, 150 + dice.nextDouble() * 20, dice.nextDouble() * 20, 0.5 + dice.nextDouble() / 2)));
        }
        Path written = imposed(source, new Layout(pages));
        Poppler.assertSound(written);
        List<Map<String, double[]>> before = Poppler.labels(source);
        List<Map<String, double[]>> after = Poppler.labels(written);
        for (int i = 0; i < 3; i++) {
            Layout.Page laid = pages.get(i);
            assertEquals(after.get(i).size(), 2);
            for (Place place : laid.places()) {
                String label = "p" + (place.page() + 1);
                double[] own = before.get(place.page()).get(label);
                double x = place.xMm() + own[0] * place.scale();
                double y = place.yMm() + own[1] * place.scale();
                double[] found = after.get(i).get(label);
                assertEquals(found[0], laid.upsideDown() ? 297 - x : x, RULE_MM, label + " across");
                assertEquals(found[1], laid.upsideDown() ? 210 - y : y, RULE_MM, label + " down");
            }
        }
    }

    /** Read once more by another reader of the same files. */
    @Test
    public void everyPageIsOnItsSheet() throws Exception {
        Path written = imposed(
                Sources.labelled(4),
                new Layout(List.of(page(false, at(3, 0, 0, 1), at(0, 148, 0, 1)), page(true, at(1, 0, 0, 1)))));
        try (PDDocument document = Loader.loadPDF(written.toFile())) {
            PDFTextStripper reader = new PDFTextStripper();
            reader.setSortByPosition(true);
            reader.setEndPage(1);
            assertEquals(reader.getText(document).strip().split("\\s+"), new String[] {"p4", "p1"});
        }
    }

    private static double difference(BufferedImage one, BufferedImage other) {
        double sum = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                sum += Math.abs((one.getRGB(x, y) & 255) - (other.getRGB(x, y) & 255));
            }
        }
        return sum / one.getWidth() / one.getHeight();
    }

    /** See-through colours, layers shown and hidden, fonts, what lies on the page: it looks as it did. */
    @Test
    public void nothingOfHowAPageLooksIsLost() throws Exception {
        Path source = Sources.withEverything();
        Layout.Page same = new Layout.Page(105, 148, false, List.of(new Place(0, 0, 0, 1, new Shown(0, 0, 105, 148))));
        Path written = imposed(source, new Layout(List.of(same)));
        Poppler.assertSound(written);
        BufferedImage before = Raster.of(Files.readAllBytes(source)).get(0).image();
        BufferedImage after = Raster.of(Files.readAllBytes(written)).get(0).image();
        double ink = difference(before, new BufferedImage(before.getWidth(), before.getHeight(), before.getType()));
        assertTrue(ink > 50, "something is to be seen: " + ink);
        assertTrue(difference(before, after) < 1.5, "" + difference(before, after));
    }

    /** What is cut off is not printed, and the rest of the page is. */
    @Test
    public void whatIsCutOffIsNotPrinted() throws Exception {
        Path source = Sources.labelled(1);
        Place whole = new Place(0, 0, 0, 1, new Shown(0, 0, 10, 148));
        Path written = imposed(source, new Layout(List.of(new Layout.Page(105, 148, false, List.of(whole)))));
        BufferedImage seen = Raster.of(Files.readAllBytes(written)).get(0).image();
        assertTrue(difference(seen, white(seen)) < 0.001);
    }

    private static BufferedImage white(BufferedImage like) {
        BufferedImage white = new BufferedImage(like.getWidth(), like.getHeight(), like.getType());
        var pen = white.createGraphics();
        pen.setColor(java.awt.Color.WHITE);
        pen.fillRect(0, 0, white.getWidth(), white.getHeight());
        pen.dispose();
        return white;
    }

    /** One content that two pages share, with resources of their own, stays the content of both. */
    @Test
    public void aContentOfTwoPagesIsPrintedTwice() throws Exception {
        Path source = Sources.file(document -> {
            PDPage first = Sources.labelled(document, 1, Sources.A6);
            PDPage second = new PDPage(Sources.A6);
            document.addPage(second);
            second.getCOSObject().setItem("Contents", first.getCOSObject().getItem("Contents"));
            second.setResources(first.getResources());
        });
        Path written = imposed(source, new Layout(List.of(page(false, at(0, 0, 0, 1)), page(false, at(1, 148, 0, 1)))));
        Poppler.assertSound(written);
        List<Map<String, double[]>> labels = Poppler.labels(written);
        assertEquals(labels.get(1).get("p1")[0] - labels.get(0).get("p1")[0], 148, RULE_MM);
    }

    @Test
    public void nothingThatDoesAnythingComesAlong() throws Exception {
        Path source = Sources.file(document -> {
            PDPage page = Sources.labelled(document, 1, Sources.A6);
            document.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert('moth')"));
            PDAnnotationLink link = new PDAnnotationLink();
            link.setRectangle(new PDRectangle(10, 10, 50, 50));
            PDActionURI outside = new PDActionURI();
            outside.setURI("there");
            link.setAction(outside);
            page.setAnnotations(List.of(link));
            PDComplexFileSpecification attached = new PDComplexFileSpecification();
            attached.setEmbeddedFile(new PDEmbeddedFile(document, new java.io.ByteArrayInputStream(new byte[] {1})));
            page.getResources().getCOSObject().setItem("AF", attached);
            page.getResources().getCOSObject().setItem("JS", new PDActionJavaScript("again"));
        });
        String bytes = Files.readString(
                imposed(source, new Layout(List.of(page(false, at(0, 0, 0, 1))))), StandardCharsets.ISO_8859_1);
        for (String act : List.of("JavaScript", "/URI", "EmbeddedFile", "Filespec", "OpenAction", "/Annots")) {
            assertFalse(bytes.contains(act), act);
        }
    }

    /** Two runs of the same give the same file, but for nothing. */
    @Test
    public void theSameGivesTheSameBytes() throws Exception {
        Path source = Sources.labelled(4);
        Layout layout = new Layout(List.of(page(false, at(3, 0, 0, 1), at(0, 148, 0, 1))));
        assertEquals(Files.readAllBytes(imposed(source, layout)), Files.readAllBytes(imposed(source, layout)));
    }
}
