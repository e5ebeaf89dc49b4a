package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Photograph;
import itomichi.documents.drawing.Shape;
import itomichi.documents.pdf.PdfWriter;
import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** A book's page of the notebook on paper. */
public class RecordCardTest {

    private static Entry thread(OptionalDouble came) {
        return new Entry(
                "thread-cut",
                Entry.Group.THREAD,
                Phrase.of("Thread cut"),
                Quantity.of(Length.ofMm(700), Fineness.THREAD),
                true,
                came,
                Entry.Origin.WRITTEN);
    }

    private static Drawing card(OptionalDouble came, String notes, RecordCard.Taken... pictures) {
        return RecordCard.draw(
                new RecordCard.Told(
                        "Log",
                        "Link stitch",
                        List.of("Grey wove 90"),
                        Optional.of("3 May 2026"),
                        notes,
                        "One fold split.",
                        List.of(pictures)),
                List.of(thread(came)),
                PrintPaper.A4,
                LocalDate.of(2026, 11, 27),
                Unit.MM);
    }

    private static RecordCard.Taken picture(String caption, int width, int height) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", file);
        return new RecordCard.Taken(caption, width, height, new Photograph(file.toByteArray()));
    }

    private static List<Shape.Photo> photos(Drawing drawing) {
        return drawing.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Photo.class::isInstance)
                .map(Shape.Photo.class::cast)
                .toList();
    }

    /** A picture twice as wide as high is printed so. */
    @Test
    public void aPictureKeepsItsShape() throws IOException {
        Shape.Photo photo = photos(card(OptionalDouble.empty(), "", picture("The spine", 80, 40)))
                .get(0);
        assertEquals(photo.widthMm() / photo.heightMm(), 2.0, 1e-9);
    }

    @Test
    public void ofManyPicturesTheFirstArePrintedAndTheRestTold() throws IOException {
        RecordCard.Taken[] eight = new RecordCard.Taken[8];
        java.util.Arrays.fill(eight, picture("Swell", 40, 60));
        Drawing card = card(OptionalDouble.empty(), "", eight);
        assertEquals(photos(card).size(), 6);
        assertTrue(text(card).contains("2 more in the notebook."));
    }

    /** Pixels as the file holds them, read out of the PDF by another library's reader. */
    @Test
    public void aPictureIsInThePdfAsItWasKept() throws IOException {
        Drawing card = card(OptionalDouble.empty(), "", picture("The spine", 80, 40));
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(card))) {
            var resources = document.getPage(0).getResources();
            var image = (PDImageXObject)
                    resources.getXObject(resources.getXObjectNames().iterator().next());
            assertEquals(List.of(image.getWidth(), image.getHeight()), List.of(80, 40));
        }
    }

    private static String text(Drawing drawing) throws IOException {
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(drawing))) {
            return new PDFTextStripper().getText(document).replace('\u202f', ' ');
        }
    }

    @Test
    public void whatCameOutStandsBesideThePlan() throws IOException {
        String text = text(card(OptionalDouble.of(655), "Wax less."));
        assertTrue(text.contains("700 mm") && text.contains("655 mm"), text);
        assertTrue(
                text.contains("finished 3 May 2026") && text.contains("Wax less.") && text.contains("One fold split."),
                text);
    }

    /** A stroke to write on, besides the one under the head of the table. */
    @Test
    public void whatNobodyToldHasRoomToWrite() {
        assertEquals(strokes(card(OptionalDouble.empty(), "")), strokes(card(OptionalDouble.of(655), "")) + 1);
    }

    private static long strokes(Drawing drawing) {
        return drawing.pages().get(0).shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .count();
    }

    /** Nothing is printed past the foot of a page, however long somebody wrote without a stop. */
    @Test
    public void longNotesGoOnOverPages() {
        Drawing drawing = card(OptionalDouble.empty(), "the awl went in beside the fold ".repeat(400));
        assertTrue(drawing.pages().size() > 2);
        for (Drawing.Page page : drawing.pages()) {
            page.shapes().stream()
                    .filter(Shape.Words.class::isInstance)
                    .map(Shape.Words.class::cast)
                    .forEach(words -> assertTrue(words.yMm() < page.heightMm() - 10, words.text()));
        }
    }
}
