package itomichi.server.template;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.StepSheet;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
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

/** The sewing on paper. */
@RestController
@RequestMapping("/api/books/{id}")
class StepsController {

    private static final String NAME = "step sheet";

    /** Pages times stations: what is drawn grows with both, and more than this takes more than two seconds. */
    private static final long DENSEST = 1_500;

    private final BookService books;
    private final Clock clock;

    StepsController(BookService books, Clock clock) {
        this.books = books;
        this.clock = clock;
    }

    /** How many pages the step sheet has. */
    record StepSheetView(int pages) {}

    @GetMapping("/steps")
    StepSheetView pages(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        return new StepSheetView(drawn(books.stored(id), paper).pages().size());
    }

    @GetMapping(value = "/steps.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        BookPlan plan = sewable(book);
        Drawing drawing = draw(plan, book, paper);
        int stations = plan.sewn().choice().stations();
        if ((long) drawing.pages().size() * stations > DENSEST) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "A step sheet of " + drawing.pages().size() + " pages with " + stations
                            + " stations in each picture is too large for one file; save its pages one by one as SVG.");
        }
        return SheetFiles.pdf(book.document().name(), NAME, drawing);
    }

    @GetMapping(value = "/steps.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam(defaultValue = "false") boolean save) {
        StoredBook book = books.stored(id);
        return SheetFiles.svg(book.document().name(), NAME, drawn(book, paper), page, save);
    }

    private Drawing drawn(StoredBook book, PrintPaper paper) {
        return draw(sewable(book), book, paper);
    }

    private Drawing draw(BookPlan plan, StoredBook book, PrintPaper paper) {
        return StepSheet.draw(plan, paper, LocalDate.now(clock), book.revision());
    }

    private static BookPlan sewable(StoredBook book) {
        BookPlan plan = PlanViews.plan(book.document());
        if (plan.sewing().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "As it is, “" + book.document().name() + "” cannot be sewn; the remarks say why.");
        }
        return plan;
    }
}
