package itomichi.server.book;

import itomichi.server.document.BookDocument;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

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
        OffsetDateTime changedAt) {

    private static final Logger LOG = LoggerFactory.getLogger(StoredBook.class);

    /** The same book made otherwise. */
    public StoredBook as(BookDocument other) {
        return new StoredBook(id, version, revision, parent, change, other, onShelf, removed, step, changedAt);
    }

    /** Does what asks for its plan; where it cannot be planned as it is kept that is left undone, so that it hides no other book. */
    public void unlessUnplanned(Runnable act) {
        try {
            act.run();
        } catch (RuntimeException unplanned) {
            LOG.warn("Book {} cannot be planned as it is kept", id, unplanned);
        }
    }
}
