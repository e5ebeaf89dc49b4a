package itomichi.server.template;

import itomichi.book.BookPlan;
import itomichi.cutting.CuttingPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.CuttingSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.plan.PaperPlan;
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

/** The cutting plan of one of a book's papers, to be printed. */
@RestController
@RequestMapping("/api/books/{id}")
class CuttingController {

    private static final String NAME = "cutting plan";

    private final BookService books;
    private final Clock clock;

    CuttingController(BookService books, Clock clock) {
        this.books = books;
        this.clock = clock;
    }

    @GetMapping(value = "/cutting.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") int stock,
            @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        return SheetFiles.pdf(book.document().name(), NAME, draw(book, stock, paper));
    }

    @GetMapping(value = "/cutting.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") int stock,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "1") int page,
            @RequestParam(defaultValue = "false") boolean save) {
        StoredBook book = books.stored(id);
        return SheetFiles.svg(book.document().name(), NAME, draw(book, stock, paper), page, save);
    }

    private Drawing draw(StoredBook book, int stock, PrintPaper page) {
        BookPlan plan = PlanViews.plan(book.document());
        if (stock < 0 || stock >= plan.papers().size()) {
            throw new ProblemException(
                    HttpStatus.NOT_FOUND,
                    "Read paper " + (stock + 1) + "; the book has "
                            + plan.papers().size() + ".");
        }
        PaperPlan paper = plan.papers().get(stock);
        if (paper.cutting().filter(CuttingPlan::possible).isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Nothing is cut from stock of “" + paper.paper().paper().name() + "”.");
        }
        return CuttingSheet.draw(plan, paper, page, LocalDate.now(clock), book.revision());
    }
}
