package itomichi.server.template;

import itomichi.documents.sheets.FoldStripSheet;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.measure.Length;
import itomichi.measure.LengthText;
import itomichi.measure.Unit;
import itomichi.plan.UnfitValueException;
import java.util.Locale;
import java.util.Objects;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Corrects the printer by what its check bars measure. */
@RestController
@RequestMapping("/api/printer")
class PrinterController {

    private final PrinterStore printer;

    PrinterController(PrinterStore printer) {
        this.printer = printer;
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
            Objects.requireNonNull(across, "“across” is missing");
            Objects.requireNonNull(along, "“along” is missing");
            Objects.requireNonNull(unit, "“unit” is missing");
            Objects.requireNonNull(barUnit, "“barUnit” is missing");
        }
    }

    /** What drawings are stretched by. */
    record CorrectionView(String across, String along, boolean none) {}

    @GetMapping
    @Transactional(readOnly = true)
    CorrectionView correction() {
        return view(printer.correction());
    }

    @PutMapping
    @Transactional
    CorrectionView correct(@RequestBody Bars bars) {
        Length across = read("across", bars.across(), bars.unit());
        Length along = read("along", bars.along(), bars.unit());
        try {
            PrinterCorrection correction = PrinterCorrection.fromBars(
                    FoldStripSheet.checkBar(bars.barUnit()), across, along, printer.correction());
            printer.keep(correction);
            return view(correction);
        } catch (IllegalArgumentException absurd) {
            throw new UnfitValueException("across", String.valueOf(absurd.getMessage()));
        }
    }

    @DeleteMapping
    @Transactional
    CorrectionView forget() {
        printer.keep(PrinterCorrection.NONE);
        return view(PrinterCorrection.NONE);
    }

    private static Length read(String field, String typed, Unit unit) {
        return LengthText.parse(typed, unit).orElseGet(unreadable -> {
            throw new UnfitValueException(field, unreadable.message() + ".");
        });
    }

    private static CorrectionView view(PrinterCorrection correction) {
        return new CorrectionView(
                percent(correction.across()), percent(correction.along()), correction.equals(PrinterCorrection.NONE));
    }

    private static String percent(double factor) {
        return String.format(Locale.ROOT, "%.1f\u202f%%", factor * 100);
    }
}
