package itomichi.server.learned;

import itomichi.finding.Stage;
import itomichi.learning.Lesson;
import itomichi.server.book.BookService;
import itomichi.server.book.ConflictException;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.learned.OfferView.BookOffer;
import itomichi.server.platform.ProblemException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes what finished books teach into books in work, where their binder says so, and out again. */
@Service
class TakingService {

    private final LearnedService learned;
    private final BookService books;

    TakingService(LearnedService learned, BookService books) {
        this.learned = learned;
        this.books = books;
    }

    /** What finished books offer a book at a stage. */
    List<OfferView> offers(BookDocument document, Stage stage) {
        Map<String, Lesson> lessons = learned.lessons();
        return lessons.isEmpty() && document.learned().isEmpty()
                ? List.of()
                : new Offers(document, lessons).of(known -> known.stage() == stage);
    }

    /** The books in work in which a habit shows, each with what taking it would change. */
    List<BookOffer> books(String habit) {
        Map<String, Lesson> lessons = learned.lessons();
        List<BookOffer> offers = new ArrayList<>();
        for (StoredBook book : books.onBench(BookService.MOST_TOGETHER)) {
            book.unlessUnplanned(() -> new Offers(book.document(), lessons)
                    .of(known -> known.habit().key().equals(habit))
                    .forEach(offer ->
                            offers.add(new BookOffer(book.id(), book.document().name(), book.version(), offer))));
        }
        return offers;
    }

    /**
     * Takes what is taught of a habit into a book, or out again.
     *
     * @param version at which the book was looked at
     * @throws ProblemException if there is nothing to take, or nothing was taken
     */
    void take(UUID id, long version, String habit, boolean in) {
        StoredBook book = books.stored(id);
        Offers offers = new Offers(book.document(), learned.lessons());
        Offers.Offer offer = offers.about(habit)
                .orElseThrow(() -> nothing(book, habit, "Nothing is taught that it could be planned by"));
        if (in ? offer.newest().isEmpty() : offer.taken().isEmpty()) {
            throw nothing(book, habit, in ? "It is planned by that already" : "Nothing was taken into it");
        }
        String said = (in ? "taken from your books: " : "as is usual: ")
                + offer.known().habit().kind().words().toLowerCase(Locale.ROOT);
        try {
            books.save(id, version, said, offers.changed(offer, in));
        } catch (ConflictException conflict) {
            throw new ProblemException(HttpStatus.CONFLICT, conflict.line());
        }
    }

    private static ProblemException nothing(StoredBook book, String habit, String why) {
        return new ProblemException(
                HttpStatus.NOT_FOUND,
                "%s: “%s”, read “%s”.".formatted(why, book.document().name(), habit));
    }
}
