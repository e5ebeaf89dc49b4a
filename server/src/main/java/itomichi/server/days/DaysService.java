package itomichi.server.days;

import itomichi.book.WorkList;
import itomichi.schedule.BenchHours;
import itomichi.schedule.Task;
import itomichi.server.book.BookService;
import itomichi.server.book.Remembered;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.sewing.SewingWatch;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** When what is done on which book. Nothing that is planned is kept: it is worked out anew from the books, the hours and the clock. */
@Service
public class DaysService implements SewingWatch {

    private final BookService books;
    private final DaysStore store;
    /** The steps of books that were looked at lately. */
    private final Remembered<BookDocument, WorkList> lists = new Remembered<>(200);

    private final Clock clock;
    private final ReentrantLock planning = new ReentrantLock();
    private @Nullable Planned last;

    DaysService(BookService books, DaysStore store, Clock clock) {
        this.books = books;
        this.store = store;
        this.clock = clock;
    }

    /** The days of all books on the bench. */
    DaysView look() {
        List<StoredBook> bench = books.onBench(BookService.MOST_TOGETHER + 1);
        Optional<HoursDocument> told = store.hours();
        HoursDocument hours = told.orElse(HoursDocument.USUAL);
        return DaysViews.of(
                days(bench.stream().limit(BookService.MOST_TOGETHER).toList(), hours.hours(clock.getZone())),
                hours,
                told.isPresent(),
                bench.size() > BookService.MOST_TOGETHER);
    }

    /** What is done the next time at the bench; nothing where no hand is ever there, or nothing is left to do. */
    public Optional<DaysView.AtBench> next() {
        return Optional.ofNullable(look().next());
    }

    /** The days that a calendar shows: of one book, planned among all the others, or of the whole bench. */
    CalendarFile.Shown calendar(Optional<UUID> book) {
        List<StoredBook> bench = new ArrayList<>(books.onBench(BookService.MOST_TOGETHER));
        book.ifPresent(id -> {
            if (bench.stream().noneMatch(one -> one.id().equals(id))) {
                bench.add(there(id));
            }
        });
        return new CalendarFile.Shown(days(bench, benchHours()), book);
    }

    private BenchDays days(List<StoredBook> bench, BenchHours hours) {
        return planned(new Asked(now(), hours, works(bench)));
    }

    private WorkList list(StoredBook book) {
        BookDocument document = book.document();
        return lists.of(book.id(), document, () -> WorkList.of(PlanViews.plan(document)));
    }

    private List<BookWork> works(List<StoredBook> bench) {
        List<UUID> ids = bench.stream().map(StoredBook::id).toList();
        Map<UUID, DaysDocument> said = store.days(ids);
        Map<UUID, List<StepLog>> logs = store.logs(ids).stream().collect(Collectors.groupingBy(StepLog::book));
        List<BookWork> works = new ArrayList<>();
        for (StoredBook book : bench) {
            book.unlessUnplanned(() -> works.add(BookWork.of(
                    book,
                    list(book),
                    said.getOrDefault(book.id(), DaysDocument.NONE),
                    logs.getOrDefault(book.id(), List.of()))));
        }
        return works;
    }

    /** What days are planned from. */
    private record Asked(OffsetDateTime now, BenchHours hours, List<BookWork> works) {}

    private record Planned(Asked asked, BenchDays days) {}

    /** Nothing changed within this minute, and nothing is planned again; who asks meanwhile waits for the same plan. */
    private BenchDays planned(Asked asked) {
        planning.lock();
        try {
            if (last == null || !last.asked().equals(asked)) {
                last = new Planned(asked, BenchDays.of(asked.now(), asked.hours(), asked.works()));
            }
            return last.days();
        } finally {
            planning.unlock();
        }
    }

    private BenchHours benchHours() {
        return store.hours().orElse(HoursDocument.USUAL).hours(clock.getZone());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
    }

    /** Keeps when there is a hand at the bench. */
    void keep(HoursDocument hours) {
        hours.hours(clock.getZone());
        store.keep(hours);
    }

    /** Keeps what is said of a book's days. */
    void keep(UUID id, DaysDocument days) {
        DaysDocument.Read read = days.read();
        store.keep(there(id).id(), days, read.wanted());
    }

    /**
     * The work on a book.
     *
     * @param tasks its steps as its binder does them
     * @param minutes that a hand was on those that are done, by step; none of a step whose end may have been forgotten
     */
    public record Work(List<Task> tasks, Map<String, Long> minutes) {}

    /** The work on these books, by book; none of one that cannot be planned. */
    public Map<UUID, Work> work(List<StoredBook> of) {
        Map<UUID, Work> work = new HashMap<>();
        works(of).forEach(one -> work.put(one.book().id(), new Work(one.list().tasks(), one.minutes(now()))));
        return work;
    }

    private StoredBook there(UUID id) {
        return books.stored(id);
    }

    /** The step of that key. */
    private Task step(UUID id, String key) {
        StoredBook book = there(id);
        DaysDocument said = store.days(List.of(id)).getOrDefault(id, DaysDocument.NONE);
        return BookWork.of(book, list(book), said, List.of()).planned().tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "This book has no step “" + key + "”."));
    }

    /** Begins a step now, or takes it up again. */
    void begin(UUID id, String key) {
        step(id, key);
        if (!store.begin(id, key, now())) {
            throw refused(store.logs(id, key).stream()
                    .filter(log -> log.ended() == null || log.finished())
                    .findFirst()
                    .map(log -> log.ended() == null
                            ? "It was begun " + told(log.began()) + " already."
                            : "It is done already, since " + told(log.ended()) + ".")
                    .orElse("It was begun and ended in the same minute; begin it again in the next."));
        }
    }

    /**
     * Ends a step or leaves it for now: now, or when that was. One that nobody began was begun then, too.
     *
     * @param finished whether it is done
     */
    void end(UUID id, String key, Optional<LocalDateTime> at, boolean finished) {
        step(id, key);
        OffsetDateTime now = now();
        OffsetDateTime ended = at.map(time -> time.atZone(benchHours().zone()).toOffsetDateTime())
                .orElse(now);
        if (ended.isAfter(now)) {
            throw refused("Read " + told(ended) + "; it is " + told(now) + " now.");
        }
        if (finished) {
            store.begin(id, key, ended);
        }
        for (StepLog log : store.logs(id, key)) {
            if (log.ended() == null && at.isPresent() && ended.isBefore(log.began())) {
                throw refused("Read " + told(ended) + "; it was begun " + told(log.began()) + ".");
            }
        }
        if (!store.end(id, key, ended, finished)) {
            throw refused(finished ? "It is done already." : "No hand is on it: there is nothing to leave.");
        }
    }

    /** Forgets that a step was begun and ended. */
    void forget(UUID id, String key) {
        if (!store.forget(id, key)) {
            throw refused("It is not begun.");
        }
    }

    /** Begins and ends the sewing by itself, from where the needle is. */
    @Override
    public void sewn(UUID id, int step, int steps) {
        if (step > 0) {
            store.begin(id, WorkList.SEW, now());
        }
        if (step > 0 && step >= steps) {
            store.end(id, WorkList.SEW, now(), true);
        }
    }

    /** The needle is laid down for now. */
    public void left(UUID id) {
        store.end(id, WorkList.SEW, now(), false);
    }

    /** A book is wanted in so many days. */
    public void wantIn(UUID id, int ahead) {
        LocalDate day =
                now().atZoneSameInstant(benchHours().zone()).toLocalDate().plusDays(ahead);
        keep(id, new DaysDocument(day.toString(), List.of(), List.of()));
    }

    /** Forgets the hours. */
    public void clear() {
        store.clear();
    }

    private String told(OffsetDateTime time) {
        return Days.told(time.atZoneSameInstant(benchHours().zone()).toLocalDateTime());
    }

    private static ProblemException refused(String line) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, line);
    }
}
