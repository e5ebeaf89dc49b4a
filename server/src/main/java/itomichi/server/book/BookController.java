package itomichi.server.book;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import itomichi.finding.Stage;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StartingBook;
import itomichi.server.platform.Sent;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Books over HTTP. */
@RestController
@RequestMapping("/api/books")
class BookController {

    private final BookService books;

    BookController(BookService books) {
        this.books = books;
    }

    /**
     * A part of the bench or the shelf, the last changed first.
     *
     * @param books the cards of this part
     * @param all how many books there are
     * @param stages how many of them wait at each stage, in the order of the work; the same whichever stage is asked for
     */
    record BenchView(List<BookCard> books, int all, List<StageBooks> stages) {}

    /** So many books wait at that stage. */
    record StageBooks(Stage stage, int books) {}

    /** A change: the version it was made on, what was changed, and the book as it is now to be. */
    record Change(long version, String change, BookDocument document) {
        Change {
            Sent.given("change", change);
            Sent.given("document", document);
        }
    }

    /** The version that an undo or redo was asked for on. */
    record AtVersion(long version) {}

    /** Whether a book is on the shelf. */
    record Shelf(boolean onShelf) {}

    /** A change that met another: both are shown. */
    record Conflict(String message, BookView theirs, BookDocument yours, List<Differences.Difference> differences) {}

    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = BenchView.class)))
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    byte[] bench(
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "false") boolean onShelf,
            @RequestParam @Nullable Stage stage,
            @RequestParam(defaultValue = "0") int from) {
        return books.bench(new CardStore.Wanted(find, onShelf, Optional.ofNullable(stage)), from)
                .getBytes(StandardCharsets.UTF_8);
    }

    @GetMapping("/new")
    BookDocument startingBook(@RequestParam(defaultValue = "MM") Unit unit) {
        return StartingBook.in(unit);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BookView create(@RequestBody BookDocument document) {
        return books.create(document, "begun");
    }

    @GetMapping("/{id}")
    BookView view(@PathVariable UUID id) {
        return books.view(id);
    }

    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(
            responseCode = "409",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = Conflict.class)))
    @PutMapping("/{id}")
    BookView save(@PathVariable UUID id, @RequestBody Change change) {
        return books.save(id, change.version(), change.change(), change.document());
    }

    @PostMapping("/{id}/undo")
    BookView undo(@PathVariable UUID id, @RequestBody AtVersion at) {
        return books.undo(id, at.version());
    }

    @PostMapping("/{id}/redo")
    BookView redo(@PathVariable UUID id, @RequestBody AtVersion at) {
        return books.redo(id, at.version());
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    BookView copy(@PathVariable UUID id) {
        return books.copy(id);
    }

    @PutMapping("/{id}/shelf")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void shelve(@PathVariable UUID id, @RequestBody Shelf shelf) {
        books.shelve(id, shelf.onShelf());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        books.remove(id);
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable UUID id) {
        books.restore(id);
    }

    @ExceptionHandler
    ResponseEntity<Conflict> conflict(ConflictException conflict) {
        BookView theirs = books.view(conflict.theirs());
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(new Conflict(
                        conflict.line(),
                        theirs,
                        conflict.yours(),
                        Differences.between(conflict.yours(), theirs.document())));
    }
}
