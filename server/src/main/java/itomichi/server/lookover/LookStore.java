package itomichi.server.lookover;

import static itomichi.db.generated.Tables.LOOK_OVER;
import static itomichi.db.generated.Tables.LOOK_TOLERANCE;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.measure.Length;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** What was found on books, in the database. */
@Repository
class LookStore {

    private final DSLContext database;

    LookStore(DSLContext database) {
        this.database = database;
    }

    /**
     * What was found.
     *
     * @param good whether it was as it should be
     * @param measured what was measured; nothing where it was only looked at
     */
    record Found(boolean good, Optional<Length> measured) {}

    /** What was found on a book, by what was looked at. */
    Map<String, Found> of(UUID book) {
        Map<String, Found> found = new HashMap<>();
        database.selectFrom(LOOK_OVER)
                .where(LOOK_OVER.BOOK_ID.eq(book))
                .forEach(row -> found.put(
                        row.getLook(),
                        new Found(
                                row.getGood(),
                                Optional.ofNullable(row.getMeasuredMm()).map(Length::ofMm))));
        return found;
    }

    /** How far off is still good to the binder, by what is looked at; of what is not named, common practice holds. */
    Map<String, Length> tolerances() {
        return database.selectFrom(LOOK_TOLERANCE).fetchMap(LOOK_TOLERANCE.LOOK, row -> Length.ofMm(row.getMm()));
    }

    void keepTolerance(String look, Length tolerance) {
        database.insertInto(LOOK_TOLERANCE)
                .set(LOOK_TOLERANCE.LOOK, look)
                .set(LOOK_TOLERANCE.MM, tolerance.mm())
                .onConflict(LOOK_TOLERANCE.LOOK)
                .doUpdate()
                .set(LOOK_TOLERANCE.MM, tolerance.mm())
                .execute();
    }

    void forgetTolerance(String look) {
        database.deleteFrom(LOOK_TOLERANCE).where(LOOK_TOLERANCE.LOOK.eq(look)).execute();
    }

    void forgetTolerances() {
        database.deleteFrom(LOOK_TOLERANCE).execute();
    }

    /** What was measured at one of the looks, mm, by book. */
    Map<UUID, Double> measured(Collection<UUID> books, String look) {
        return database.select(LOOK_OVER.BOOK_ID, LOOK_OVER.MEASURED_MM)
                .from(LOOK_OVER)
                .where(LOOK_OVER.BOOK_ID.in(books), LOOK_OVER.LOOK.eq(look), LOOK_OVER.MEASURED_MM.isNotNull())
                .fetchMap(LOOK_OVER.BOOK_ID, LOOK_OVER.MEASURED_MM);
    }

    void keep(UUID book, String look, Found found) {
        @Nullable Double mm = found.measured().map(Length::mm).orElse(null);
        database.insertInto(LOOK_OVER)
                .set(LOOK_OVER.BOOK_ID, book)
                .set(LOOK_OVER.LOOK, look)
                .set(LOOK_OVER.GOOD, found.good())
                .set(LOOK_OVER.MEASURED_MM, mm)
                .onConflict(LOOK_OVER.BOOK_ID, LOOK_OVER.LOOK)
                .doUpdate()
                .set(LOOK_OVER.GOOD, found.good())
                .set(LOOK_OVER.MEASURED_MM, mm)
                .set(LOOK_OVER.FOUND_AT, currentOffsetDateTime())
                .execute();
    }

    void forget(UUID book, String look) {
        database.deleteFrom(LOOK_OVER)
                .where(LOOK_OVER.BOOK_ID.eq(book), LOOK_OVER.LOOK.eq(look))
                .execute();
    }
}
