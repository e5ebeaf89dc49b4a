package itomichi.server.book;

import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanView;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book for the screen.
 *
 * @param undo what undoing would undo; null where there is nothing
 * @param redo what redoing would do again; null where there is nothing
 * @param step moves sewn so far
 */
public record BookView(
        UUID id,
        long version,
        int revision,
        BookDocument document,
        PlanView plan,
        @Nullable String undo,
        @Nullable String redo,
        boolean onShelf,
        int step,
        OffsetDateTime changedAt) {}
