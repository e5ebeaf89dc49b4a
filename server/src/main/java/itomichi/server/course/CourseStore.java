package itomichi.server.course;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.COURSE;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Classes, in the database. */
@Repository
class CourseStore {

    private final DSLContext database;
    private final JsonMapper json;

    CourseStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * A class as it is kept.
     *
     * @param act by which what its kits hold was taken out of the drawers; nothing until it is
     */
    record Stored(
            UUID id, CourseDocument document, @Nullable UUID act) {}

    /** Classes that make a book which is still there, the newest first. */
    List<Stored> all() {
        return database.select(COURSE.ID, COURSE.WISH, COURSE.ACT)
                .from(COURSE)
                .join(BOOK)
                .on(BOOK.ID.eq(COURSE.BOOK_ID))
                .where(BOOK.REMOVED_AT.isNull())
                .orderBy(COURSE.MADE_AT.desc(), COURSE.ID)
                .fetch(this::stored);
    }

    Optional<Stored> one(UUID id) {
        return database.select(COURSE.ID, COURSE.WISH, COURSE.ACT)
                .from(COURSE)
                .where(COURSE.ID.eq(id))
                .fetchOptional(this::stored);
    }

    void insert(UUID id, CourseDocument document) {
        database.insertInto(COURSE)
                .set(COURSE.ID, id)
                .set(COURSE.BOOK_ID, document.bookId())
                .set(COURSE.WISH, written(document))
                .execute();
    }

    void keep(UUID id, CourseDocument document) {
        database.update(COURSE)
                .set(COURSE.BOOK_ID, document.bookId())
                .set(COURSE.WISH, written(document))
                .where(COURSE.ID.eq(id))
                .execute();
    }

    /** The class, which nobody else changes until this transaction ends. */
    Optional<Stored> held(UUID id) {
        return database.select(COURSE.ID, COURSE.WISH, COURSE.ACT)
                .from(COURSE)
                .where(COURSE.ID.eq(id))
                .forUpdate()
                .fetchOptional(this::stored);
    }

    void taken(UUID id, UUID act) {
        database.update(COURSE).set(COURSE.ACT, act).where(COURSE.ID.eq(id)).execute();
    }

    void delete(UUID id) {
        database.deleteFrom(COURSE).where(COURSE.ID.eq(id)).execute();
    }

    private JSONB written(CourseDocument document) {
        return JSONB.valueOf(json.writeValueAsString(document));
    }

    private Stored stored(Record row) {
        return new Stored(
                row.get(COURSE.ID),
                json.readValue(row.get(COURSE.WISH).data(), CourseDocument.class),
                row.get(COURSE.ACT));
    }
}
