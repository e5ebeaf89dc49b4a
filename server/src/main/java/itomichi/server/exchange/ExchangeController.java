package itomichi.server.exchange;

import itomichi.server.book.BookService;
import itomichi.server.book.BookView;
import itomichi.server.document.BookFile;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Books to and from files. */
@RestController
class ExchangeController {

    private final BookService books;
    private final BookFileReader reader;
    private final JsonMapper json;

    ExchangeController(BookService books, BookFileReader reader, JsonMapper json) {
        this.books = books;
        this.reader = reader;
        this.json = json;
    }

    @GetMapping(value = "/api/books/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> save(@PathVariable UUID id) {
        BookView book = books.view(id);
        byte[] file = json.writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new BookFile(BookFile.FORMAT, BookFile.VERSION, book.document()));
        String name = ContentDisposition.attachment()
                .filename(book.document().name() + ".book.json", StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, name).body(file);
    }

    /** Keeps the book of a file; of a wrong file nothing is kept. */
    @PostMapping(value = "/api/book-file", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    BookView load(@RequestBody byte[] file) {
        try {
            return books.create(reader.read(file).book(), "loaded from a file");
        } catch (UnfitValueException unfit) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "At “/book/" + unfit.field().replace('.', '/') + "”: " + unfit.getMessage());
        }
    }

    @GetMapping(value = "/api/schema/book-{version}.json", produces = "application/schema+json")
    ResponseEntity<String> schema(@PathVariable int version) {
        return BookFileReader.schema(version)
                .map(ResponseEntity::ok)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND,
                        "There is no version " + version + " of the book file; there are versions from 1 to "
                                + BookFile.VERSION + "."));
    }
}
