package itomichi.server.template;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.dxf.DxfWriter;
import itomichi.documents.sheets.CoverSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.plan.CutList;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.Csv;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is cut for a book: as a list, and the pieces of its cover at true size. */
@RestController
@RequestMapping("/api/books/{id}/cover")
class CoverController {

    private static final String NAME = "cut list";

    private final BookService books;
    private final Clock clock;

    CoverController(BookService books, Clock clock) {
        this.books = books;
        this.clock = clock;
    }

    @GetMapping(value = "/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        StoredBook book = books.stored(id);
        Drawing list = CoverSheet.list(PlanViews.plan(book.document()), paper, LocalDate.now(clock), book.revision());
        return SheetFiles.pdf(book.document().name(), NAME, list);
    }

    /** The list with bare numbers in mm, for a program that shows tables. */
    @GetMapping(value = "/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable UUID id) {
        StoredBook book = books.stored(id);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "Piece", "From", "Sheet", "Number", "Across the grain (mm)", "Along the grain (mm)", "Measured from"));
        for (CutList.Row row : CutList.of(PlanViews.plan(book.document()).worked())) {
            rows.add(List.of(
                    row.name(),
                    row.stuff(),
                    row.stock().orElse(""),
                    Integer.toString(row.count()),
                    number(row.width().number()),
                    number(row.height().number()),
                    row.from().words()));
        }
        return SheetFiles.csv(book.document().name(), NAME, Csv.write(rows).getBytes(StandardCharsets.UTF_8));
    }

    private static String number(double mm) {
        return String.format(Locale.ROOT, "%.1f", mm);
    }

    @GetMapping(value = "/pieces/{piece}.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(@PathVariable UUID id, @PathVariable String piece) {
        StoredBook book = books.stored(id);
        String name = book.document().name();
        return SheetFiles.svg(name, piece, new Drawing(name, List.of(page(book, piece))), 1, true);
    }

    @GetMapping(value = "/pieces/{piece}.dxf", produces = "image/vnd.dxf")
    ResponseEntity<byte[]> dxf(@PathVariable UUID id, @PathVariable String piece) {
        StoredBook book = books.stored(id);
        return SheetFiles.dxf(book.document().name(), piece, DxfWriter.write(page(book, piece)));
    }

    private static Drawing.Page page(StoredBook book, String piece) {
        BookPlan plan = PlanViews.plan(book.document());
        return CoverSheet.piece(plan, piece)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "The cover of “" + book.document().name() + "” has no such piece."));
    }
}
