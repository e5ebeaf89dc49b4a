package itomichi.server.kept;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.SharedCard;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.book.BookView;
import itomichi.server.measure.TypedLength;
import itomichi.server.platform.ProblemException;
import itomichi.server.platform.Sent;
import itomichi.server.printer.Printers;
import itomichi.server.template.SheetFiles;
import itomichi.spec.UnfitValueException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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

/** Kept templates over HTTP. */
@RestController
@RequestMapping("/api")
class KeptTemplateController {

    private static final int MOST_LANES = 8;
    private static final double WIDEST_TOLERANCE_MM = 20;

    private final KeptTemplates templates;
    private final Printers printers;
    private final Clock clock;

    KeptTemplateController(KeptTemplates templates, Printers printers, Clock clock) {
        this.templates = templates;
        this.printers = printers;
        this.clock = clock;
    }

    /** What is written on a template. */
    record Label(String name, String notes, Ink ink) {
        Label {
            Sent.given("name", name);
            Sent.given("notes", notes);
            Sent.given("ink", ink);
        }
    }

    /** Other words for a template, and the version they were written over. */
    record Relabel(long version, String name, String notes, Ink ink) {
        Relabel {
            Sent.given("name", name);
            Sent.given("notes", notes);
            Sent.given("ink", ink);
        }
    }

    /**
     * A thing at hand, as typed.
     *
     * @param ofCover whether it is a cover
     * @param height of it
     * @param spine width of its spine; blank where that does not matter
     * @param within how far both may be off
     * @param unit the unit of bare numbers
     */
    record AtHand(boolean ofCover, String height, String spine, String within, Unit unit) {
        AtHand {
            Sent.given("height", height);
            Sent.given("spine", spine);
            Sent.given("within", within);
            Sent.given("unit", unit);
        }
    }

    /** The unit of a book that is begun. */
    record BeginIn(Unit unit) {
        BeginIn {
            Sent.given("unit", unit);
        }
    }

    /** An ink. */
    record InkView(Ink ink, String words, String colour) {}

    @GetMapping("/templates")
    List<KeptView> all() {
        return templates.all();
    }

    @GetMapping("/templates/inks")
    List<InkView> inks() {
        return Arrays.stream(Ink.values())
                .map(ink -> new InkView(ink, ink.words(), "#" + ink.hex()))
                .toList();
    }

    @PostMapping("/templates/fitting")
    List<KeptView> fitting(@RequestBody AtHand thing) {
        Length height = TypedLength.read("height", thing.height(), thing.unit());
        Optional<Length> spine = thing.spine().isBlank()
                ? Optional.empty()
                : Optional.of(TypedLength.read("spine", thing.spine(), thing.unit()));
        return templates.fitting(
                height, thing.ofCover(), spine, tolerance(TypedLength.read("within", thing.within(), thing.unit())));
    }

    @GetMapping("/books/{id}/fitting")
    List<KeptTemplates.FittingView> fitting(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "1.5 mm") String within,
            @RequestParam(defaultValue = "MM") Unit unit) {
        return templates.fitting(id, tolerance(TypedLength.read("within", within, unit)));
    }

    private static Length tolerance(Length within) {
        if (within.micrometres() < 0 || within.mm() > WIDEST_TOLERANCE_MM) {
            throw new UnfitValueException(
                    "within",
                    "Read " + within + "; a tolerance is from 0 to 20 mm (3/4″), a wider one finds anything.");
        }
        return within;
    }

    @PostMapping("/books/{id}/templates")
    @ResponseStatus(HttpStatus.CREATED)
    KeptView keep(@PathVariable UUID id, @RequestBody Label label) {
        return templates.keep(id, label.name(), label.notes(), label.ink());
    }

    @PutMapping("/templates/{id}")
    KeptView rewrite(@PathVariable UUID id, @RequestBody Relabel label) {
        return templates.rewrite(id, label.version(), label.name(), label.notes(), label.ink());
    }

    @DeleteMapping("/templates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        templates.remove(id);
    }

    @PostMapping("/templates/{id}/book")
    @ResponseStatus(HttpStatus.CREATED)
    BookView begin(@PathVariable UUID id, @RequestBody BeginIn in) {
        return templates.begin(id, in.unit());
    }

    @GetMapping(value = "/templates/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cardPdf(
            @RequestParam List<UUID> ids,
            @RequestParam(defaultValue = "MM") Unit unit,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(required = false) @Nullable UUID printer) {
        return SheetFiles.pdf("Shared card", "templates", card(ids, unit, paper, printer));
    }

    @GetMapping(value = "/templates/card.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> cardSvg(
            @RequestParam List<UUID> ids,
            @RequestParam(defaultValue = "MM") Unit unit,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(required = false) @Nullable UUID printer,
            @RequestParam(defaultValue = "1") int page) {
        return SheetFiles.svg("Shared card", "templates", card(ids, unit, paper, printer), page, false);
    }

    private Drawing card(List<UUID> ids, Unit unit, PrintPaper paper, @Nullable UUID printer) {
        if (ids.isEmpty() || ids.size() > MOST_LANES) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "A card holds from 1 to " + MOST_LANES + " templates; read " + ids.size() + ".");
        }
        List<SharedCard.Lane> lanes = templates.named(ids).stream()
                .map(kept -> new SharedCard.Lane(kept.name(), kept.ink(), kept.template()))
                .toList();
        return SharedCard.draw(lanes, unit, paper, printers.correction(printer), LocalDate.now(clock));
    }
}
