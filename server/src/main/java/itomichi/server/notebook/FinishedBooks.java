package itomichi.server.notebook;

import itomichi.learning.Reading;
import itomichi.server.notebook.NotebookStore.Wanted;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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
    private final HeardReadings heard = new HeardReadings();

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
        NotebookStore.Part part = store.find(Wanted.FINISHED, 0, MOST);
        Map<UUID, OffsetDateTime> shelved = new HashMap<>();
        part.books().forEach(found -> found.shelvedAt().ifPresent(at -> shelved.put(found.id(), at)));
        List<Finished> finished = new ArrayList<>();
        reader.came(List.copyOf(shelved.keySet()))
                .forEach((book, came) -> PageReader.unlessUnplanned(book, () -> {
                    LocalDate day = PageDays.local(shelved.getOrDefault(book.id(), book.changedAt()), clock);
                    finished.add(new Finished(
                            book.id(), book.document().name(), day, PageDays.told(day), heard.of(book, came)));
                }));
        finished.sort(Comparator.comparing(Finished::day).thenComparing(Finished::name));
        return new AllFinished(finished, part.all() > part.books().size());
    }
}
