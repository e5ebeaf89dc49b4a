package itomichi.server.printer;

import itomichi.documents.sheets.PrinterCorrection;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.measure.TypedLength;
import itomichi.server.platform.Sent;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
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

    /** A printer, and what drawings for it are stretched by; {@code none} says by nothing. */
    record PrinterView(UUID id, String name, boolean simulated, String across, String along, boolean none) {}

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

    private static PrinterView view(PrinterStore.Kept kept) {
        PrinterCorrection correction = kept.correction();
        return new PrinterView(
                kept.id(),
                kept.name(),
                kept.simulated(),
                percent(correction.across()),
                percent(correction.along()),
                correction.equals(PrinterCorrection.NONE));
    }

    private static String percent(double factor) {
        return String.format(Locale.ROOT, "%.1f\u202f%%", factor * 100);
    }
}
