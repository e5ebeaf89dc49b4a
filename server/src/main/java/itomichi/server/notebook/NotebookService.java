package itomichi.server.notebook;

import itomichi.book.BookPlan;
import itomichi.finding.Quantity;
import itomichi.learning.Reading;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import itomichi.notebook.NotebookPage;
import itomichi.plan.UsedUp;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.days.DaysService;
import itomichi.server.document.BookDocument;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.lookover.LookService;
import itomichi.server.notebook.NotebookStore.Wanted;
import itomichi.server.notebook.NotebookView.NotebookRow;
import itomichi.server.notebook.PageView.PageCost;
import itomichi.server.notebook.PageView.PageLine;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.Csv;
import itomichi.server.platform.Letters;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** The notebook: what was planned of each book, and what came out. */
@Service
public class NotebookService {

    private static final Logger LOG = LoggerFactory.getLogger(NotebookService.class);

    private static final int PART = 48;
    /** Books whose measures are written into one list. */
    private static final int MOST_LISTED = 500;

    private static final int LONGEST_NOTES = 20_000;
    private static final int BEGINS = 140;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final BookService books;
    private final DaysService days;
    private final LookService looks;
    private final DrawerService drawers;
    private final NotebookStore store;
    private final PictureStore pictures;
    private final Clock clock;
    private final HeardReadings heard = new HeardReadings();

    NotebookService(
            BookService books,
            DaysService days,
            LookService looks,
            DrawerService drawers,
            NotebookStore store,
            PictureStore pictures,
            Clock clock) {
        this.books = books;
        this.days = days;
        this.looks = looks;
        this.drawers = drawers;
        this.store = store;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** A part of the books that are looked for. */
    NotebookView find(Wanted wanted, int from) {
        NotebookStore.Part part = store.find(wanted, Math.max(0, from), PART);
        return new NotebookView(
                part.books().stream().map(this::row).toList(),
                part.all(),
                Structures.all().stream()
                        .map(structure -> new NotebookView.SewnAs(structure.key(), structure.name()))
                        .toList());
    }

    private NotebookRow row(NotebookStore.Found found) {
        BookDocument document = found.document();
        String notes = found.notes().strip();
        return new NotebookRow(
                found.id(),
                document.name(),
                Structures.keyed(document.structure()).map(Structure::name).orElse(document.structure()),
                papers(document),
                day(Optional.ofNullable(found.shelved())),
                notes.codePointCount(0, notes.length()) <= BEGINS
                        ? notes
                        : notes.substring(0, notes.offsetByCodePoints(0, BEGINS))
                                        .strip() + "…",
                found.picture());
    }

    private static List<String> papers(BookDocument document) {
        return Stream.concat(Stream.of(document.paper()), document.otherPapers().stream())
                .map(BookDocument.Paper::name)
                .toList();
    }

    private @Nullable String day(Optional<OffsetDateTime> shelved) {
        return shelved.map(at -> DAY.format(at.atZoneSameInstant(clock.getZone())))
                .orElse(null);
    }

    /** A book with its page, read from where everything is kept. */
    private record Read(StoredBook book, BookPlan plan, PageDocument page, List<Entry> lines) {}

    private Read read(UUID id) {
        StoredBook book = books.stored(id);
        return read(book, store.page(id), days.work(List.of(book)).get(id));
    }

    private static Read read(StoredBook book, PageDocument page, DaysService.@Nullable Work work) {
        BookPlan plan = PlanViews.plan(book.document());
        List<Entry> lines = NotebookPage.of(
                plan,
                work == null ? List.of() : work.tasks(),
                page.readings(),
                work == null ? Map.of() : work.minutes());
        return new Read(book, plan, page, lines);
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

    /** What finished books say of their binder's habits. */
    public AllFinished finished() {
        NotebookStore.Part part = store.find(Wanted.FINISHED, 0, MOST_LISTED);
        Map<UUID, OffsetDateTime> shelved = new HashMap<>();
        part.books().forEach(found -> {
            if (found.shelved() != null) {
                shelved.put(found.id(), found.shelved());
            }
        });
        List<UUID> ids = List.copyOf(shelved.keySet());
        Map<UUID, PageDocument> pages = store.pages(ids);
        List<StoredBook> stored = books.all(ids);
        Map<UUID, DaysService.Work> works = days.work(stored);
        List<Finished> finished = new ArrayList<>();
        for (StoredBook book : stored) {
            UUID id = book.id();
            OffsetDateTime at = shelved.get(id);
            try {
                if (at != null) {
                    finished.add(finished(book, at, pages.getOrDefault(id, PageDocument.EMPTY), works.get(id)));
                }
            } catch (RuntimeException unplanned) {
                LOG.warn("Book {} cannot be planned as it is kept", id, unplanned);
            }
        }
        finished.sort(Comparator.comparing(Finished::day).thenComparing(Finished::name));
        return new AllFinished(finished, part.all() > part.books().size());
    }

    private Finished finished(StoredBook book, OffsetDateTime at, PageDocument page, DaysService.@Nullable Work work) {
        Map<String, Double> came = new HashMap<>();
        if (work != null) {
            work.minutes().forEach((step, minutes) -> came.put(NotebookPage.MINUTES + step, (double) minutes));
        }
        came.putAll(page.readings());
        LocalDate day = at.atZoneSameInstant(clock.getZone()).toLocalDate();
        return new Finished(book.id(), book.document().name(), day, DAY.format(day), heard.of(book, came));
    }

    /** The page of a book. */
    PageView page(UUID id) {
        Read read = read(id);
        BookDocument document = read.book().document();
        List<PageCost> costs = costs(read);
        List<Double> prices =
                costs.stream().map(PageCost::price).filter(Objects::nonNull).toList();
        return new PageView(
                id,
                document.name(),
                document.purpose(),
                read.plan().spec().bound().name(),
                papers(document),
                document.unit(),
                day(store.shelved(id)),
                read.book().onShelf(),
                read.lines().stream().map(NotebookService::line).toList(),
                looks.bad(id),
                read.page().notes(),
                read.page().failed(),
                costs,
                prices.isEmpty()
                        ? null
                        : prices.stream().mapToDouble(Double::doubleValue).sum(),
                pictures.of(id));
    }

    private static PageLine line(Entry line) {
        return new PageLine(
                line.key(),
                line.group(),
                InUnits.of(line.name()),
                line.foreseen() ? InUnits.of(line.planned()) : null,
                line.shown().map(InUnits::of).orElse(null),
                line.origin(),
                line.off().isPresent() ? line.off().getAsDouble() : null,
                difference(line).orElse(null));
    }

    /** By how much something came out otherwise than it was planned. */
    static Optional<String> difference(Entry line) {
        OptionalDouble off = line.off();
        if (off.isEmpty()) {
            return Optional.empty();
        }
        long percent = Math.round(Math.abs(off.getAsDouble()) * 100);
        return Optional.of(
                percent == 0 ? "as planned" : percent + "\u202f% " + (off.getAsDouble() > 0 ? "more" : "less"));
    }

    private List<PageCost> costs(Read read) {
        List<PageCost> costs = new ArrayList<>();
        BookDocument document = read.book().document();
        UsedUp used = UsedUp.of(read.plan().worked());
        for (UsedUp.PaperUse paper : used.papers()) {
            BookDocument.Paper of = paper.paper() == 0
                    ? document.paper()
                    : document.otherPapers().get(paper.paper() - 1);
            costs.add(new PageCost(
                    of.name(),
                    InUnits.of(Phrase.of(paper.sheets() == 1 ? "{} sheet" : "{} sheets", paper.sheets())),
                    price(of).map(each -> each * paper.sheets()).orElse(null)));
        }
        used.thread().ifPresent(planned -> {
            double mm = came(read, NotebookPage.THREAD_CUT).orElse(planned.mm())
                    - came(read, NotebookPage.THREAD_LEFT).orElse(0);
            costs.add(new PageCost(
                    document.thread().name(),
                    InUnits.of(Quantity.of(Length.ofMm(Math.max(0, mm)), Fineness.THREAD)),
                    null));
        });
        double minutes = read.lines().stream()
                .filter(line -> line.group() == Entry.Group.MINUTES)
                .mapToDouble(line -> line.came().orElse(0))
                .sum();
        if (minutes > 0) {
            costs.add(new PageCost("At the bench", InUnits.of(Phrase.of(hours(Math.round(minutes)))), null));
        }
        return costs;
    }

    private static OptionalDouble came(Read read, String key) {
        return read.lines().stream()
                .filter(line -> line.key().equals(key))
                .map(Entry::came)
                .findFirst()
                .orElse(OptionalDouble.empty());
    }

    private static String hours(long minutes) {
        return minutes < 60
                ? minutes + "\u202fmin"
                : minutes / 60 + "\u202fh" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + "\u202fmin");
    }

    /** The price of a sheet: as the drawer says, else as the book does. */
    private Optional<Double> price(BookDocument.Paper paper) {
        return Optional.ofNullable(paper.drawerId())
                .flatMap(drawers::stock)
                .flatMap(StockThing::price)
                .or(() -> Optional.ofNullable(paper.stock()).flatMap(stock -> Optional.ofNullable(stock.price())));
    }

    /** What is printed of a page. */
    record Card(
            StoredBook book,
            String structure,
            List<String> papers,
            @Nullable String finished,
            List<Entry> lines,
            PageDocument page,
            Unit unit) {}

    Card card(UUID id) {
        Read read = read(id);
        return new Card(
                read.book(),
                read.plan().spec().bound().name(),
                papers(read.book().document()),
                day(store.shelved(id)),
                read.lines(),
                read.page(),
                read.book().document().unit());
    }

    /**
     * Keeps what was written.
     *
     * @throws UnfitValueException if it is too long, or holds letters that cannot be kept
     */
    void write(UUID id, String notes, String failed) {
        store.write(books.stored(id).id(), text("notes", notes), text("failed", failed));
    }

    /** Keeps a page as it was once written: notes, what failed, and what came out by what it is. */
    public void keep(UUID id, String notes, String failed, Map<String, Double> readings) {
        store.keep(id, new PageDocument(notes, failed, readings));
    }

    private static String text(String field, String text) {
        if (text.length() > LONGEST_NOTES) {
            throw new UnfitValueException(
                    field, "Read %,d letters; at most %,d are kept on a page.".formatted(text.length(), LONGEST_NOTES));
        }
        if (!Letters.kept(text)) {
            throw new UnfitValueException(field, "There is a sign in it that cannot be kept.");
        }
        return text;
    }

    /**
     * Keeps what came out of one thing: mm, sheets, minutes.
     *
     * @throws UnfitValueException if that cannot be
     */
    void reading(UUID id, String key, double number) {
        Read read = read(id);
        Unit unit = read.book().document().unit();
        store.read(id, key, NotebookPage.checked(line(read, key), read.lines(), number, unit));
    }

    /** Forgets what was written of one thing. */
    void forget(UUID id, String key) {
        line(read(id), key);
        store.forget(id, key);
    }

    private static Entry line(Read read, String key) {
        return read.lines().stream()
                .filter(line -> line.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "Nothing called “" + key + "” is on this book's page."));
    }

    /** Everything that was planned and came out of the books that are looked for, as CSV; lengths in mm. */
    String csv(Wanted wanted) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("book", "structure", "paper", "finished", "what", "name", "unit", "planned", "came out"));
        List<UUID> ids = store.find(wanted, 0, MOST_LISTED).books().stream()
                .map(NotebookStore.Found::id)
                .toList();
        Map<UUID, PageDocument> pages = store.pages(ids);
        List<StoredBook> found = books.all(ids);
        Map<UUID, DaysService.Work> works = days.work(found);
        for (StoredBook book : found) {
            try {
                UUID id = book.id();
                rows(rows, read(book, pages.getOrDefault(id, PageDocument.EMPTY), works.get(id)));
            } catch (RuntimeException unplanned) {
                LOG.warn("Book {} cannot be planned as it is kept", book.id(), unplanned);
            }
        }
        return Csv.write(rows);
    }

    private void rows(List<List<String>> rows, Read read) {
        BookDocument document = read.book().document();
        String finished = store.shelved(read.book().id())
                .map(at -> at.atZoneSameInstant(clock.getZone()).toLocalDate().toString())
                .orElse("");
        for (Entry line : read.lines()) {
            if (line.came().isPresent()) {
                rows.add(List.of(
                        document.name(),
                        read.plan().spec().bound().name(),
                        String.join("; ", papers(document)),
                        finished,
                        line.key(),
                        line.name().in(Unit.MM),
                        unit(line.group()),
                        line.foreseen() ? number(line.planned().number()) : "",
                        number(line.came().getAsDouble())));
            }
        }
    }

    private static String unit(Entry.Group group) {
        return switch (group) {
            case BLOCK, THREAD -> "mm";
            case WASTE -> "sheets";
            case MINUTES -> "min";
        };
    }

    private static String number(double number) {
        return new Quantity.Plain(number, "", 3).in(Unit.MM);
    }
}
