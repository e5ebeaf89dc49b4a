package itomichi.server.printer;

import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TemplateSheet;
import itomichi.imposition.Turning;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The printers of a workshop, and what each is corrected by. */
@Service
public class Printers {

    private static final int LONGEST_NAME = 60;

    private final PrinterStore store;

    Printers(PrinterStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    List<PrinterStore.Kept> all() {
        return store.all();
    }

    private static ProblemException none() {
        return new ProblemException(HttpStatus.NOT_FOUND, "There is no such printer.");
    }

    /** What drawings for a printer are stretched by; nothing where no printer is named. */
    @Transactional(readOnly = true)
    public PrinterCorrection correction(@Nullable UUID id) {
        return id == null
                ? PrinterCorrection.NONE
                : store.get(id).map(PrinterStore.Kept::correction).orElseThrow(Printers::none);
    }

    /** What a printer does to a stack that is laid in again; nothing where no printer is named, or nobody has tried. */
    @Transactional(readOnly = true)
    public Optional<Turning> turning(@Nullable UUID id) {
        return id == null
                ? Optional.empty()
                : store.get(id).orElseThrow(Printers::none).turning();
    }

    /** Keeps what a test sheet showed. */
    @Transactional
    PrinterStore.Kept turns(UUID id, Turning turning) {
        PrinterStore.Kept kept = store.held(id).orElseThrow(Printers::none);
        store.keep(kept.id(), turning);
        return store.get(id).orElseThrow(Printers::none);
    }

    /** The printer where this application prints on it itself; nothing where the browser does. */
    @Transactional(readOnly = true)
    public Optional<Printer> driven(@Nullable UUID id) {
        return Optional.ofNullable(id)
                .flatMap(store::get)
                .filter(PrinterStore.Kept::simulated)
                .map(kept -> SimulatedPrinter.USUAL);
    }

    @Transactional
    PrinterStore.Kept add(String typed) {
        String name = checkedName(typed);
        if (store.named(name)) {
            throw new UnfitValueException(
                    "name", "Another printer is called “" + name + "”; a name of its own is wanted.");
        }
        UUID id = UUID.randomUUID();
        store.add(id, name);
        return store.get(id).orElseThrow(Printers::none);
    }

    static String checkedName(String typed) {
        String name = typed.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || name.chars().anyMatch(Character::isISOControl)) {
            throw new UnfitValueException(
                    "name", "A printer’s name has from 1 to " + LONGEST_NAME + " letters; read " + name.length() + ".");
        }
        return name;
    }

    @Transactional
    void remove(UUID id) {
        PrinterStore.Kept kept = store.held(id).orElseThrow(Printers::none);
        if (kept.simulated()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT, "“" + kept.name() + "” is simulated and stays, to try on.");
        }
        store.remove(id);
    }

    /**
     * Corrects a printer by what the bars of its last print measure.
     *
     * @param across what the level bar measures
     * @param along what the upright bar measures
     * @param barUnit the unit of the book that was printed, which says how long the bars should be
     * @throws UnfitValueException in one line, if a bar cannot be right
     */
    @Transactional
    PrinterStore.Kept correct(UUID id, Length across, Length along, Unit barUnit) {
        PrinterStore.Kept kept = store.held(id).orElseThrow(Printers::none);
        try {
            store.keep(
                    id, PrinterCorrection.fromBars(TemplateSheet.checkBar(barUnit), across, along, kept.correction()));
        } catch (IllegalArgumentException absurd) {
            throw new UnfitValueException("across", String.valueOf(absurd.getMessage()));
        }
        return store.get(id).orElseThrow(Printers::none);
    }

    @Transactional
    PrinterStore.Kept forget(UUID id) {
        store.keep(id, PrinterCorrection.NONE);
        return store.get(id).orElseThrow(Printers::none);
    }
}
