package itomichi.server.imposing;

import itomichi.server.imposing.ImpositionView.JobView;
import itomichi.server.imposing.PagePictures.DrawnPages;
import itomichi.server.imposing.TextStore.KeptText;
import itomichi.server.platform.Sent;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Texts of books over HTTP. */
@RestController
@RequestMapping("/api/books/{book}/text")
class TextController {

    private static final CacheControl FOR_A_DAY =
            CacheControl.maxAge(Duration.ofDays(1)).cachePrivate();

    private final TextService texts;
    private final PagePictures pictures;
    private final Jobs jobs;

    TextController(TextService texts, PagePictures pictures, Jobs jobs) {
        this.texts = texts;
        this.pictures = pictures;
        this.jobs = jobs;
    }

    /** A file that is to be sent: what it is called, how long it is. */
    record TextSent(String name, long bytes) {
        TextSent {
            Sent.given("name", name);
        }
    }

    /** What a locked file is opened by; it is not kept. */
    record TextPassword(String password) {
        TextPassword {
            Sent.given("password", password);
        }
    }

    /**
     * What there is of a book's text.
     *
     * @param text the one that was read; left out where there is none
     * @param arriving one that is on its way
     * @param job what is being done with one, or was done last
     */
    record TextView(
            @Nullable ReadText text,
            @Nullable ArrivingText arriving,
            @Nullable JobView job) {}

    /** A text that was read. */
    record ReadText(UUID id, String name, long bytes, int pages) {}

    /** A text that is on its way, in parts of so many bytes. */
    record ArrivingText(UUID id, String name, long bytes, int partBytes, int came) {}

    @GetMapping
    TextView look(@PathVariable UUID book) {
        Optional<KeptText> text = texts.of(book);
        return new TextView(
                text.map(read -> new ReadText(
                                read.id(),
                                read.name(),
                                read.bytes(),
                                texts.pages(read).size()))
                        .orElse(null),
                texts.onItsWay(book)
                        .map(one -> new ArrivingText(one.id(), one.name(), one.bytes(), Workroom.PART, texts.came(one)))
                        .orElse(null),
                JobView.of(jobs.of(book), 0).orElse(null));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ArrivingText begin(@PathVariable UUID book, @RequestBody TextSent sent) {
        KeptText text = texts.begin(book, sent.name(), sent.bytes());
        return new ArrivingText(text.id(), text.name(), text.bytes(), Workroom.PART, 0);
    }

    @PutMapping(value = "/{text}/parts/{number}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void part(@PathVariable UUID book, @PathVariable UUID text, @PathVariable int number, @RequestBody byte[] content) {
        texts.part(book, text, number, content);
    }

    @PostMapping("/{text}/read")
    @ResponseStatus(HttpStatus.ACCEPTED)
    TextView read(@PathVariable UUID book, @PathVariable UUID text, @RequestBody TextPassword sent) {
        texts.read(book, text, sent.password());
        return look(book);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID book) {
        texts.remove(book);
    }

    /** Has the pages about one drawn, from 0; says which are there already. */
    @PostMapping("/shown")
    DrawnPages show(@PathVariable UUID book, @RequestParam int page) {
        return pictures.about(book, page);
    }

    @GetMapping(value = "/{text}/pages/{page}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> page(@PathVariable UUID book, @PathVariable UUID text, @PathVariable int page) {
        return ResponseEntity.ok().cacheControl(FOR_A_DAY).body(pictures.of(book, page));
    }
}
