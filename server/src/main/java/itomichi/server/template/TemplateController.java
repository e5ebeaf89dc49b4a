package itomichi.server.template;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.FoldStripSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.measure.Fineness;
import itomichi.measure.Unit;
import itomichi.plan.BookPlan;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
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

    private static final String NAME = "fold strip";

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
        return SheetFiles.pdf(book, NAME, draw(book, paper, printer.correction()));
    }

    @GetMapping(value = "/template.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam(defaultValue = "false") boolean save) {
        StoredBook book = books.stored(id);
        return SheetFiles.svg(book, NAME, draw(book, paper, printer.correction()), page, save);
    }

    private Drawing draw(StoredBook book, PrintPaper paper, PrinterCorrection correction) {
        BookPlan plan = PlanViews.plan(book.document());
        if (plan.sewing().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Holes of this structure (" + plan.spec().bound().name() + ") cannot be planned here yet.");
        }
        return FoldStripSheet.draw(plan, paper, correction, LocalDate.now(clock), book.revision());
    }
}
