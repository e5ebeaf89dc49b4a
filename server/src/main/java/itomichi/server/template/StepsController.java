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
        return new StepSheetView(draw(books.stored(id), paper).pages().size());
    }

    @GetMapping(value = "/steps.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        return SheetFiles.pdf(book.document().name(), NAME, draw(book, paper));
    }

    @GetMapping(value = "/steps.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam(defaultValue = "false") boolean save) {
        StoredBook book = books.stored(id);
        return SheetFiles.svg(book.document().name(), NAME, draw(book, paper), page, save);
    }

    private Drawing draw(StoredBook book, PrintPaper paper) {
        BookPlan plan = PlanViews.plan(book.document());
        if (plan.sewing().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "As it is, “" + book.document().name() + "” cannot be sewn; the remarks say why.");
        }
        return StepSheet.draw(plan, paper, LocalDate.now(clock), book.revision());
    }
}
