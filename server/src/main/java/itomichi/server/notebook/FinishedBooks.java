package itomichi.server.notebook;

import itomichi.learning.Reading;
import itomichi.learning.Readings;
import itomichi.server.book.Remembered;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.platform.BenchDay;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What finished books say of their binder's habits. */
@Service
public class FinishedBooks {

    private static final int MOST = 500;

    private final PageReader reader;
    private final NotebookStore store;
    private final Clock clock;
    private final Remembered<Heard, List<Reading>> heard = new Remembered<>(MOST);

    /** What readings come from. */
    private record Heard(BookDocument document, Map<String, Double> came) {}

    FinishedBooks(PageReader reader, NotebookStore store, Clock clock) {
        this.reader = reader;
        this.store = store;
        this.clock = clock;
    }

    /**
     * A finished book.
     *
     * @param day when it came to the shelf
     * @param dayWords the same in words
     * @param readings what it says of its binder's habits
     */
    public record Finished(UUID id, String name, LocalDate day, String dayWords, List<Reading> readings) {}

    /** Finished books, the one that was finished first in front; and whether there are more, longer ago. */
    public record AllFinished(List<Finished> books, boolean more) {}

    /** All of them, as far as they can be planned. */
    public AllFinished all() {
        Map<UUID, OffsetDateTime> shelved = store.shelved(MOST + 1);
        List<UUID> ids = shelved.keySet().stream().limit(MOST).toList();
        List<Finished> finished = new ArrayList<>();
        reader.came(ids)
                .forEach((book, came) -> book.unlessUnplanned(() -> {
                    BookDocument document = book.document();
                    LocalDate day = BenchDay.local(shelved.getOrDefault(book.id(), book.changedAt()), clock);
                    List<Reading> readings = heard.of(
                            book.id(),
                            new Heard(document, came),
                            () -> Readings.of(BookDocuments.spec(document), came));
                    finished.add(new Finished(book.id(), document.name(), day, BenchDay.told(day), readings));
                }));
        finished.sort(Comparator.comparing(Finished::day).thenComparing(Finished::name));
        return new AllFinished(finished, shelved.size() > MOST);
    }
}
