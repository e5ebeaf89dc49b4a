package itomichi.documents.imposing;

import static org.testng.Assert.assertEquals;

import itomichi.documents.SamplePlans;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.PrintLayout;
import itomichi.documents.sheets.PrintMarks;
import itomichi.imposition.Imposition;
import itomichi.imposition.Placed;
import itomichi.imposition.PrintFile;
import itomichi.imposition.PrintFile.PrintPage;
import itomichi.imposition.SourcePage;
import itomichi.imposition.StartingWish;
import itomichi.imposition.Turning;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.WorkedBook;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.PrintWish.Sides;
import itomichi.structure.Structures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Whole books written to files: every page of the text is where the plan has it, said by two readers that share no code with each other.
 * That a plan, printed, cut, folded and sewn, reads in order is shown of the plans themselves.
 */
public class WholeBooksTest {

    private static final double RULE_MM = 0.2;
    private static final double MM = 25.4 / 72;

    @DataProvider
    Object[][] seeds() {
        return IntStream.range(0, 8).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static BookSpec book(Random dice) {
        List<String> structures = List.of("pamphlet", "link-stitch", "stab-four-hole", "double-pamphlet");
        BookSpec pamphlet = SamplePlans.pamphlet("The lamp", 210, 5, Unit.MM).spec();
        String structure = structures.get(dice.nextInt(structures.size()));
        return Binding.as(pamphlet, Structures.keyed(structure).orElseThrow())
                .withPages(4 + dice.nextInt(40))
                .withLeaf(new BookSpec.Leaf(
                        Length.ofMm(90 + dice.nextInt(40)), Length.ofMm(120 + dice.nextInt(60)), dice.nextBoolean()));
    }

    private static PrintWish wish(BookSpec book, Random dice) {
        return StartingWish.of(book)
                .withFit(Fit.values()[dice.nextInt(3)])
                .withCreepPercent(dice.nextInt(101))
                .withSides(Sides.values()[dice.nextInt(3)])
                .withTogether(1 + dice.nextInt(8))
                .withSheet(new PrinterSheet(Length.ofMm(297), Length.ofMm(420), Length.ofMm(4)));
    }

    private static Path written(PrintFile file, Path source) throws Exception {
        Path to = Files.createTempFile("book", ".pdf");
        to.toFile().deleteOnExit();
        Composer.write(
                source, PrintLayout.of(file), Sources.of(PdfWriter.write(PrintMarks.draw(file))), to, done -> {});
        return to;
    }

    @Test(dataProvider = "seeds")
    public void everyPageIsWhereThePlanHasIt(int seed) throws Exception {
        Random dice = new Random(seed);
        BookSpec book = book(dice);
        int pages = book.pages();
        Path source = Sources.labelled(pages);
        PrintWish wish = wish(book, dice);
        Imposition imposed = Imposition.of(
                WorkedBook.of(book),
                Collections.nCopies(
                        pages,
                        new SourcePage(
                                Length.ofMm(Sources.A6.getWidth() * MM), Length.ofMm(Sources.A6.getHeight() * MM))),
                wish);
        for (PrintFile file : PrintFile.of(imposed, wish, new Turning(dice.nextBoolean(), dice.nextBoolean()))) {
            Path written = written(file, source);
            Poppler.assertSound(written);
            compare(file, Poppler.labels(source), Poppler.labels(written), "poppler");
            compare(file, byPdfBox(source), byPdfBox(written), "PDFBox");
        }
    }

    private static void compare(
            PrintFile file, List<Map<String, double[]>> own, List<Map<String, double[]>> found, String reader) {
        assertEquals(found.size(), file.pages().size(), reader);
        for (int i = 0; i < found.size(); i++) {
            PrintPage page = file.pages().get(i);
            String which = reader + ", page " + (i + 1) + " of " + file.name();
            assertEquals(found.get(i).size(), page.side().pages().size(), which);
            for (Placed placed : page.side().pages()) {
                String label = "p" + (placed.page() + 1);
                double[] on = own.get(placed.page()).get(label);
                double x = placed.at().x() + on[0] * placed.scale();
                double y = placed.at().y() + on[1] * placed.scale();
                boolean turned = page.upsideDown();
                double[] there = found.get(i).get(label);
                assertEquals(there[0], turned ? page.side().width() - x : x, RULE_MM, which + ", " + label + " across");
                assertEquals(there[1], turned ? page.side().height() - y : y, RULE_MM, which + ", " + label + " down");
            }
        }
    }

    /** Where each label of each page begins, in mm from its upper left corner. */
    private static List<Map<String, double[]>> byPdfBox(Path file) throws IOException {
        List<Map<String, double[]>> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                Labels labels = new Labels(document.getPage(i - 1).getMediaBox().getHeight());
                labels.setStartPage(i);
                labels.setEndPage(i);
                labels.getText(document);
                pages.add(labels.keep().found);
            }
        }
        return pages;
    }

    private static final class Labels extends PDFTextStripper {
        private final Map<String, double[]> found = new TreeMap<>();
        private final double height;
        private String label = "";
        private double[] at = {};

        Labels(double height) {
            this.height = height;
        }

        @Override
        protected void processTextPosition(TextPosition letter) {
            if (letter.getUnicode().equals("p")) {
                keep();
                label = "p";
                at = new double[] {
                    letter.getTextMatrix().getTranslateX() * MM,
                    (height - letter.getTextMatrix().getTranslateY()) * MM
                };
            } else if (Character.isDigit(letter.getUnicode().charAt(0)) && !label.isEmpty()) {
                label += letter.getUnicode();
            } else {
                // what is printed besides the text
                keep();
                label = "";
            }
        }

        private Labels keep() {
            if (!label.isEmpty()) {
                found.put(label, at);
            }
            return this;
        }
    }
}
