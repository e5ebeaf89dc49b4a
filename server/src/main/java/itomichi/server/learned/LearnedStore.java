package itomichi.server.learned;

import static itomichi.db.generated.Tables.LEARNED_OUT;

import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Readings that are left out, in the database. */
@Repository
class LearnedStore {

    private final DSLContext database;

    LearnedStore(DSLContext database) {
        this.database = database;
    }

    /** Habits of which a book's reading is left out, by book. */
    Map<UUID, Set<String>> out(Collection<UUID> books) {
        return database
                .selectFrom(LEARNED_OUT)
                .where(LEARNED_OUT.BOOK_ID.in(books))
                .fetch()
                .intoGroups(LEARNED_OUT.BOOK_ID, LEARNED_OUT.HABIT)
                .entrySet()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> Set.copyOf(one.getValue())));
    }

    void leaveOut(UUID book, String habit) {
        database.insertInto(LEARNED_OUT)
                .set(LEARNED_OUT.BOOK_ID, book)
                .set(LEARNED_OUT.HABIT, habit)
                .onConflictDoNothing()
                .execute();
    }

    void takeIn(UUID book, String habit) {
        database.deleteFrom(LEARNED_OUT)
                .where(LEARNED_OUT.BOOK_ID.eq(book), LEARNED_OUT.HABIT.eq(habit))
                .execute();
    }
}
