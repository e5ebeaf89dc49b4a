package itomichi.server.supply;

import static itomichi.db.generated.Tables.DRAWER_ACT;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.db.generated.tables.records.DrawerActRecord;
import itomichi.finding.Stage;
import itomichi.server.supply.DrawerAct.Kind;
import itomichi.server.supply.DrawerAct.Moved;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was done to the drawers, in the database. */
@Repository
class ActStore {

    static final TypeReference<List<Moved>> MOVED = new TypeReference<>() {};

    private final DSLContext database;
    private final JsonMapper json;

    ActStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    UUID insert(Kind kind, @Nullable Stage stage, @Nullable UUID thing, List<UUID> books, List<Moved> moved) {
        UUID id = UUID.randomUUID();
        database.insertInto(DRAWER_ACT)
                .set(DRAWER_ACT.ID, id)
                .set(DRAWER_ACT.KIND, kind.name())
                .set(DRAWER_ACT.STAGE, stage == null ? null : stage.name())
                .set(DRAWER_ACT.THING, thing)
                .set(DRAWER_ACT.BOOKS, books.toArray(UUID[]::new))
                .set(DRAWER_ACT.MOVED, JSONB.valueOf(json.writeValueAsString(moved)))
                .execute();
        return id;
    }

    Optional<DrawerAct> one(UUID id) {
        return database.selectFrom(DRAWER_ACT).where(DRAWER_ACT.ID.eq(id)).fetchOptional(this::act);
    }

    /** Whether what was done by an act still is. */
    boolean stands(UUID id) {
        return one(id).filter(act -> !act.undone()).isPresent();
    }

    /** The act, which nobody else changes until this transaction ends. */
    Optional<DrawerAct> held(UUID id) {
        return database.selectFrom(DRAWER_ACT)
                .where(DRAWER_ACT.ID.eq(id))
                .forUpdate()
                .fetchOptional(this::act);
    }

    /** What was done for a book, the newest first. */
    List<DrawerAct> of(UUID book) {
        return database.selectFrom(DRAWER_ACT)
                .where(DRAWER_ACT.BOOKS.contains(new UUID[] {book}))
                .orderBy(DRAWER_ACT.DONE_AT.desc(), DRAWER_ACT.ID)
                .fetch(this::act);
    }

    /** What was cut, bought and taken anew last and is not undone, the newest first. */
    List<DrawerAct> last(int most) {
        return database.selectFrom(DRAWER_ACT)
                .where(DRAWER_ACT.KIND.ne(Kind.STAGE.name()), DRAWER_ACT.UNDONE_AT.isNull())
                .orderBy(DRAWER_ACT.DONE_AT.desc(), DRAWER_ACT.ID)
                .limit(most)
                .fetch(this::act);
    }

    void markUndone(UUID id) {
        database.update(DRAWER_ACT)
                .set(DRAWER_ACT.UNDONE_AT, currentOffsetDateTime())
                .where(DRAWER_ACT.ID.eq(id))
                .execute();
    }

    void clear() {
        database.deleteFrom(DRAWER_ACT).execute();
    }

    private DrawerAct act(DrawerActRecord row) {
        String stage = row.getStage();
        return new DrawerAct(
                row.getId(),
                Kind.valueOf(row.getKind()),
                stage == null ? null : Stage.valueOf(stage),
                row.getThing(),
                Arrays.asList(row.getBooks()),
                json.readValue(row.getMoved().data(), MOVED),
                row.getDoneAt(),
                row.getUndoneAt() != null);
    }
}
