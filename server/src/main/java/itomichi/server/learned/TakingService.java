package itomichi.server.learned;

import itomichi.finding.Stage;
import itomichi.learning.Lesson;
import itomichi.server.book.BookService;
import itomichi.server.book.ConflictException;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.learned.OfferView.BookOffer;
import itomichi.server.learned.OfferView.OfferedChange;
import itomichi.server.platform.ProblemException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes what finished books teach into books in work, where their binder says so, and out again. */
@Service
class TakingService {

    private static final Logger LOG = LoggerFactory.getLogger(TakingService.class);
    /** Books that are looked through: those changed last. */
    private static final int MOST_BOOKS = 60;

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
        for (StoredBook book : books.onBench(MOST_BOOKS)) {
            try {
                of(book, habit, lessons)
                        .forEach(offer -> offers.add(
                                new BookOffer(book.id(), book.document().name(), book.version(), offer)));
            } catch (RuntimeException unplanned) {
                LOG.warn("Book {} cannot be planned as it is kept", book.id(), unplanned);
            }
        }
        return offers;
    }

    private static List<OfferView> of(StoredBook book, String habit, Map<String, Lesson> lessons) {
        return new Offers(book.document(), lessons)
                .of(known -> known.habit().key().equals(habit));
    }

    /**
     * Takes what is taught of a habit into a book, or out again.
     *
     * @param version at which the book was looked at
     * @throws ProblemException if there is nothing to take, or nothing was taken
     */
    void take(UUID id, long version, String habit, boolean in) {
        StoredBook book = books.stored(id);
        OfferView offer = of(book, habit, learned.lessons()).stream()
                .findFirst()
                .orElseThrow(() -> nothing(book, habit, "Nothing is taught that it could be planned by"));
        @Nullable OfferedChange change = in ? offer.taking() : offer.back();
        if (change == null) {
            throw nothing(book, habit, in ? "It is planned by that already" : "Nothing was taken into it");
        }
        String said = (in ? "taken from your books: " : "as is usual: ")
                + offer.kindWords().toLowerCase(Locale.ROOT);
        try {
            books.save(id, version, said, change.document());
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
