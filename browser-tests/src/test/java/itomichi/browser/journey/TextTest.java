package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.testng.annotations.Test;

/** A text is brought, laid on the sheets, and printed. */
public class TextTest extends Journey {

    private static PDDocument numbered(int pages) throws IOException {
        PDDocument document = new PDDocument();
        for (int i = 1; i <= pages; i++) {
            PDPage page = new PDPage(PDRectangle.A5);
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.beginText();
                content.setFont(new PDType1Font(FontName.HELVETICA), 24);
                content.newLineAtOffset(190, 300);
                content.showText("" + i);
                content.endText();
            }
        }
        return document;
    }

    private static FilePayload file(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        document.close();
        return new FilePayload("lines.pdf", "application/pdf", bytes.toByteArray());
    }

    private BookScreen texted(Page page, String id) {
        BookScreen book = BookScreen.open(page, id, "pages");
        book.choose("a text printed on them");
        return book;
    }

    private static void bring(Page page, FilePayload file) {
        page.getByLabel("PDF file").setInputFiles(file);
    }

    private static Locator seen(Page page, String side) {
        return page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(side).setExact(true));
    }

    /** A file that was made. */
    private static byte[] made(Page page, String link) {
        String href = page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true))
                .getAttribute("href");
        return page.request().get(href).body();
    }

    /** Widths of the pages of a file, in whole mm. */
    private static List<Long> widths(byte[] file) throws IOException {
        List<Long> widths = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(file)) {
            document.getPages()
                    .forEach(page -> widths.add(Math.round(page.getMediaBox().getWidth() * 25.4 / 72)));
        }
        return widths;
    }

    /** What stands on the left and the right half of each page of a file. */
    private static List<int[]> halves(Page page, String link) {
        List<int[]> halves = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(made(page, link))) {
            for (PDPage side : document.getPages()) {
                PDFTextStripperByArea reader = new PDFTextStripperByArea();
                reader.addRegion("left", new java.awt.Rectangle(0, 0, 421, 595));
                reader.addRegion("right", new java.awt.Rectangle(421, 0, 421, 595));
                reader.extractRegions(side);
                halves.add(new int[] {number(reader, "left"), number(reader, "right")});
            }
        } catch (IOException unread) {
            throw new java.io.UncheckedIOException(unread);
        }
        return halves;
    }

    private static int number(PDFTextStripperByArea reader, String half) {
        return Integer.parseInt("0" + reader.getTextForRegion(half).strip());
    }

    /**
     * The simulated printer lays its last sheet on top and puts backs on their heads: found out by the test sheet, kept, and what is
     * printed in two runs reads in order. An A5 book lies on A4 on its long edge, so that its backs are printed as they are.
     */
    @Test
    public void printedInTwoRunsItReadsInOrder() throws IOException {
        Page page = window();
        BookScreen book = texted(page, prepare.begin("Printed").id());
        bring(page, file(numbered(32)));
        assertThat(seen(page, "front: page 32, 1 of the text")).isVisible();
        book.pick("Printer", "Simulated printer");
        page.getByText("with a test sheet")
                .or(page.getByText("Try it once more"))
                .click();
        Locator cameOut = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What came out"));
        assertThat(cameOut).containsText("Behind 1 stands B, its arrow down.");
        book.choose("B").choose("down");
        page.getByText("Keep this with the printer").click();
        assertThat(page.getByText("Backs are printed from the last to the first"))
                .isVisible();
        page.getByText("Make the files to print").click();
        assertThat(page.getByText("Text, backs")).isVisible();
        List<int[]> fronts = halves(page, "Text, fronts");
        List<int[]> backs = halves(page, "Text, backs");
        int[] read = new int[32];
        for (int i = 0; i < 8; i++) {
            int[] front = fronts.get(i);
            int[] back = backs.get(7 - i);
            read[2 * i] = front[1];
            read[2 * i + 1] = back[0];
            read[30 - 2 * i] = back[1];
            read[31 - 2 * i] = front[0];
        }
        assertEquals(read, IntStream.rangeClosed(1, 32).toArray());
    }

    /** Opened out, the sheet that folds out is 388 mm wide: the others go on A4, and it on A3, in files of its own. */
    @Test
    public void aSheetThatFoldsOutIsPrintedOnALargerOne() throws IOException {
        Page page = window();
        BookScreen book = texted(page, prepare.beginFoldedOut("Folded out").id());
        bring(page, file(numbered(12)));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("388\u202fmm by 210\u202fmm");
        book.pick("Sheets too large for it", "A3");
        assertThat(seen(page, "front: page 12, 1 of the text")).isVisible();
        page.getByText("Make the files to print").click();
        assertThat(page.getByText("Text, larger sheets, backs")).isVisible();
        assertEquals(widths(made(page, "Text, fronts")), List.of(297L, 297L));
        assertEquals(widths(made(page, "Text, larger sheets, fronts")), List.of(420L));
    }

    /** What a reader sees at once, before anything is printed. */
    @Test
    public void openingsAreSeenBeforeTheyArePrinted() throws IOException {
        Page page = window();
        BookScreen book = texted(page, prepare.begin("Seen").id());
        bring(page, file(numbered(32)));
        book.choose("what a reader sees at once");
        assertThat(seen(page, "pages 2 and 3: page 2, 3 of the text")).isVisible();
        assertThat(page.locator(".text-spreads image").first()).isVisible();
    }

    @Test
    public void aTextThatIsTooLongMakesTheBookLonger() throws IOException {
        Page page = window();
        texted(page, prepare.begin("Longer").id());
        bring(page, file(numbered(40)));
        assertThat(page.getByText("the last 8 would not be printed")).isVisible();
        page.getByText("Make the book 40 pages long").click();
        assertThat(seen(page, "front: page 40, 1 of the text")).isVisible();
    }

    @Test
    public void aLockedFileIsAskedForItsPasswordInPlace() throws IOException {
        PDDocument locked = numbered(32);
        StandardProtectionPolicy policy = new StandardProtectionPolicy("owner", "moth", new AccessPermission());
        policy.setEncryptionKeyLength(256);
        locked.protect(policy);
        Page page = window();
        texted(page, prepare.begin("Locked").id());
        bring(page, file(locked));
        Locator password = page.getByLabel("Password of the file");
        assertThat(page.getByText("its password is wanted")).isVisible();
        password.fill("owl");
        password.press("Enter");
        assertThat(page.getByText("That password does not open the file")).isVisible();
        password.fill("moth");
        password.press("Enter");
        assertThat(seen(page, "front: page 32, 1 of the text")).isVisible();
    }

    @Test
    public void whatIsNoPdfIsToldInPlaceAndNotKept() {
        Page page = window();
        String id = prepare.begin("Refused").id();
        texted(page, id);
        bring(page, new FilePayload("letter.pdf", "application/pdf", "Dear maker".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no PDF file.")).isVisible();
        page.reload();
        new BookScreen(page).choose("a text printed on them");
        assertThat(page.getByText("Lay a PDF file down here")).isVisible();
    }

    /** Margins that leave nothing are told, and the sheets stay as they were. */
    @Test
    public void nonsenseInAMarginIsToldInPlace() throws IOException {
        Page page = window();
        BookScreen book = texted(page, prepare.begin("Margins").id());
        bring(page, file(numbered(32)));
        assertThat(seen(page, "front: page 32, 1 of the text")).isVisible();
        book.choose("fitted between margins");
        Locator fold = book.field("Margin at the fold");
        fold.fill("400 mm");
        fold.press("Enter");
        assertThat(page.getByText("These margins leave no room")).isVisible();
        assertThat(seen(page, "front: page 32, 1 of the text")).isVisible();
    }
}
