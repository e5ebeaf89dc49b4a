package itomichi.server.lookover;

import itomichi.cover.Dimension;
import itomichi.documents.sheets.LookSheet;
import itomichi.lookover.Check;
import itomichi.lookover.LookOver;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.server.book.BookService;
import itomichi.server.book.Remembered;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.lookover.CheckView.CheckFound;
import itomichi.server.lookover.CheckView.CheckMeasure;
import itomichi.server.lookover.LookStore.Found;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What is looked at on a book, and what was found. */
@Service
public class LookService {

    /** Nothing of a book is longer. */
    private static final double MOST_MM = 100_000;

    private final BookService books;
    private final LookStore store;
    /** What is looked at on books that were opened lately: every stage asks for it. */
    private final Remembered<BookDocument, List<Check>> lists = new Remembered<>(50);

    LookService(BookService books, LookStore store) {
        this.books = books;
        this.store = store;
    }

    private List<Check> checks(StoredBook book) {
        BookDocument document = book.document();
        Map<String, Length> own = store.tolerances();
        return lists.of(book.id(), document, () -> LookOver.of(PlanViews.plan(document))).stream()
                .map(check -> own.containsKey(check.key()) ? check.within(own.get(check.key())) : check)
                .toList();
    }

    List<CheckView> look(UUID id) {
        Map<String, Found> found = store.of(id);
        return checks(books.stored(id)).stream()
                .map(check -> view(check, Optional.ofNullable(found.get(check.key()))))
                .toList();
    }

    /** What was measured at one of the looks, mm, by book. */
    public Map<UUID, Double> measured(Collection<UUID> ids, String look) {
        return store.measured(ids, look);
    }

    /** What was not good when a book was looked over. */
    public List<InUnits> bad(UUID id) {
        return look(id).stream()
                .filter(one -> one.found() != null && !one.found().good())
                .map(CheckView::look)
                .toList();
    }

    private static CheckView view(Check check, Optional<Found> found) {
        Optional<Check.Measure> measure = check.measure();
        return new CheckView(
                check.key(),
                check.stage(),
                InUnits.of(check.look()),
                measure.map(one -> new CheckMeasure(
                                InUnits.of(one.planned().at(one.fineness())),
                                InUnits.of(one.low().at(one.fineness())),
                                InUnits.of(one.high().at(one.fineness())),
                                InUnits.of(one.tolerance().at(one.fineness())),
                                one.own()))
                        .orElse(null),
                InUnits.of(check.mend()),
                InUnits.of(check.later()),
                found.map(one -> new CheckFound(
                                good(check, one),
                                one.measured()
                                        .flatMap(length -> measure.map(is -> InUnits.of(length.at(is.fineness()))))
                                        .orElse(null)))
                        .orElse(null));
    }

    /** What was measured is held against the plan as it is now. */
    private static boolean good(Check check, Found found) {
        return found.measured()
                .flatMap(length -> check.measure().map(measure -> measure.good(length)))
                .orElse(found.good());
    }

    /** The slip, to be printed. */
    Slip slip(UUID id) {
        StoredBook book = books.stored(id);
        Map<String, Found> found = store.of(id);
        List<LookSheet.Line> lines = checks(book).stream()
                .map(check -> {
                    Optional<Found> one = Optional.ofNullable(found.get(check.key()));
                    return new LookSheet.Line(check, one.map(is -> good(check, is)), one.flatMap(Found::measured));
                })
                .toList();
        return new Slip(book.document().name(), lines, book.document().unit());
    }

    /** What is on a slip. */
    record Slip(String book, List<LookSheet.Line> lines, Unit unit) {}

    private Check check(StoredBook book, String key) {
        return LookOver.keyed(checks(book), key)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "Nothing called “" + key + "” is looked at on this book."));
    }

    private Check.Measure measure(StoredBook book, String key, String field) {
        return check(book, key)
                .measure()
                .orElseThrow(() -> new UnfitValueException(field, "This is looked at, not measured."));
    }

    /** Keeps what was seen. */
    void seen(UUID id, String key, boolean good) {
        check(books.stored(id), key);
        store.keep(id, key, new Found(good, Optional.empty()));
    }

    /**
     * Keeps what was measured.
     *
     * @throws UnfitValueException if nothing can be so large or small
     */
    public void measured(UUID id, String key, double mm) {
        StoredBook book = books.stored(id);
        Check.Measure measure = measure(book, key, "measuredMm");
        if (!(mm > 0)) {
            throw new UnfitValueException(
                    "measuredMm",
                    Phrase.of(
                                    "Read {}; what is measured is more than nothing.",
                                    Length.ofMm(Math.max(mm, -MOST_MM)).at(measure.fineness()))
                            .in(book.document().unit()));
        }
        Length length = Length.ofMm(Math.min(mm, MOST_MM));
        if (mm > MOST_MM || Dimension.slipped(measure.planned(), length)) {
            throw new UnfitValueException(
                    "measuredMm",
                    Phrase.of(
                                    "Read {} where {} is planned: a point may have slipped.",
                                    length.at(measure.fineness()),
                                    measure.planned().at(measure.fineness()))
                            .in(book.document().unit()));
        }
        store.keep(id, key, new Found(measure.good(length), Optional.of(length)));
    }

    /**
     * Keeps how far off is still good, on every book; nothing where common practice is to hold again.
     *
     * @throws UnfitValueException if nothing is measured there, or so wide a tolerance would find everything good
     */
    void tolerate(UUID id, String key, Optional<Double> mm) {
        StoredBook book = books.stored(id);
        Check.Measure measure = measure(book, key, "toleranceMm");
        if (mm.isEmpty()) {
            store.forgetTolerance(key);
            return;
        }
        Length most = measure.planned();
        Length given = Length.ofMm(Math.max(-MOST_MM, Math.min(mm.get(), MOST_MM)));
        if (!given.isMoreThan(Length.ZERO) || given.isMoreThan(most)) {
            throw new UnfitValueException(
                    "toleranceMm",
                    Phrase.of(
                                    "Read {}; more than nothing is wanted, and no more than the {} planned.",
                                    given.at(measure.fineness()),
                                    most.at(measure.fineness()))
                            .in(book.document().unit()));
        }
        store.keepTolerance(key, given);
    }

    /** Common practice holds everywhere again. */
    public void clear() {
        store.forgetTolerances();
    }

    /** Forgets what was found. */
    void forget(UUID id, String key) {
        check(books.stored(id), key);
        store.forget(id, key);
    }
}
