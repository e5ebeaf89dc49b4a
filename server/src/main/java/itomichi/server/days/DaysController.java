package itomichi.server.days;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The days at the bench over HTTP. */
@RestController
class DaysController {

    private final DaysService days;

    DaysController(DaysService days) {
        this.days = days;
    }

    /**
     * A step is ended.
     *
     * @param at when, by the wall clock at the bench, for instance {@code 2026-12-24T19:30}; left out for now
     * @param left whether it is only left for now
     */
    record EndSent(@Nullable String at, boolean left) {
        Optional<LocalDateTime> time() {
            return Optional.ofNullable(at).map(text -> Days.time("at", text));
        }
    }

    @GetMapping("/api/days")
    DaysView look() {
        return days.look();
    }

    @PutMapping("/api/days/hours")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hours(@RequestBody HoursDocument hours) {
        days.keep(hours);
    }

    @PutMapping("/api/books/{id}/days")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void days(@PathVariable UUID id, @RequestBody DaysDocument sent) {
        days.keep(id, sent);
    }

    @PostMapping("/api/books/{id}/days/{step}/begin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(@PathVariable UUID id, @PathVariable String step) {
        days.begin(id, step);
    }

    @PostMapping("/api/books/{id}/days/{step}/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id, @PathVariable String step, @RequestBody EndSent end) {
        days.end(id, step, end.time(), !end.left());
    }

    /** Forgets that a step was begun and ended. */
    @DeleteMapping("/api/books/{id}/days/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @PathVariable String step) {
        days.forget(id, step);
    }

    /** The calendar of the whole bench; a calendar program reads it again at this address. */
    @GetMapping(value = "/api/days.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar() {
        return file("bench", days.calendar(Optional.empty()));
    }

    /** The calendar of one book, planned among all the others. */
    @GetMapping(value = "/api/books/{id}/days.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar(@PathVariable UUID id) {
        CalendarFile.Shown shown = days.calendar(Optional.of(id));
        return file(shown.name().orElse("book"), shown);
    }

    private static ResponseEntity<byte[]> file(String name, CalendarFile.Shown shown) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + " - days.ics", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-cache")
                .body(CalendarFile.write(shown).getBytes(StandardCharsets.UTF_8));
    }
}
