package itomichi.server.notebook;

import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.RecordCard;
import itomichi.server.days.Days;
import itomichi.server.notebook.NotebookStore.Wanted;
import itomichi.server.platform.Sent;
import itomichi.server.template.SheetFiles;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The notebook over HTTP. */
@RestController
class NotebookController {

    private final NotebookService notebook;
    private final NotebookCsv csv;
    private final Clock clock;

    NotebookController(NotebookService notebook, NotebookCsv csv, Clock clock) {
        this.notebook = notebook;
        this.csv = csv;
        this.clock = clock;
    }

    /** What a binder wrote on a page. */
    record NotesSent(String notes, String failed) {
        NotesSent {
            Sent.given("notes", notes);
            Sent.given("failed", failed);
        }
    }

    /** What came out: mm, sheets or minutes. */
    record ReadingSent(@Nullable Double number) {
        ReadingSent {
            Sent.given("number", number);
        }
    }

    @GetMapping("/api/notebook")
    NotebookView find(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String structure,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String since,
            @RequestParam(defaultValue = "") String until,
            @RequestParam(defaultValue = "0") int from) {
        return notebook.find(wanted(words, structure, paper, since, until), from);
    }

    /** Everything that came out, of the books that are looked for. */
    @GetMapping(value = "/api/notebook.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String structure,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String since,
            @RequestParam(defaultValue = "") String until) {
        String text = csv.of(wanted(words, structure, paper, since, until));
        return SheetFiles.csv("Notebook", "what came out", text.getBytes(StandardCharsets.UTF_8));
    }

    private Wanted wanted(String words, String structure, String paper, String since, String until) {
        List<String> each = Arrays.stream(words.strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .limit(12)
                .toList();
        return new Wanted(
                each,
                structure.strip(),
                paper.strip(),
                day("since", since).map(this::begin),
                day("until", until).map(day -> begin(day.plusDays(1))));
    }

    private static Optional<LocalDate> day(String field, String text) {
        return text.isBlank() ? Optional.empty() : Optional.of(Days.date(field, text.strip()));
    }

    private OffsetDateTime begin(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toOffsetDateTime();
    }

    @GetMapping("/api/books/{id}/page")
    PageView page(@PathVariable UUID id) {
        return notebook.page(id);
    }

    @PutMapping("/api/books/{id}/page")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void write(@PathVariable UUID id, @RequestBody NotesSent sent) {
        notebook.write(id, sent.notes(), sent.failed());
    }

    @PutMapping("/api/books/{id}/page/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reading(@PathVariable UUID id, @PathVariable String key, @RequestBody ReadingSent sent) {
        notebook.reading(id, key, Sent.given("number", sent.number()));
    }

    @DeleteMapping("/api/books/{id}/page/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @PathVariable String key) {
        notebook.forget(id, key);
    }

    /** The record card, to be printed. */
    @GetMapping(value = "/api/books/{id}/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> card(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        NotebookService.Card card = notebook.card(id);
        return SheetFiles.pdf(
                card.told().book(),
                "record card",
                RecordCard.draw(card.told(), card.lines(), paper, LocalDate.now(clock), card.unit()));
    }
}
