package itomichi.server.drawer;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.REVISION;
import static itomichi.db.generated.Tables.THING;
import static org.jooq.impl.DSL.condition;
import static org.jooq.impl.DSL.currentOffsetDateTime;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.val;

import itomichi.db.generated.tables.records.ThingRecord;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps things. */
@Repository
class DrawerStore {

    static final TypeReference<Map<String, Object>> PARTICULARS = new TypeReference<>() {};

    private final DSLContext database;
    private final JsonMapper json;

    DrawerStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    List<Thing> in(Drawer drawer) {
        return database.selectFrom(THING)
                .where(THING.DRAWER.eq(drawer.name()), THING.PUT_AWAY_AT.isNull())
                .orderBy(lower(THING.NAME))
                .fetch(this::thing);
    }

    Optional<Thing> get(UUID id) {
        return database.selectFrom(THING).where(THING.ID.eq(id)).fetchOptional(this::thing);
    }

    /** The thing, which nobody else changes until this transaction ends. */
    Optional<Thing> held(UUID id) {
        return database.selectFrom(THING).where(THING.ID.eq(id)).forUpdate().fetchOptional(this::thing);
    }

    Optional<Thing> named(Drawer drawer, String name) {
        return database.selectFrom(THING)
                .where(
                        THING.DRAWER.eq(drawer.name()),
                        lower(THING.NAME).eq(lower(val(name))),
                        THING.PUT_AWAY_AT.isNull())
                .fetchOptional(this::thing);
    }

    void insert(List<Thing> things) {
        database.batch(things.stream()
                        .map(thing -> database.insertInto(THING, THING.ID, THING.DRAWER, THING.NAME, THING.PARTICULARS)
                                .values(thing.id(), thing.drawer().name(), thing.name(), written(thing.particulars())))
                        .toList())
                .execute();
    }

    void update(List<Thing> things) {
        database.batch(things.stream()
                        .map(thing -> database.update(THING)
                                .set(THING.NAME, thing.name())
                                .set(THING.PARTICULARS, written(thing.particulars()))
                                .set(THING.VERSION, THING.VERSION.plus(1))
                                .set(THING.CHANGED_AT, currentOffsetDateTime())
                                .where(THING.ID.eq(thing.id())))
                        .toList())
                .execute();
    }

    /** Puts a thing away, or takes it out again. */
    boolean putAway(UUID id, boolean away) {
        return database.update(THING)
                        .set(THING.PUT_AWAY_AT, away ? currentOffsetDateTime() : null)
                        .set(THING.VERSION, THING.VERSION.plus(1))
                        .where(THING.ID.eq(id))
                        .execute()
                == 1;
    }

    boolean empty() {
        return !database.fetchExists(THING);
    }

    void clear() {
        database.deleteFrom(THING).execute();
    }

    /** Books on the bench and the shelf whose newest state names a thing, by the thing. */
    Map<UUID, List<ThingView.UsedIn>> uses() {
        return database.select(BOOK.ID, BOOK.NAME, field("used.id", String.class))
                .from(BOOK)
                .join(REVISION)
                .on(REVISION.BOOK_ID.eq(BOOK.ID), REVISION.NUMBER.eq(BOOK.HEAD))
                .crossJoin(
                        "lateral (select distinct v #>> '{}' as id from jsonb_path_query(revision.document, 'strict $.**.drawerId') v where v #>> '{}' is not null) as used")
                .where(BOOK.REMOVED_AT.isNull(), condition("used.id is not null"))
                .orderBy(lower(BOOK.NAME))
                .fetchGroups(
                        row -> UUID.fromString(row.value3().toLowerCase(Locale.ROOT)),
                        row -> new ThingView.UsedIn(row.value1(), row.value2()));
    }

    private Thing thing(ThingRecord row) {
        return new Thing(
                row.getId(),
                Drawer.valueOf(row.getDrawer()),
                row.getName(),
                json.readValue(row.getParticulars().data(), PARTICULARS),
                row.getVersion(),
                row.getPutAwayAt() != null);
    }

    private JSONB written(Map<String, Object> particulars) {
        return JSONB.valueOf(json.writeValueAsString(particulars));
    }
}
