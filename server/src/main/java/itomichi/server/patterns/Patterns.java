package itomichi.server.patterns;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.Run;
import itomichi.path.ThreadPath;
import itomichi.path.Wrap;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternText;
import itomichi.server.book.BookService;
import itomichi.server.book.BookView;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StitchDocuments;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import itomichi.station.SidePosition;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with own patterns. */
@Service
public class Patterns {

    private static final int LONGEST_NOTES = 400;
    private static final int LONGEST_TEXT = 100_000;
    /** A written path says nothing of where its holes are: this far apart, as far from the spine. */
    private static final double APART_MM = 30;

    private static final double FROM_SPINE_MM = 12;

    private final PatternStore store;
    private final BookService books;

    Patterns(PatternStore store, BookService books) {
        this.store = store;
        this.books = books;
    }

    @Transactional(readOnly = true)
    List<PatternView> all() {
        return store.all();
    }

    private static ProblemException none() {
        return new ProblemException(HttpStatus.NOT_FOUND, "There is no such pattern.");
    }

    /** Keeps a new pattern. */
    @Transactional
    public UUID keep(String notes, BookDocument.Pattern told) {
        BookDocument.Pattern pattern = checked(notes, told);
        taken(pattern.name(), Optional.empty());
        UUID id = UUID.randomUUID();
        store.insert(id, notes.strip(), pattern);
        return id;
    }

    @Transactional
    PatternView change(UUID id, long version, String notes, BookDocument.Pattern told) {
        PatternView before = store.get(id).orElseThrow(Patterns::none);
        BookDocument.Pattern pattern = checked(notes, told);
        taken(pattern.name(), Optional.of(before.id()));
        if (!store.update(id, version, notes.strip(), pattern)) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + pattern.name()
                            + "” was changed elsewhere since it was opened; open it again, or keep this one by another name.");
        }
        return store.get(id).orElseThrow(Patterns::none);
    }

    @Transactional
    void remove(UUID id) {
        if (!store.delete(id)) {
            throw none();
        }
    }

    /** Every pattern is gone; only for putting the demo back. */
    @Transactional
    public void clear() {
        store.clear();
    }

    PatternView view(UUID id) {
        return store.get(id).orElseThrow(Patterns::none);
    }

    static BookDocument.Pattern checked(String notes, BookDocument.Pattern pattern) {
        if (notes.length() > LONGEST_NOTES) {
            throw new UnfitValueException(
                    "notes", "Notes of " + notes.length() + " letters: " + LONGEST_NOTES + " at the most are taken.");
        }
        return StitchDocuments.document(StitchDocuments.pattern(pattern));
    }

    private void taken(String name, Optional<UUID> by) {
        store.named(name).filter(id -> by.filter(id::equals).isEmpty()).ifPresent(other -> {
            throw new UnfitValueException(
                    "name", "Another pattern is called “" + name + "”; a name of its own is wanted.");
        });
    }

    /**
     * Reads a pattern from its text, or from a path written down.
     *
     * @throws UnfitValueException with line, column and what is wanted
     */
    BookDocument.Pattern read(String text) {
        if (text.length() > LONGEST_TEXT) {
            throw new UnfitValueException(
                    "text", "A text of " + text.length() + " letters: " + LONGEST_TEXT + " at the most are read.");
        }
        String first = text.strip();
        if (!first.isEmpty() && "+-−v^s".indexOf(first.charAt(0)) >= 0 && !first.startsWith("side")) {
            return path(text.replace('−', '-'));
        }
        PatternText.Parsed parsed = PatternText.parse(text);
        if (parsed instanceof PatternText.Parsed.Fault fault) {
            throw new UnfitValueException("text", fault.message());
        }
        return StitchDocuments.document(((PatternText.Parsed.Read) parsed).pattern());
    }

    private static BookDocument.Pattern path(String text) {
        Notation.Parsed parsed = Notation.parse(text);
        if (parsed instanceof Notation.Parsed.Fault fault) {
            throw new UnfitValueException("text", fault.message() + ".");
        }
        return StitchDocuments.document(left(((Notation.Parsed.Path) parsed).path()));
    }

    /** What a path through one fold, or one block, leaves; its holes evenly spaced. */
    private static OwnPattern left(ThreadPath path) {
        List<OwnPattern.Line> lines = new ArrayList<>();
        List<OwnPattern.Turn> turns = new ArrayList<>();
        boolean side = false;
        int holes = 2;
        for (Move move : path.moves()) {
            if (move.start().hole().signature() > 1) {
                throw new UnfitValueException(
                        "text",
                        "A pattern lies in one fold or one block; read signature "
                                + move.start().hole().signature() + ".");
            }
            boolean outer = !move.start().face().inner();
            side |= move.start().face() == Face.FRONT || move.start().face() == Face.BACK;
            holes = Math.max(
                    holes,
                    Math.max(move.start().hole().station(), move.end().hole().station()));
            if (move instanceof Run run) {
                lines.add(new OwnPattern.Line(
                        outer, run.from().station(), run.to().station()));
            } else if (move instanceof Wrap wrap) {
                turns.add(new OwnPattern.Turn(wrap.hole().station(), wrap.edge()));
            } else if (move.segment()) {
                throw new UnfitValueException(
                        "text",
                        "A pattern has stitches and wraps; links, kettles and the like belong to a structure: read “"
                                + Notation.write(new ThreadPath(List.of(move))) + "”.");
            }
        }
        if (holes > OwnPattern.MOST_HOLES) {
            throw new UnfitValueException(
                    "text", "A pattern has up to " + OwnPattern.MOST_HOLES + " holes; read " + holes + ".");
        }
        double apartMm = Math.min(APART_MM, 1100.0 / (holes + 1));
        List<SidePosition> places = new ArrayList<>();
        for (int hole = 1; hole <= holes; hole++) {
            places.add(new SidePosition(Length.ofMm(hole * apartMm), side ? Length.ofMm(FROM_SPINE_MM) : Length.ZERO));
        }
        Length height = Length.ofMm((holes + 1) * apartMm);
        return new OwnPattern("As written", side, height, places, lines, turns);
    }

    /** Begins a book with a pattern. */
    BookView begin(BookDocument.Pattern pattern, Unit unit) {
        return books.create(PatternLook.beginning(pattern, unit), "begun with a pattern");
    }
}
