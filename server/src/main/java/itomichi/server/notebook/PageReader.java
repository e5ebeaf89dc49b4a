package itomichi.server.notebook;

import itomichi.book.BookPlan;
import itomichi.lookover.LookOver;
import itomichi.notebook.NotebookPage;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.days.DaysService;
import itomichi.server.days.DaysService.Work;
import itomichi.server.lookover.LookService;
import itomichi.server.plan.PlanViews;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads books with their pages: the plan, what was written, and what the clock at the bench told. */
@Component
class PageReader {

    private static final Work NONE = new Work(List.of(), Map.of());

    private final BookService books;
    private final DaysService days;
    private final LookService looks;
    private final NotebookStore store;

    PageReader(BookService books, DaysService days, LookService looks, NotebookStore store) {
        this.books = books;
        this.days = days;
        this.looks = looks;
        this.store = store;
    }

    ReadPage read(UUID id) {
        StoredBook book = books.stored(id);
        return read(book, store.page(id), days.work(List.of(book)).getOrDefault(id, NONE));
    }

    private static ReadPage read(StoredBook book, PageDocument page, Work work) {
        BookPlan plan = PlanViews.plan(book.document());
        return new ReadPage(book, plan, page, NotebookPage.of(plan, work.tasks(), page.readings(), work.minutes()));
    }

    /** These books with their pages, as far as they can be planned. */
    List<ReadPage> all(List<UUID> ids) {
        List<ReadPage> read = new ArrayList<>();
        each(ids, (book, page, work) -> read.add(read(book, page, work)));
        return read;
    }

    /**
     * What came out of these books, by the keys of their pages: what was written, else what the clock told; and their stack at the folds, as
     * it was measured when it was looked over.
     */
    Map<StoredBook, Map<String, Double>> came(List<UUID> ids) {
        Map<StoredBook, Map<String, Double>> came = new HashMap<>();
        Map<UUID, Double> stacks = looks.measured(ids, LookOver.STACK_AT_FOLDS);
        each(ids, (book, page, work) -> {
            Map<String, Double> out = new HashMap<>();
            work.minutes().forEach((step, minutes) -> out.put(NotebookPage.MINUTES + step, (double) minutes));
            out.putAll(page.readings());
            Double stack = stacks.get(book.id());
            if (stack != null) {
                out.put(LookOver.STACK_AT_FOLDS, stack);
            }
            came.put(book, out);
        });
        return came;
    }

    private interface Act {
        void on(StoredBook book, PageDocument page, Work work);
    }

    private void each(List<UUID> ids, Act act) {
        Map<UUID, PageDocument> pages = store.pages(ids);
        List<StoredBook> stored = books.all(ids);
        Map<UUID, Work> works = days.work(stored);
        for (StoredBook book : stored) {
            PageDocument page = pages.getOrDefault(book.id(), PageDocument.EMPTY);
            book.unlessUnplanned(() -> act.on(book, page, works.getOrDefault(book.id(), NONE)));
        }
    }
}
