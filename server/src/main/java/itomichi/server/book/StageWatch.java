package itomichi.server.book;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.server.document.BookDocument;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Is told which stages of a book are done, and does what follows from it. */
public interface StageWatch {

    /**
     * Something of a drawer that a stage uses up.
     *
     * @param number how much of it
     */
    record Used(UUID thing, double number) {}

    /** What these stages use up; worked out before anything is held. */
    Map<Stage, List<Used>> uses(UUID book, BookDocument document, BookPlan plan, Set<Stage> stages);

    /**
     * Some stages are done now, or not done any more; told within the transaction that changes the book.
     *
     * @param uses what those use up that are done now; nothing where the book goes back or forth, and takes what it took before
     */
    void moved(UUID book, Set<Stage> done, Set<Stage> undone, @Nullable Map<Stage, List<Used>> uses);
}
