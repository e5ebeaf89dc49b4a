package itomichi.server.patterns;

import static itomichi.db.generated.Tables.OWN_PATTERN;
import static org.jooq.impl.DSL.currentOffsetDateTime;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.val;

import itomichi.db.generated.tables.records.OwnPatternRecord;
import itomichi.server.document.BookDocument;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Own patterns in the database. */
@Repository
class PatternStore {

    private final DSLContext database;
    private final JsonMapper json;

    PatternStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    List<PatternView> all() {
        return database.selectFrom(OWN_PATTERN).orderBy(lower(OWN_PATTERN.NAME)).fetch(this::view);
    }

    Optional<PatternView> get(UUID id) {
        return database.selectFrom(OWN_PATTERN).where(OWN_PATTERN.ID.eq(id)).fetchOptional(this::view);
    }

    Optional<UUID> named(String name) {
        return database.select(OWN_PATTERN.ID)
                .from(OWN_PATTERN)
                .where(lower(OWN_PATTERN.NAME).eq(lower(val(name))))
                .fetchOptional(OWN_PATTERN.ID);
    }

    void insert(UUID id, String notes, BookDocument.Pattern pattern) {
        database.insertInto(OWN_PATTERN)
                .set(OWN_PATTERN.ID, id)
                .set(OWN_PATTERN.NAME, pattern.name())
                .set(OWN_PATTERN.NOTES, notes)
                .set(OWN_PATTERN.PATTERN, JSONB.valueOf(json.writeValueAsString(pattern)))
                .execute();
    }

    /** Changes it if it still is of that version; says whether it was. */
    boolean update(UUID id, long version, String notes, BookDocument.Pattern pattern) {
        return database.update(OWN_PATTERN)
                        .set(OWN_PATTERN.NAME, pattern.name())
                        .set(OWN_PATTERN.NOTES, notes)
                        .set(OWN_PATTERN.PATTERN, JSONB.valueOf(json.writeValueAsString(pattern)))
                        .set(OWN_PATTERN.VERSION, OWN_PATTERN.VERSION.plus(1))
                        .set(OWN_PATTERN.CHANGED_AT, currentOffsetDateTime())
                        .where(OWN_PATTERN.ID.eq(id))
                        .and(OWN_PATTERN.VERSION.eq(version))
                        .execute()
                == 1;
    }

    boolean delete(UUID id) {
        return database.deleteFrom(OWN_PATTERN).where(OWN_PATTERN.ID.eq(id)).execute() == 1;
    }

    void clear() {
        database.deleteFrom(OWN_PATTERN).execute();
    }

    private PatternView view(OwnPatternRecord row) {
        return new PatternView(
                row.getId(),
                row.getVersion(),
                row.getName(),
                row.getNotes(),
                json.readValue(row.getPattern().data(), BookDocument.Pattern.class));
    }
}
