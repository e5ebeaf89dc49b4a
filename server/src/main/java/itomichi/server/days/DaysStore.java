package itomichi.server.days;

import static itomichi.db.generated.Tables.BENCH_HOURS;
import static itomichi.db.generated.Tables.BOOK_DAYS;
import static itomichi.db.generated.Tables.STEP_LOG;
import static org.jooq.impl.DSL.greatest;
import static org.jooq.impl.DSL.val;

import itomichi.db.generated.tables.records.StepLogRecord;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Hours at the bench, the days of books and what was begun and ended, in the database. */
@Repository
class DaysStore {

    private final DSLContext database;
    private final JsonMapper json;

    DaysStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /** The hours as they were told; nothing where nobody did. */
    Optional<HoursDocument> hours() {
        return database.selectFrom(BENCH_HOURS)
                .fetchOptional(row -> json.readValue(row.getHours().data(), HoursDocument.class));
    }

    void keep(HoursDocument hours) {
        JSONB written = JSONB.valueOf(json.writeValueAsString(hours));
        database.insertInto(BENCH_HOURS)
                .set(BENCH_HOURS.ONE, true)
                .set(BENCH_HOURS.HOURS, written)
                .onConflict(BENCH_HOURS.ONE)
                .doUpdate()
                .set(BENCH_HOURS.HOURS, written)
                .execute();
    }

    /** The days of these books, as far as somebody said anything of them. */
    Map<UUID, DaysDocument> days(Collection<UUID> books) {
        Map<UUID, DaysDocument> days = new HashMap<>();
        database.selectFrom(BOOK_DAYS)
                .where(BOOK_DAYS.BOOK_ID.in(books))
                .forEach(row -> days.put(
                        row.getBookId(), json.readValue(row.getChanges().data(), DaysDocument.class)));
        return days;
    }

    void keep(UUID book, DaysDocument days, Optional<LocalDate> wanted) {
        JSONB written = JSONB.valueOf(json.writeValueAsString(days));
        database.insertInto(BOOK_DAYS)
                .set(BOOK_DAYS.BOOK_ID, book)
                .set(BOOK_DAYS.WANTED, wanted.orElse(null))
                .set(BOOK_DAYS.CHANGES, written)
                .onConflict(BOOK_DAYS.BOOK_ID)
                .doUpdate()
                .set(BOOK_DAYS.WANTED, wanted.orElse(null))
                .set(BOOK_DAYS.CHANGES, written)
                .execute();
    }

    /** What was begun and ended of these books. */
    List<StepLog> logs(Collection<UUID> books) {
        return database.selectFrom(STEP_LOG).where(STEP_LOG.BOOK_ID.in(books)).fetch(DaysStore::log);
    }

    /** The times that a hand was on a step, in their order. */
    List<StepLog> logs(UUID book, String step) {
        return database.selectFrom(STEP_LOG)
                .where(STEP_LOG.BOOK_ID.eq(book), STEP_LOG.STEP.eq(step))
                .orderBy(STEP_LOG.BEGAN_AT)
                .fetch(DaysStore::log);
    }

    private static StepLog log(StepLogRecord row) {
        return new StepLog(row.getBookId(), row.getStep(), row.getBeganAt(), row.getEndedAt(), row.getFinished());
    }

    /** Keeps a begin, unless a hand is on the step or it is finished; whether it was kept. */
    boolean begin(UUID book, String step, OffsetDateTime at) {
        return database.insertInto(STEP_LOG)
                        .set(STEP_LOG.BOOK_ID, book)
                        .set(STEP_LOG.STEP, step)
                        .set(STEP_LOG.BEGAN_AT, at)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    /** Keeps the end of a time that a hand is on the step; whether there is one. It ends when it began, at the soonest. */
    boolean end(UUID book, String step, OffsetDateTime at, boolean finished) {
        return database.update(STEP_LOG)
                        .set(STEP_LOG.ENDED_AT, greatest(STEP_LOG.BEGAN_AT, val(at)))
                        .set(STEP_LOG.FINISHED, finished)
                        .where(STEP_LOG.BOOK_ID.eq(book), STEP_LOG.STEP.eq(step), STEP_LOG.ENDED_AT.isNull())
                        .execute()
                == 1;
    }

    /** Forgets that a hand was on a step; whether one was. */
    boolean forget(UUID book, String step) {
        return database.deleteFrom(STEP_LOG)
                        .where(STEP_LOG.BOOK_ID.eq(book), STEP_LOG.STEP.eq(step))
                        .execute()
                > 0;
    }

    /** Forgets the hours; what is kept of books goes with them. */
    void clear() {
        database.deleteFrom(BENCH_HOURS).execute();
    }
}
