package itomichi.server.notebook;

import itomichi.server.book.BookService;
import itomichi.server.notebook.PageView.PictureView;
import itomichi.server.platform.Letters;
import itomichi.server.platform.ProblemException;
import itomichi.server.platform.Sent;
import itomichi.spec.UnfitValueException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of books over HTTP. */
@RestController
class PictureController {

    private static final int MOST_OF_A_BOOK = 60;
    private static final int LONGEST_CAPTION = 300;
    /** A picture never changes: it comes under a new name. */
    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();

    private final BookService books;
    private final PictureStore store;
    /** A picture that is opened up takes much memory: one after the other. */
    private final Semaphore opening = new Semaphore(1);

    PictureController(BookService books, PictureStore store) {
        this.books = books;
        this.store = store;
    }

    /** What is written under a picture. */
    record CaptionSent(String caption) {
        CaptionSent {
            Sent.given("caption", caption);
        }
    }

    @PostMapping(
            value = "/api/books/{id}/pictures",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE, MediaType.APPLICATION_OCTET_STREAM_VALUE
            })
    @ResponseStatus(HttpStatus.CREATED)
    PictureView add(@PathVariable UUID id, @RequestParam(defaultValue = "") String caption, @RequestBody byte[] file) {
        UUID book = books.stored(id).id();
        String kept = checked(caption);
        if (store.count(book) >= MOST_OF_A_BOOK) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "This book has " + store.count(book) + " pictures; no more are kept.");
        }
        TakenPicture taken;
        opening.acquireUninterruptibly();
        try {
            taken = TakenPicture.of(file);
        } finally {
            opening.release();
        }
        UUID picture = UUID.randomUUID();
        store.insert(picture, book, kept, taken);
        return new PictureView(picture, kept, taken.width(), taken.height());
    }

    static String checked(String caption) {
        if (caption.length() > LONGEST_CAPTION || !Letters.kept(caption)) {
            throw new UnfitValueException(
                    "caption",
                    "At most " + LONGEST_CAPTION + " letters are kept under a picture; read " + caption.length() + ".");
        }
        return caption.strip();
    }

    @GetMapping(value = "/api/pictures/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean small) {
        byte[] file = store.file(id, small).orElseThrow(PictureController::none);
        return ResponseEntity.ok().cacheControl(FOR_EVER).body(file);
    }

    @PutMapping("/api/pictures/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void caption(@PathVariable UUID id, @RequestBody CaptionSent sent) {
        if (!store.caption(id, checked(sent.caption()))) {
            throw none();
        }
    }

    @DeleteMapping("/api/pictures/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!store.remove(id)) {
            throw none();
        }
    }

    private static ProblemException none() {
        return new ProblemException(HttpStatus.NOT_FOUND, "There is no such picture.");
    }
}
