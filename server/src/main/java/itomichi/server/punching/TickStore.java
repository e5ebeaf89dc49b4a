package itomichi.server.punching;

import static itomichi.db.generated.Tables.PUNCHING;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Repository;

/** Keeps what was ticked off a list of a book, together with the list it was ticked on. */
@Repository
public class TickStore {

    private final DSLContext database;

    TickStore(DSLContext database) {
        this.database = database;
    }

    /** What is listed. */
    public enum OfWhat {
        HOLES,
        SIGNATURES
    }

    /**
     * A list.
     *
     * @param lines how many it has
     * @param written the same text for the same list, another for another
     */
    public record Listed(OfWhat what, int lines, String written) {
        private String mark() {
            return UUID.nameUUIDFromBytes(written.getBytes(StandardCharsets.UTF_8))
                    .toString();
        }
    }

    /**
     * What is ticked.
     *
     * @param ticked lines of the list, from 0, in their order
     * @param planChanged whether they were ticked on another list than the plan now has
     */
    public record Ticks(List<Integer> ticked, boolean planChanged) {}

    /** What is ticked on a book's list. */
    public Ticks ticks(UUID book, Listed list) {
        return database.selectFrom(PUNCHING)
                .where(
                        PUNCHING.BOOK_ID.eq(book),
                        PUNCHING.OF_WHAT.eq(list.what().name()))
                .fetchOptional(row -> new Ticks(
                        Arrays.stream(row.getTicked())
                                .filter(line -> line < list.lines())
                                .toList(),
                        row.getTicked().length > 0 && !row.getList().equals(list.mark())))
                .orElse(new Ticks(List.of(), false));
    }

    /**
     * Keeps what is ticked.
     *
     * @throws ProblemException if the list has no such line
     */
    public Ticks keep(UUID book, Listed list, List<Integer> ticked) {
        for (Integer line : ticked) {
            if (line < 0 || line >= list.lines()) {
                throw new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Read line " + (line + 1) + "; this list has lines from 1 to " + list.lines() + ".");
            }
        }
        Integer[] sorted = ticked.stream().distinct().sorted().toArray(Integer[]::new);
        database.insertInto(PUNCHING, PUNCHING.BOOK_ID, PUNCHING.OF_WHAT, PUNCHING.TICKED, PUNCHING.LIST)
                .values(book, list.what().name(), sorted, list.mark())
                .onConflict(PUNCHING.BOOK_ID, PUNCHING.OF_WHAT)
                .doUpdate()
                .set(PUNCHING.TICKED, sorted)
                .set(PUNCHING.LIST, list.mark())
                .set(PUNCHING.CHANGED_AT, currentOffsetDateTime())
                .execute();
        return new Ticks(List.of(sorted), false);
    }
}
