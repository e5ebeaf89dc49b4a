package itomichi.server.copies;

import itomichi.documents.sheets.LabelSheet;
import itomichi.edition.Copy;
import itomichi.edition.CopyMarks;
import itomichi.edition.CopyStage;
import itomichi.edition.Edition;
import itomichi.edition.SpoiltCopy;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What is done of each copy of a book, and which were spoilt. */
@Service
public class CopiesService {

    private final BookService books;
    private final CopyStore store;
    private final CopyKeeping keeping;

    CopiesService(BookService books, CopyStore store, CopyKeeping keeping) {
        this.books = books;
        this.store = store;
        this.keeping = keeping;
    }

    /** A book with its copies, and what was marked of them. */
    record Looked(
            StoredBook book,
            Edition edition,
            Map<Integer, CopyMarks> marks,
            List<Copy> copies,
            List<CopyStore.Spoilt> spoilt) {

        /** What was marked of a copy. */
        CopyMarks marked(int number) {
            return marks.getOrDefault(number, CopyMarks.NONE);
        }
    }

    private Looked looked(UUID id) {
        StoredBook book = books.stored(id);
        return looked(book, Edition.of(PlanViews.plan(book.document())));
    }

    private Looked looked(StoredBook book, Edition edition) {
        Map<Integer, CopyMarks> marks = store.marks(book.id());
        List<CopyStore.Spoilt> spoilt = store.spoilt(List.of(book.id())).getOrDefault(book.id(), List.of());
        return new Looked(
                book,
                edition,
                marks,
                edition.copies(
                        marks, spoilt.stream().map(CopyStore.Spoilt::copy).toList()),
                spoilt);
    }

    CopiesView look(UUID id) {
        return CopiesViews.of(looked(id));
    }

    /** The same after something was marked: the book is planned as it was. */
    private CopiesView again(Looked before) {
        return CopiesViews.of(looked(before.book(), before.edition()));
    }

    /** What is on the slips. */
    record Slips(String book, List<LabelSheet.Label> labels) {}

    /** A slip for each copy that is not left out: its number of how many, whose it is, and the line for all. */
    Slips slips(UUID id) {
        Looked looked = looked(id);
        BookDocument document = looked.book().document();
        List<Copy> made =
                looked.copies().stream().filter(copy -> !copy.leftOut()).toList();
        List<LabelSheet.Label> labels = new ArrayList<>();
        for (Copy copy : made) {
            labels.add(new LabelSheet.Label(
                    document.name(),
                    Stream.of("copy " + copy.number() + " of " + document.use().copies(), copy.name())
                            .filter(line -> !line.isEmpty())
                            .toList(),
                    document.edition().colophon()));
        }
        return new Slips(document.name(), labels);
    }

    /**
     * Ticks a stage of copies, and what comes before it; or takes it back, and what comes after.
     *
     * @throws UnfitValueException if there is no such copy, or it is done of the book as a whole
     */
    public CopiesView tick(UUID id, List<Integer> wanted, CopyStage stage, boolean done) {
        Looked looked = looked(id);
        List<CopyStage> stages = looked.edition().stages();
        if (!stages.contains(stage)) {
            throw new UnfitValueException("stage", "No copy of this book is " + stage.words() + ".");
        }
        Map<Integer, CopyMarks> kept = new HashMap<>();
        for (int number : wanted) {
            copy(looked, number, "copies");
            CopyMarks before = looked.marked(number);
            if (!done && !before.anew() && whole(looked.book(), stage)) {
                throw new UnfitValueException(
                        "stage",
                        "That copies are " + stage.words()
                                + " is done of the whole book; it is taken back at its stage.");
            }
            Set<CopyStage> ticked = EnumSet.noneOf(CopyStage.class);
            ticked.addAll(before.done());
            stages.stream()
                    .filter(other -> done ? other.compareTo(stage) <= 0 : other.compareTo(stage) >= 0)
                    .forEach(done ? ticked::add : ticked::remove);
            kept.put(number, new CopyMarks(ticked, before.leftOut(), before.anew()));
        }
        keeping.keep(id, kept);
        return again(looked);
    }

    private static boolean whole(StoredBook book, CopyStage stage) {
        return book.document().done().contains(stage.stage());
    }

    private static Copy copy(Looked looked, int number, String field) {
        int told = looked.copies().size();
        if (number < 1 || number > told) {
            throw new UnfitValueException(
                    field, "Read copy " + number + "; this book has copies from 1 to " + told + ".");
        }
        return looked.copies().get(number - 1);
    }

    /** Leaves a copy out, or makes it after all. */
    CopiesView leaveOut(UUID id, int number, boolean leftOut) {
        Looked looked = looked(id);
        copy(looked, number, "copy");
        CopyMarks before = looked.marked(number);
        keeping.keep(id, Map.of(number, new CopyMarks(before.done(), leftOut, before.anew())));
        return again(looked);
    }

    /**
     * A copy was spoilt, and is made anew.
     *
     * @param at what was being done; nothing where that is the first that is not done
     */
    CopiesView spoil(UUID id, int number, @Nullable CopyStage at) {
        Looked looked = looked(id);
        Copy copy = copy(looked, number, "copy");
        if (copy.leftOut()) {
            throw new UnfitValueException("copy", "Copy " + number + " is left out; it is not made anew.");
        }
        CopyStage when = at == null ? looked.edition().at(copy) : at;
        if (!looked.edition().stages().contains(when)) {
            throw new UnfitValueException("at", "No copy of this book is " + when.words() + ".");
        }
        keeping.spoilt(id, new SpoiltCopy(number, when));
        return again(looked);
    }

    /** It was not spoilt after all: what was done before is done again. */
    CopiesView mend(UUID id, UUID spoilt) {
        Looked looked = looked(id);
        CopyStore.Spoilt one = looked.spoilt().stream()
                .filter(known -> known.id().equals(spoilt))
                .findFirst()
                .orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "No such copy was spoilt."));
        if (one.act() != null) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What copy " + one.copy().copy()
                            + " needs anew was taken out of the drawers; that is undone first, at the shopping list.");
        }
        Set<CopyStage> before = EnumSet.noneOf(CopyStage.class);
        looked.edition().stages().stream()
                .filter(stage -> stage.compareTo(one.copy().at()) < 0)
                .forEach(before::add);
        keeping.mended(id, one, before);
        return again(looked);
    }

    /**
     * Copies that were spoilt and whose stuff was not taken anew yet.
     *
     * @param ids theirs
     * @param before those that were spoilt before them, whose stuff was
     */
    public record Untaken(List<UUID> ids, List<SpoiltCopy> before, List<SpoiltCopy> copies) {}

    /** What was spoilt of a book. */
    public Untaken untaken(UUID id) {
        return untaken(List.of(id)).getOrDefault(id, new Untaken(List.of(), List.of(), List.of()));
    }

    /** What was spoilt of these books; those of which nothing was are not among them. */
    public Map<UUID, Untaken> untaken(List<UUID> ids) {
        Map<UUID, Untaken> untaken = new HashMap<>();
        store.spoilt(ids).forEach((book, all) -> untaken.put(book, untakenOf(all)));
        return untaken;
    }

    private static Untaken untakenOf(List<CopyStore.Spoilt> all) {
        List<CopyStore.Spoilt> open =
                all.stream().filter(one -> one.act() == null).toList();
        return new Untaken(
                open.stream().map(CopyStore.Spoilt::id).toList(),
                all.stream()
                        .filter(one -> one.act() != null)
                        .map(CopyStore.Spoilt::copy)
                        .toList(),
                open.stream().map(CopyStore.Spoilt::copy).toList());
    }

    /** Whether nothing was taken for these yet; nobody else takes for them until this transaction ends. */
    public boolean held(List<UUID> spoilt) {
        return store.held(spoilt) == spoilt.size();
    }

    /** The act by which something was taken anew is undone. */
    public void actUndone(UUID act) {
        store.untaken(act);
    }

    /** Notes by which act what these need anew was taken out of the drawers. */
    public void taken(List<UUID> spoilt, UUID act) {
        store.taken(spoilt, act);
    }
}
