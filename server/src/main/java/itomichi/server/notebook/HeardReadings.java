package itomichi.server.notebook;

import itomichi.learning.Reading;
import itomichi.learning.Readings;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanViews;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What books said lately: a book is planned once as long as it is as it was, and not whenever it is asked what it teaches. */
final class HeardReadings {

    private static final int MOST = 500;

    private final Map<UUID, Heard> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Heard> eldest) {
            return size() > MOST;
        }
    };

    private record Heard(BookDocument document, Map<String, Double> came, List<Reading> readings) {}

    List<Reading> of(StoredBook book, Map<String, Double> came) {
        synchronized (kept) {
            Heard one = kept.get(book.id());
            if (one != null
                    && one.document().equals(book.document())
                    && one.came().equals(came)) {
                return one.readings();
            }
        }
        List<Reading> readings = Readings.of(PlanViews.plan(book.document()), came);
        synchronized (kept) {
            kept.put(book.id(), new Heard(book.document(), Map.copyOf(came), readings));
        }
        return readings;
    }
}
