package itomichi.server.days;

import itomichi.book.WorkList;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanViews;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The steps of books that were looked at lately: a book is planned once as long as it is as it was, and not whenever the days are looked at. */
@Component
class WorkLists {

    private static final int MOST = 200;

    private final Map<UUID, Kept> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > MOST;
        }
    };

    private record Kept(BookDocument document, WorkList list) {}

    WorkList of(StoredBook book) {
        synchronized (kept) {
            Kept one = kept.get(book.id());
            if (one != null && one.document().equals(book.document())) {
                return one.list();
            }
        }
        WorkList list = WorkList.of(PlanViews.plan(book.document()));
        synchronized (kept) {
            kept.put(book.id(), new Kept(book.document(), list));
        }
        return list;
    }
}
