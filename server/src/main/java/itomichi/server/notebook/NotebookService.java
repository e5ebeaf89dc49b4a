package itomichi.server.notebook;

import itomichi.documents.drawing.Photograph;
import itomichi.documents.sheets.RecordCard;
import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import itomichi.notebook.NotebookPage;
import itomichi.server.book.BookService;
import itomichi.server.document.BookDocument;
import itomichi.server.lookover.LookService;
import itomichi.server.notebook.NotebookStore.Wanted;
import itomichi.server.notebook.NotebookView.NotebookRow;
import itomichi.server.notebook.PageView.PageCost;
import itomichi.server.notebook.PageView.PageLine;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.LooksView;
import itomichi.server.platform.BenchDay;
import itomichi.server.platform.Letters;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** The notebook: what was planned of each book, and what came out. */
@Service
public class NotebookService {

    private static final int PART = 48;
    private static final int LONGEST_NOTES = 20_000;
    /** So much of the notes is shown in the list of pages. */
    private static final int BEGINS = 140;

    private final BookService books;
    private final PageReader reader;
    private final PageCosts costs;
    private final LookService looks;
    private final NotebookStore store;
    private final PictureStore pictures;
    private final Clock clock;

    NotebookService(
            BookService books,
            PageReader reader,
            PageCosts costs,
            LookService looks,
            NotebookStore store,
            PictureStore pictures,
            Clock clock) {
        this.books = books;
        this.reader = reader;
        this.costs = costs;
        this.looks = looks;
        this.store = store;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** A part of the books that are looked for. */
    NotebookView find(Wanted wanted, int from) {
        NotebookStore.Part part = store.find(wanted, Math.max(0, from), PART);
        Map<UUID, LooksView> seen =
                books.looks(part.books().stream().map(NotebookStore.Found::id).toList());
        return new NotebookView(
                part.books().stream()
                        .flatMap(found -> Optional.ofNullable(seen.get(found.id())).stream()
                                .map(outside -> row(found, outside)))
                        .toList(),
                part.all(),
                Structures.all().stream()
                        .map(structure -> new NotebookView.SewnAs(structure.key(), structure.name()))
                        .toList());
    }

    private NotebookRow row(NotebookStore.Found found, LooksView outside) {
        BookDocument document = found.document();
        String notes = found.notes().strip();
        return new NotebookRow(
                found.id(),
                document.name(),
                Structures.keyed(document.structure()).map(Structure::name).orElse(document.structure()),
                ReadPage.papers(document),
                day(found.shelvedAt()).orElse(null),
                notes.codePointCount(0, notes.length()) <= BEGINS
                        ? notes
                        : notes.substring(0, notes.offsetByCodePoints(0, BEGINS))
                                        .strip() + "…",
                found.picture(),
                outside);
    }

    private Optional<String> day(Optional<OffsetDateTime> shelved) {
        return shelved.map(at -> BenchDay.told(BenchDay.local(at, clock)));
    }

    /** The page of a book. */
    PageView page(UUID id) {
        ReadPage read = reader.read(id);
        BookDocument document = read.book().document();
        List<PageCost> took = costs.of(read);
        List<Double> prices =
                took.stream().map(PageCost::price).filter(Objects::nonNull).toList();
        return new PageView(
                id,
                document.name(),
                document.purpose(),
                read.structure(),
                read.papers(),
                document.unit(),
                day(store.shelved(id)).orElse(null),
                read.book().onShelf(),
                read.lines().stream().map(NotebookService::line).toList(),
                looks.bad(id),
                read.page().notes(),
                read.page().failed(),
                took,
                prices.isEmpty()
                        ? null
                        : prices.stream().mapToDouble(Double::doubleValue).sum(),
                pictures.of(id),
                books.looks(List.of(id)).get(id));
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
                difference(line));
    }

    /** By how much something came out otherwise than it was planned; nothing where there is nothing to compare. */
    private static @Nullable String difference(Entry line) {
        OptionalDouble off = line.off();
        if (off.isEmpty()) {
            return null;
        }
        long percent = Math.round(Math.abs(off.getAsDouble()) * 100);
        return percent == 0 ? "as planned" : percent + "\u202f% " + (off.getAsDouble() > 0 ? "more" : "less");
    }

    /** What is printed of a page. */
    record Card(RecordCard.Told told, List<Entry> lines, Unit unit) {}

    Card card(UUID id) {
        ReadPage read = reader.read(id);
        BookDocument document = read.book().document();
        return new Card(
                new RecordCard.Told(
                        document.name(),
                        read.structure(),
                        read.papers(),
                        day(store.shelved(id)),
                        read.page().notes(),
                        read.page().failed(),
                        pictures.of(id).stream()
                                .flatMap(one -> pictures.file(one.id(), false).stream()
                                        .map(file -> new RecordCard.Taken(
                                                one.caption(), one.width(), one.height(), new Photograph(file))))
                                .toList()),
                read.lines(),
                document.unit());
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

    static String text(String field, String text) {
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
        ReadPage read = reader.read(id);
        Unit unit = read.book().document().unit();
        store.read(id, key, NotebookPage.checked(line(read, key), read.lines(), number, unit));
    }

    /** Forgets what was written of one thing. */
    void forget(UUID id, String key) {
        line(reader.read(id), key);
        store.forget(id, key);
    }

    private static Entry line(ReadPage read, String key) {
        return read.lines().stream()
                .filter(line -> line.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "Nothing called “" + key + "” is on this book's page."));
    }
}
