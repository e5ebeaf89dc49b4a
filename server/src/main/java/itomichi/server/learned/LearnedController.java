package itomichi.server.learned;

import itomichi.finding.Stage;
import itomichi.server.document.BookDocument;
import itomichi.server.platform.Sent;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What finished books teach, over HTTP. */
@RestController
class LearnedController {

    private final LearnedService learned;
    private final TakingService taking;

    LearnedController(LearnedService learned, TakingService taking) {
        this.learned = learned;
        this.taking = taking;
    }

    /** A book's reading of a habit, and whether it is left out. */
    record ReadingOut(@Nullable UUID book, @Nullable String habit, boolean out) {
        ReadingOut {
            Sent.given("book", book);
            Sent.given("habit", habit);
        }
    }

    /** A book, at the version it was looked at, and whether a habit is taken into it or out of it again. */
    record ReadingTaken(
            @Nullable UUID book, long version, @Nullable String habit, boolean taken) {
        ReadingTaken {
            Sent.given("book", book);
            Sent.given("habit", habit);
        }
    }

    @GetMapping("/api/learned")
    LearnedView look() {
        return learned.look();
    }

    /** What finished books offer a book at a stage, as it is just now. */
    @PostMapping("/api/learned/offers")
    List<OfferView> offers(@RequestParam Stage stage, @RequestBody BookDocument document) {
        return taking.offers(document, stage);
    }

    /** The books in work in which a habit shows. */
    @GetMapping("/api/learned/books")
    List<OfferView.BookOffer> books(@RequestParam String habit) {
        return taking.books(habit);
    }

    @PutMapping("/api/learned/taken")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@RequestBody ReadingTaken sent) {
        taking.take(Sent.given("book", sent.book()), sent.version(), Sent.given("habit", sent.habit()), sent.taken());
    }

    @PutMapping("/api/learned/out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leaveOut(@RequestBody ReadingOut sent) {
        learned.leaveOut(Sent.given("book", sent.book()), Sent.given("habit", sent.habit()), sent.out());
    }
}
