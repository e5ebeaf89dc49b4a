package itomichi.server.kept;

import static itomichi.db.generated.Tables.KEPT_TEMPLATE;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.val;

import itomichi.db.generated.tables.records.KeptTemplateRecord;
import itomichi.documents.drawing.Ink;
import itomichi.kept.KeptTemplate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Kept templates in the database. */
@Repository
class TemplateStore {

    private final DSLContext database;
    private final JsonMapper json;

    TemplateStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    List<StoredTemplate> all() {
        return database.selectFrom(KEPT_TEMPLATE)
                .orderBy(lower(KEPT_TEMPLATE.NAME))
                .fetch(this::stored);
    }

    Optional<StoredTemplate> get(UUID id) {
        return database.selectFrom(KEPT_TEMPLATE).where(KEPT_TEMPLATE.ID.eq(id)).fetchOptional(this::stored);
    }

    /** The template, which nobody else changes until this transaction ends. */
    Optional<StoredTemplate> held(UUID id) {
        return database.selectFrom(KEPT_TEMPLATE)
                .where(KEPT_TEMPLATE.ID.eq(id))
                .forUpdate()
                .fetchOptional(this::stored);
    }

    Optional<UUID> named(String name) {
        return database.select(KEPT_TEMPLATE.ID)
                .from(KEPT_TEMPLATE)
                .where(lower(KEPT_TEMPLATE.NAME).eq(lower(val(name))))
                .fetchOptional(KEPT_TEMPLATE.ID);
    }

    void insert(UUID id, String name, String notes, Ink ink, KeptTemplate template, @Nullable UUID book) {
        database.insertInto(KEPT_TEMPLATE)
                .set(KEPT_TEMPLATE.ID, id)
                .set(KEPT_TEMPLATE.NAME, name)
                .set(KEPT_TEMPLATE.NOTES, notes)
                .set(KEPT_TEMPLATE.INK, ink.name())
                .set(KEPT_TEMPLATE.TEMPLATE, JSONB.valueOf(json.writeValueAsString(TemplateDocument.of(template))))
                .set(KEPT_TEMPLATE.BOOK_ID, book)
                .execute();
    }

    void update(UUID id, String name, String notes, Ink ink) {
        database.update(KEPT_TEMPLATE)
                .set(KEPT_TEMPLATE.NAME, name)
                .set(KEPT_TEMPLATE.NOTES, notes)
                .set(KEPT_TEMPLATE.INK, ink.name())
                .set(KEPT_TEMPLATE.VERSION, KEPT_TEMPLATE.VERSION.plus(1))
                .where(KEPT_TEMPLATE.ID.eq(id))
                .execute();
    }

    boolean delete(UUID id) {
        return database.deleteFrom(KEPT_TEMPLATE).where(KEPT_TEMPLATE.ID.eq(id)).execute() == 1;
    }

    void clear() {
        database.deleteFrom(KEPT_TEMPLATE).execute();
    }

    private StoredTemplate stored(KeptTemplateRecord row) {
        return new StoredTemplate(
                row.getId(),
                row.getName(),
                row.getNotes(),
                Ink.valueOf(row.getInk()),
                json.readValue(row.getTemplate().data(), TemplateDocument.class).template(),
                row.getVersion(),
                row.getKeptAt());
    }
}
