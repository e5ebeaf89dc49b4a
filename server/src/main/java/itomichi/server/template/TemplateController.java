package itomichi.server.template;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.dxf.DxfWriter;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TemplateKind;
import itomichi.documents.sheets.TemplateSheet;
import itomichi.measure.Fineness;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.printer.Printer;
import itomichi.server.printer.Printers;
import itomichi.server.printer.SimulatedPrinter;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A book's templates, to be printed, cut by a machine, or tried on the simulated printer. */
@RestController
@RequestMapping("/api/books/{id}")
class TemplateController {

    private static final String NAME = "template";

    private final BookService books;
    private final Printers printers;
    private final Clock clock;

    TemplateController(BookService books, Printers printers, Clock clock) {
        this.books = books;
        this.printers = printers;
        this.clock = clock;
    }

    /** A template that serves the book. */
    record TemplateKindView(TemplateKind kind, String words) {}

    /** What a rule says of the check bars on a trial print. */
    record TrialView(InUnits across, InUnits along) {}

    /**
     * What is to be known about a sheet before it is printed.
     *
     * @param kinds templates that serve the book
     * @param taken those on the sheet
     * @param pages pages of paper it takes
     * @param paperWidthMm width of such a page
     * @param paperHeightMm its height
     * @param checkBar length of the bars
     * @param trial the bars as the simulated printer prints them; left out for other printers
     * @param fingerprint changes whenever the sheet would come out otherwise
     */
    record SheetView(
            List<TemplateKindView> kinds,
            List<TemplateKind> taken,
            int pages,
            double paperWidthMm,
            double paperHeightMm,
            InUnits checkBar,
            @Nullable TrialView trial,
            String fingerprint) {}

    @GetMapping("/template")
    SheetView sheet(@PathVariable UUID id, @ParameterObject TemplateWish wish) {
        StoredBook book = books.stored(id);
        PrinterCorrection correction = printers.correction(wish.printer());
        BookPlan plan = PlanViews.plan(book.document());
        TemplateSheet sheet = templates(book, plan, wish);
        PrintPaper paper = wish.paperOrUsual();
        Drawing drawing = sheet.draw(paper, correction);
        return new SheetView(
                TemplateKind.of(plan).stream()
                        .map(kind -> new TemplateKindView(kind, kind.words()))
                        .toList(),
                sheet.kinds(),
                drawing.pages().size(),
                paper.widthMm(),
                paper.heightMm(),
                InUnits.of(TemplateSheet.checkBar(book.document().unit()).at(Fineness.MARK)),
                printers.driven(wish.printer())
                        .map(printer -> trial(printer.print(drawing)))
                        .orElse(null),
                book.version() + "-" + correction.across() + "-" + correction.along() + "-" + LocalDate.now(clock));
    }

    private static TrialView trial(Drawing print) {
        return new TrialView(
                InUnits.of(SimulatedPrinter.levelBar(print).at(Fineness.MARK)),
                InUnits.of(SimulatedPrinter.uprightBar(print).at(Fineness.MARK)));
    }

    @GetMapping(value = "/template.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @ParameterObject TemplateWish wish) {
        StoredBook book = books.stored(id);
        return SheetFiles.pdf(book.document().name(), NAME, draw(book, wish));
    }

    @GetMapping(value = "/template.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id, @ParameterObject TemplateWish wish, @RequestParam(defaultValue = "1") int page) {
        StoredBook book = books.stored(id);
        return SheetFiles.svg(book.document().name(), NAME, draw(book, wish), page, false);
    }

    /** The templates side by side on one page, for a machine that cuts them. */
    @GetMapping(value = "/template-cut.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> cutSvg(@PathVariable UUID id, @ParameterObject TemplateWish wish) {
        StoredBook book = books.stored(id);
        Drawing.Page page =
                templates(book, PlanViews.plan(book.document()), wish).flat();
        String name = book.document().name();
        return SheetFiles.svg(name, "to cut", new Drawing(name, List.of(page)), 1, true);
    }

    /** The same as a drawing that cutting machines read. */
    @GetMapping(value = "/template-cut.dxf", produces = "image/vnd.dxf")
    ResponseEntity<byte[]> cutDxf(@PathVariable UUID id, @ParameterObject TemplateWish wish) {
        StoredBook book = books.stored(id);
        return SheetFiles.dxf(
                book.document().name(),
                "to cut",
                DxfWriter.write(
                        templates(book, PlanViews.plan(book.document()), wish).flat()));
    }

    /** The sheet as a printer that this application drives puts it on paper. */
    @GetMapping(value = "/template-print.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(@PathVariable UUID id, @ParameterObject TemplateWish wish) {
        StoredBook book = books.stored(id);
        Printer printer = printers.driven(wish.printer())
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This printer is driven by the browser; open the PDF and print it there."));
        return SheetFiles.pdf(book.document().name(), "trial print", printer.print(draw(book, wish)));
    }

    private Drawing draw(StoredBook book, TemplateWish wish) {
        return templates(book, PlanViews.plan(book.document()), wish)
                .draw(wish.paperOrUsual(), printers.correction(wish.printer()));
    }

    private TemplateSheet templates(StoredBook book, BookPlan plan, TemplateWish wish) {
        List<TemplateKind> served = ServedTemplates.of(plan);
        List<TemplateKind> wanted = wish.kinds() == null ? List.of() : wish.kinds();
        List<TemplateKind> kinds =
                wanted.stream().filter(served::contains).distinct().toList();
        return new TemplateSheet(
                plan,
                kinds.isEmpty() ? served.subList(0, 1) : kinds,
                Boolean.TRUE.equals(wish.inside()),
                wish.cards() == null ? 1 : wish.cards(),
                Boolean.TRUE.equals(wish.full()),
                LocalDate.now(clock),
                book.revision(),
                Optional.of(ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/books/" + book.id() + "/template")
                        .toUriString()));
    }
}
