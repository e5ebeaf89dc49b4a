package itomichi.server.book;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.REVISION;
import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.currentOffsetDateTime;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.max;

import itomichi.finding.Stage;
import itomichi.server.document.BookDocument;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.SelectLimitStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Books and their revisions in the database. */
@Repository
class BookStore {

    /** Moves sewn of a book that {@code SEWING_PLACE} is joined to. */
    static final Field<Integer> STEP = coalesce(SEWING_PLACE.STEP, inline(0));

    /** The lock's own number; nothing else in this database is held by it. */
    private static final long NAMES = 170_717L;

    private final DSLContext database;
    private final JsonMapper json;

    BookStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /** The books of these ids. */
    List<StoredBook> all(List<UUID> ids) {
        return ids.isEmpty() ? List.of() : selection(BOOK.ID.in(ids)).fetch(this::book);
    }

    /** Books on the bench, the last changed first. */
    List<StoredBook> onBench(int most) {
        return selection(BOOK.ON_SHELF.isFalse().and(BOOK.REMOVED_AT.isNull()))
                .limit(most)
                .fetch(this::book);
    }

    Optional<StoredBook> get(UUID id) {
        return selection(BOOK.ID.eq(id)).fetchOptional(this::book);
    }

    /** The books on the bench whose sewing is begun and not said to be done, the last changed first. */
    List<StoredBook> begun(int most) {
        return selection(BOOK.REMOVED_AT
                        .isNull()
                        .and(BOOK.ON_SHELF.isFalse())
                        .and(STEP.gt(0))
                        .and(CardStore.isDone(Stage.SEW).not()))
                .limit(most)
                .fetch(this::book);
    }

    private SelectLimitStep<? extends Record> selection(Condition condition) {
        return database.select(
                        BOOK.ID,
                        BOOK.NAME,
                        BOOK.VERSION,
                        BOOK.HEAD,
                        BOOK.ON_SHELF,
                        BOOK.REMOVED_AT,
                        BOOK.CHANGED_AT,
                        REVISION.PARENT,
                        REVISION.CHANGE,
                        REVISION.DOCUMENT,
                        STEP)
                .from(BOOK)
                .join(REVISION)
                .on(REVISION.BOOK_ID.eq(BOOK.ID).and(REVISION.NUMBER.eq(BOOK.HEAD)))
                .leftJoin(SEWING_PLACE)
                .on(SEWING_PLACE.BOOK_ID.eq(BOOK.ID))
                .where(condition)
                .orderBy(BOOK.CHANGED_AT.desc(), BOOK.ID);
    }

    private StoredBook book(Record row) {
        return new StoredBook(
                row.get(BOOK.ID),
                row.get(BOOK.VERSION),
                row.get(BOOK.HEAD),
                row.get(REVISION.PARENT),
                row.get(REVISION.CHANGE),
                // a revision keeps the name it had; what the book is called now is said in one place
                json.readValue(row.get(REVISION.DOCUMENT).data(), BookDocument.class)
                        .withName(row.get(BOOK.NAME)),
                row.get(BOOK.ON_SHELF),
                row.get(BOOK.REMOVED_AT) != null,
                row.get(STEP),
                row.get(BOOK.CHANGED_AT));
    }

    /** Holds a book until the transaction ends, so that two changes of it come one after the other. */
    void hold(UUID id) {
        database.select(BOOK.ID).from(BOOK).where(BOOK.ID.eq(id)).forUpdate().fetch();
    }

    /** Holds the names of all books until the transaction ends: who looks whether one is free then takes it, or nobody does. */
    void holdNames() {
        database.execute("select pg_advisory_xact_lock({0})", inline(NAMES));
    }

    /** Whether another book in work has this name. */
    boolean nameTaken(String name, @Nullable UUID except) {
        Condition other = except == null ? DSL.trueCondition() : BOOK.ID.ne(except);
        return database.fetchExists(
                BOOK,
                lower(BOOK.NAME).eq(lower(name)).and(BOOK.REMOVED_AT.isNull()).and(other));
    }

    /** Keeps a new book with its first revision. */
    void insert(UUID id, BookDocument document, String change) {
        database.insertInto(BOOK, BOOK.ID, BOOK.NAME)
                .values(id, document.name())
                .execute();
        insertRevision(id, 1, null, change, document);
    }

    /**
     * Moves a book to another revision, if nobody has changed it since.
     *
     * @return whether it was moved
     */
    boolean move(UUID id, long version, int revision, String name) {
        return database.update(BOOK)
                        .set(BOOK.HEAD, revision)
                        .set(BOOK.NAME, name)
                        .set(BOOK.VERSION, BOOK.VERSION.plus(1))
                        .set(BOOK.CHANGED_AT, currentOffsetDateTime())
                        .where(BOOK.ID.eq(id).and(BOOK.VERSION.eq(version)))
                        .execute()
                == 1;
    }

    /** The next free number of a revision. */
    int nextRevision(UUID id) {
        Integer last = database.select(max(REVISION.NUMBER))
                .from(REVISION)
                .where(REVISION.BOOK_ID.eq(id))
                .fetchOneInto(Integer.class);
        return last == null ? 1 : last + 1;
    }

    void insertRevision(UUID id, int number, @Nullable Integer parent, String change, BookDocument document) {
        database.insertInto(
                        REVISION,
                        REVISION.BOOK_ID,
                        REVISION.NUMBER,
                        REVISION.PARENT,
                        REVISION.CHANGE,
                        REVISION.DOCUMENT)
                .values(id, number, parent, change, JSONB.valueOf(json.writeValueAsString(document)))
                .execute();
    }

    /** A revision's document. */
    BookDocument document(UUID id, int number) {
        JSONB stored = database.select(REVISION.DOCUMENT)
                .from(REVISION)
                .where(REVISION.BOOK_ID.eq(id).and(REVISION.NUMBER.eq(number)))
                .fetchSingle()
                .value1();
        return json.readValue(stored.data(), BookDocument.class);
    }

    /** What redoing leads to: the last revision made from this one. */
    record Child(int number, String change) {}

    Optional<Child> lastChild(UUID id, int revision) {
        return database.select(REVISION.NUMBER, REVISION.CHANGE)
                .from(REVISION)
                .where(REVISION.BOOK_ID.eq(id).and(REVISION.PARENT.eq(revision)))
                .orderBy(REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional(row -> new Child(row.value1(), row.value2()));
    }

    /** Puts a book on the shelf as from that time, or takes it back. */
    boolean shelve(UUID id, boolean onShelf, OffsetDateTime at) {
        return database.update(BOOK)
                        .set(BOOK.ON_SHELF, onShelf)
                        .set(BOOK.SHELVED_AT, onShelf ? at : null)
                        .set(BOOK.CHANGED_AT, at)
                        .where(BOOK.ID.eq(id))
                        .execute()
                == 1;
    }

    boolean remove(UUID id) {
        return database.update(BOOK)
                        .set(BOOK.REMOVED_AT, currentOffsetDateTime())
                        .where(BOOK.ID.eq(id).and(BOOK.REMOVED_AT.isNull()))
                        .execute()
                == 1;
    }

    void restore(UUID id, String name) {
        database.update(BOOK)
                .setNull(BOOK.REMOVED_AT)
                .set(BOOK.NAME, name)
                .where(BOOK.ID.eq(id))
                .execute();
    }

    /** Forgets every book. */
    void clear() {
        database.deleteFrom(SEWING_PLACE).execute();
        database.deleteFrom(REVISION).execute();
        database.deleteFrom(BOOK).execute();
    }

    boolean empty() {
        return !database.fetchExists(BOOK);
    }
}
