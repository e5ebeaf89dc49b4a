package itomichi.server.printer;

import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TurningSheet;
import itomichi.imposition.Turning;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.measure.TypedLength;
import itomichi.server.platform.ProblemException;
import itomichi.server.platform.Sent;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Printers over HTTP. */
@RestController
@RequestMapping("/api/printers")
class PrinterController {

    private final Printers printers;

    PrinterController(Printers printers) {
        this.printers = printers;
    }

    /**
     * What the bars of the last print measure, as typed.
     *
     * @param across the level bar
     * @param along the upright bar
     * @param unit the unit of bare numbers
     * @param barUnit the unit of the book that was printed, which says how long the bars should be
     */
    record Bars(String across, String along, Unit unit, Unit barUnit) {
        Bars {
            Sent.given("across", across);
            Sent.given("along", along);
            Sent.given("unit", unit);
            Sent.given("barUnit", barUnit);
        }
    }

    /** A printer's name as typed. */
    record PrinterNamed(String name) {
        PrinterNamed {
            Sent.given("name", name);
        }
    }

    /**
     * A printer, and what drawings for it are stretched by; {@code none} says by nothing.
     *
     * @param turning what it does to a stack that is laid in again; left out while nobody has tried
     */
    record PrinterView(
            UUID id,
            String name,
            boolean simulated,
            String across,
            String along,
            boolean none,
            @Nullable Turning turning) {}

    /** A test sheet that came out of a printer: what is on its front and its back, and whether the back stands on its head. */
    record TestSheetView(String front, String back, boolean upsideDown) {}

    @GetMapping
    List<PrinterView> all() {
        return printers.all().stream().map(PrinterController::view).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PrinterView add(@RequestBody PrinterNamed typed) {
        return view(printers.add(typed.name()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        printers.remove(id);
    }

    @PutMapping("/{id}/correction")
    PrinterView correct(@PathVariable UUID id, @RequestBody Bars bars) {
        Length across = TypedLength.read("across", bars.across(), bars.unit());
        Length along = TypedLength.read("along", bars.along(), bars.unit());
        return view(printers.correct(id, across, along, bars.barUnit()));
    }

    @DeleteMapping("/{id}/correction")
    PrinterView forget(@PathVariable UUID id) {
        return view(printers.forget(id));
    }

    /** A run of the test sheet: the fronts, or the backs. */
    @GetMapping(value = "/test-sheet", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] testSheet(@RequestParam(defaultValue = "false") boolean backs) {
        return PdfWriter.write(TurningSheet.draw(backs));
    }

    /** What comes out of a printer that this application prints on by itself, its stack laid in again as it came out. */
    @GetMapping("/{id}/test-print")
    List<TestSheetView> testPrint(@PathVariable UUID id) {
        Turning turning = printers.driven(id)
                .map(Printer::turning)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT, "What comes out of this printer, only its owner sees."));
        List<String> backs = TurningSheet.backs(turning.backsReversed());
        return IntStream.range(0, TurningSheet.FRONTS.size())
                .mapToObj(i -> new TestSheetView(TurningSheet.FRONTS.get(i), backs.get(i), turning.backsUpsideDown()))
                .toList();
    }

    @PutMapping("/{id}/turning")
    PrinterView turns(@PathVariable UUID id, @RequestBody Turning seen) {
        return view(printers.turns(id, seen));
    }

    private static PrinterView view(PrinterStore.Kept kept) {
        PrinterCorrection correction = kept.correction();
        return new PrinterView(
                kept.id(),
                kept.name(),
                kept.simulated(),
                percent(correction.across()),
                percent(correction.along()),
                correction.equals(PrinterCorrection.NONE),
                kept.turning().orElse(null));
    }

    private static String percent(double factor) {
        return String.format(Locale.ROOT, "%.1f\u202f%%", factor * 100);
    }
}
