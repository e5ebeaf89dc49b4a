package itomichi.server.template;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.FoldStripSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.svg.SvgWriter;
import itomichi.measure.Fineness;
import itomichi.measure.Unit;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The template sheet: what is to be known about it, and the sheet itself. */
@RestController
@RequestMapping("/api/books/{id}")
class TemplateController {

    private final BookService books;
    private final PrinterStore printer;
    private final Clock clock;

    TemplateController(BookService books, PrinterStore printer, Clock clock) {
        this.books = books;
        this.printer = printer;
        this.clock = clock;
    }

    /**
     * What is to be known about a sheet before it is printed.
     *
     * @param pages pages of paper it takes
     * @param paperWidthMm width of such a page
     * @param paperHeightMm its height
     * @param checkBar length of the bars
     * @param fingerprint changes whenever the sheet would come out otherwise
     */
    record SheetView(int pages, double paperWidthMm, double paperHeightMm, InUnits checkBar, String fingerprint) {}

    @GetMapping("/template")
    SheetView sheet(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        PrinterCorrection correction = printer.correction();
        Drawing drawing = draw(book, paper, correction);
        Unit unit = book.document().unit();
        return new SheetView(
                drawing.pages().size(),
                paper.widthMm(),
                paper.heightMm(),
                InUnits.of(FoldStripSheet.checkBar(unit).at(Fineness.MARK)),
                book.version() + "-" + correction.across() + "-" + correction.along() + "-" + LocalDate.now(clock));
    }

    @GetMapping(value = "/template.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        return file(
                book,
                "pdf",
                MediaType.APPLICATION_PDF,
                PdfWriter.write(draw(book, paper, printer.correction())),
                false);
    }

    @GetMapping(value = "/template.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam(defaultValue = "false") boolean save) {
        StoredBook book = books.stored(id);
        Drawing drawing = draw(book, paper, printer.correction());
        if (page < 1 || page > drawing.pages().size()) {
            throw new ProblemException(
                    HttpStatus.NOT_FOUND,
                    "Read page " + page + "; the sheet has pages from 1 to "
                            + drawing.pages().size() + ".");
        }
        return file(
                book,
                "svg",
                MediaType.valueOf("image/svg+xml"),
                SvgWriter.write(drawing, page).getBytes(StandardCharsets.UTF_8),
                save);
    }

    private Drawing draw(StoredBook book, PrintPaper paper, PrinterCorrection correction) {
        return FoldStripSheet.draw(
                PlanViews.plan(book.document()), paper, correction, LocalDate.now(clock), book.revision());
    }

    private static ResponseEntity<byte[]> file(
            StoredBook book, String ending, MediaType type, byte[] bytes, boolean save) {
        String name = book.document().name() + " - fold strip." + ending;
        ContentDisposition disposition = (save ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-cache")
                .body(bytes);
    }
}
