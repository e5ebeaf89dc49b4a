package itomichi.server.book;

import itomichi.server.document.BookDocument;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book as it is kept, at the revision it is at now.
 *
 * @param version counts every change, undo and redo included
 * @param revision the revision it is at
 * @param parent the revision before that; null at the first
 * @param change what was changed to come to this revision
 * @param step moves sewn so far
 */
public record StoredBook(
        UUID id,
        long version,
        int revision,
        @Nullable Integer parent,
        String change,
        BookDocument document,
        boolean onShelf,
        boolean removed,
        int step,
        OffsetDateTime changedAt) {}
