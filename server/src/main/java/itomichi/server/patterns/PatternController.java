package itomichi.server.patterns;

import itomichi.measure.Unit;
import itomichi.server.book.BookView;
import itomichi.server.document.BookDocument;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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

/** Own patterns over HTTP. */
@RestController
@RequestMapping("/api/patterns")
class PatternController {

    private final Patterns patterns;

    PatternController(Patterns patterns) {
        this.patterns = patterns;
    }

    /** A pattern to keep; {@code version} is the one it was changed from, 0 for a new one. */
    record PatternTold(String notes, BookDocument.Pattern pattern, long version) {
        PatternTold {
            if (notes == null || pattern == null) {
                throw new UnfitValueException("pattern", "A pattern and its notes are wanted; read none.");
            }
        }
    }

    /** A pattern, written. */
    record PatternWritten(String text) {
        PatternWritten {
            if (text == null) {
                throw new UnfitValueException("text", "A text is wanted; read none.");
            }
        }
    }

    /** A book and the pattern it is to be bound in. */
    record BookAndPattern(@Nullable BookDocument document, BookDocument.@Nullable Pattern pattern) {}

    @GetMapping
    List<PatternView> all() {
        return patterns.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PatternView keep(@RequestBody PatternTold told) {
        return patterns.view(patterns.keep(told.notes(), told.pattern()));
    }

    @PutMapping("/{id}")
    PatternView change(@PathVariable UUID id, @RequestBody PatternTold told) {
        return patterns.change(id, told.version(), told.notes(), told.pattern());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        patterns.remove(id);
    }

    @PostMapping("/look")
    PatternLook.LookView look(@RequestBody BookDocument.Pattern pattern) {
        return PatternLook.of(pattern);
    }

    @PostMapping("/read")
    BookDocument.Pattern read(@RequestBody PatternWritten written) {
        return patterns.read(written.text());
    }

    /** Begins a book with a pattern. */
    @PostMapping("/book")
    @ResponseStatus(HttpStatus.CREATED)
    BookView begin(@RequestBody BookDocument.Pattern pattern, @RequestParam(defaultValue = "MM") Unit unit) {
        return patterns.begin(pattern, unit);
    }

    /** A book bound in a pattern, without keeping anything. */
    @PostMapping("/bind")
    BookDocument bind(@RequestBody BookAndPattern both) {
        BookDocument document = both.document();
        BookDocument.Pattern pattern = both.pattern();
        if (document == null || pattern == null) {
            throw new UnfitValueException("pattern", "A book and a pattern are wanted; read none.");
        }
        return PatternLook.bound(document, pattern);
    }
}
