package itomichi.server.kept;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Ink;
import itomichi.gathering.SplitWish;
import itomichi.kept.Comparison;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.book.BookService;
import itomichi.server.book.BookView;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Structures;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with kept templates. */
@Service
public class KeptTemplates {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTES = 400;
    /** Four sheets to a signature, to begin with. */
    private static final int PAGES_EACH = 16;

    private final TemplateStore store;
    private final BookService books;
    private final Clock clock;

    KeptTemplates(TemplateStore store, BookService books, Clock clock) {
        this.store = store;
        this.books = books;
        this.clock = clock;
    }

    private KeptView view(StoredTemplate stored) {
        return KeptView.of(stored, clock);
    }

    /**
     * A kept template beside a book.
     *
     * @param template the template
     * @param differences how it differs from what the plan says now; none where it does not
     * @param applied the book with its holes where the template has them
     */
    record FittingView(KeptView template, List<InUnits> differences, BookDocument applied) {}

    @Transactional(readOnly = true)
    List<KeptView> all() {
        return store.all().stream().map(this::view).toList();
    }

    /** The templates named, in that order. */
    @Transactional(readOnly = true)
    List<StoredTemplate> named(List<UUID> ids) {
        return ids.stream().map(this::found).toList();
    }

    private StoredTemplate found(UUID id) {
        return store.get(id).orElseThrow(KeptTemplates::none);
    }

    private static ProblemException none() {
        return new ProblemException(HttpStatus.NOT_FOUND, "There is no such template.");
    }

    /**
     * Templates that fit a thing at hand.
     *
     * @param height of the thing
     * @param ofCover whether it is a cover
     * @param spine width of its spine, where it has one
     * @param within how far both may be off
     */
    @Transactional(readOnly = true)
    List<KeptView> fitting(Length height, boolean ofCover, Optional<Length> spine, Length within) {
        return store.all().stream()
                .filter(kept -> kept.template().fits(height, ofCover, spine, within))
                .map(this::view)
                .toList();
    }

    /** Templates that fit a book, each compared with its plan. */
    List<FittingView> fitting(UUID bookId, Length within) {
        StoredBook book = books.stored(bookId);
        BookPlan plan = PlanViews.plan(book.document());
        List<FittingView> fitting = new ArrayList<>();
        KeptTemplate.of(plan).ifPresent(now -> {
            for (StoredTemplate kept : store.all()) {
                if (fits(kept.template(), now, within)) {
                    BookDocument applied = BookDocuments.changed(
                            book.document(), kept.template().onto(plan.spec()));
                    fitting.add(new FittingView(
                            view(kept),
                            Comparison.of(kept.template(), now).differences().stream()
                                    .map(InUnits::of)
                                    .toList(),
                            applied));
                }
            }
        });
        return fitting;
    }

    /** A template for folds alone serves a book that is sewn through a cover too. */
    private static boolean fits(KeptTemplate kept, KeptTemplate now, Length within) {
        if (kept.side().isEmpty() != now.side().isEmpty()) {
            return false;
        }
        boolean ofCover = now.cover().isPresent() && kept.cover().isPresent();
        return kept.fits(now.height(ofCover), ofCover, now.spine(), within);
    }

    /** Keeps the template of a book's plan. */
    public KeptView keep(UUID bookId, String name, String notes, Ink ink) {
        BookPlan plan = PlanViews.plan(books.stored(bookId).document());
        KeptTemplate template = KeptTemplate.of(plan)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Nothing is punched for this structure ("
                                + plan.spec().bound().name() + ")."));
        if (plan.stopped()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "The plan of “" + plan.spec().title().name()
                            + "” says stop; a template is kept once it can be punched.");
        }
        String read = readName(name, null);
        UUID id = UUID.randomUUID();
        store.insert(id, read, readNotes(notes), ink, template, bookId);
        return view(found(id));
    }

    /** Writes other words on a template. */
    @Transactional
    KeptView rewrite(UUID id, long version, String name, String notes, Ink ink) {
        StoredTemplate kept = store.held(id).orElseThrow(KeptTemplates::none);
        if (kept.version() != version) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + kept.name() + "” was changed in another window; it is shown as it is now.");
        }
        store.update(id, readName(name, id), readNotes(notes), ink);
        return view(found(id));
    }

    @Transactional
    void remove(UUID id) {
        if (!store.delete(id)) {
            throw none();
        }
    }

    /** Removes every template. */
    @Transactional
    public void clear() {
        store.clear();
    }

    /** A new book, its holes where a template has them, its signatures as many as the template's rows take. */
    BookView begin(UUID id, Unit unit) {
        StoredTemplate kept = found(id);
        KeptTemplate template = kept.template();
        BookDocument start = StartingBook.in(unit);
        BookSpec spec = BookDocuments.spec(start.withName("On " + shortened(kept.name())));
        BookSpec bound = Binding.as(
                spec,
                Structures.keyed(template.structure())
                        .orElseThrow(() -> new ProblemException(
                                HttpStatus.UNPROCESSABLE_CONTENT,
                                "No structure is called “" + template.structure() + "” any more.")));
        BookSpec sized = bound.withLeaf(new BookSpec.Leaf(
                bound.leaf().width(), template.height(), bound.leaf().trimmed()));
        return books.create(
                BookDocuments.changed(start, template.onto(gathered(sized, template))),
                "begun with the template “" + kept.name() + "”");
    }

    private static BookSpec gathered(BookSpec spec, KeptTemplate template) {
        if (template.cover().isEmpty()) {
            return spec;
        }
        int rows = template.cover().get().rows().size();
        int signatures = rows * spec.bound().holing().rows().signatures();
        SplitWish wish = spec.gathering().wish();
        GatherWish asked = spec.gathering()
                .withWish(new SplitWish(
                        wish.odd(),
                        Optional.of(signatures),
                        wish.sheetsEach(),
                        wish.mostSheets(),
                        wish.endpapersApart()));
        return spec.withPages(signatures * PAGES_EACH).withGathering(asked);
    }

    private static String shortened(String name) {
        return name.length() > LONGEST_NAME - 10
                ? name.substring(0, LONGEST_NAME - 10).strip()
                : name;
    }

    private String readName(String typed, @Nullable UUID except) {
        String name = checkedName(typed);
        store.named(name).filter(other -> !other.equals(except)).ifPresent(other -> {
            throw new UnfitValueException(
                    "name", "Another template is called “" + name + "”; a name of its own is wanted.");
        });
        return name;
    }

    static String checkedName(String typed) {
        return readText("name", "A template’s name", typed, 1, LONGEST_NAME);
    }

    static String readNotes(String typed) {
        return readText("notes", "A note", typed, 0, LONGEST_NOTES);
    }

    private static String readText(String field, String what, String typed, int least, int most) {
        String text = typed.strip();
        if (text.length() < least || text.length() > most || text.indexOf('\0') >= 0) {
            throw new UnfitValueException(
                    field, what + " has from " + least + " to " + most + " letters; read " + text.length() + ".");
        }
        return text;
    }
}
