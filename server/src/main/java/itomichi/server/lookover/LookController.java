package itomichi.server.lookover;

import itomichi.documents.sheets.LookSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.server.template.SheetFiles;
import java.time.Clock;
import java.time.LocalDate;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Looking a book over, over HTTP. */
@RestController
class LookController {

    private final LookService looks;
    private final Clock clock;

    LookController(LookService looks, Clock clock) {
        this.looks = looks;
        this.clock = clock;
    }

    /**
     * What was found.
     *
     * @param measuredMm what was measured, mm; left out where it was only looked at
     * @param good whether it was as it should be, where nothing was measured
     */
    record FoundSent(@Nullable Double measuredMm, boolean good) {}

    @GetMapping("/api/books/{id}/look")
    List<CheckView> look(@PathVariable UUID id) {
        return looks.look(id);
    }

    @PutMapping("/api/books/{id}/look/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void found(@PathVariable UUID id, @PathVariable String key, @RequestBody FoundSent found) {
        Double mm = found.measuredMm();
        if (mm == null) {
            looks.seen(id, key, found.good());
        } else {
            looks.measured(id, key, mm);
        }
    }

    @DeleteMapping("/api/books/{id}/look/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @PathVariable String key) {
        looks.forget(id, key);
    }

    /** How far off is still good, mm; left out where common practice is to hold. */
    record ToleranceSent(@Nullable Double toleranceMm) {}

    /** Says how far off is still good, on every book. */
    @PutMapping("/api/books/{id}/look/{key}/tolerance")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tolerate(@PathVariable UUID id, @PathVariable String key, @RequestBody ToleranceSent sent) {
        looks.tolerate(id, key, Optional.ofNullable(sent.toleranceMm()));
    }

    /** The slip to look it over by. */
    @GetMapping(value = "/api/books/{id}/look.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> slip(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        LookService.Slip slip = looks.slip(id);
        return SheetFiles.pdf(
                slip.book(),
                "look it over",
                LookSheet.draw(slip.book(), slip.lines(), paper, LocalDate.now(clock), slip.unit()));
    }
}
