package itomichi.server.learned;

import itomichi.server.platform.Sent;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What finished books teach, over HTTP. */
@RestController
class LearnedController {

    private final LearnedService learned;

    LearnedController(LearnedService learned) {
        this.learned = learned;
    }

    /** A book's reading of a habit, and whether it is left out. */
    record ReadingOut(@Nullable UUID book, @Nullable String habit, boolean out) {
        ReadingOut {
            Sent.given("book", book);
            Sent.given("habit", habit);
        }
    }

    @GetMapping("/api/learned")
    LearnedView look() {
        return learned.look();
    }

    @PutMapping("/api/learned/out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leaveOut(@RequestBody ReadingOut sent) {
        learned.leaveOut(Sent.given("book", sent.book()), Sent.given("habit", sent.habit()), sent.out());
    }
}
