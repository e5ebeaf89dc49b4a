package itomichi.server.punching;

import static itomichi.db.generated.Tables.PUNCHING;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.book.BookPlan;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.server.book.BookService;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps what was ticked off, together with the list it was ticked on. */
@Service
public class PunchingTicks {

    private final DSLContext database;
    private final BookService books;

    PunchingTicks(DSLContext database, BookService books) {
        this.database = database;
        this.books = books;
    }

    /**
     * What is punched.
     *
     * @param ticked lines of the list, from 0, in their order
     * @param planChanged whether they were ticked on another list, or on holes in other places, than the plan now has
     */
    public record Punched(List<Integer> ticked, boolean planChanged) {}

    public Punched punched(UUID id) {
        BookPlan plan = plan(id);
        int lines = holes(plan).list().ticks().size();
        return database.selectFrom(PUNCHING)
                .where(PUNCHING.BOOK_ID.eq(id))
                .fetchOptional(row -> new Punched(
                        Arrays.stream(row.getTicked())
                                .filter(line -> line < lines)
                                .toList(),
                        row.getTicked().length > 0 && !row.getList().equals(written(plan))))
                .orElse(new Punched(List.of(), false));
    }

    /**
     * Keeps what is ticked.
     *
     * @throws ProblemException if the list has no such line
     */
    public Punched keep(UUID id, List<Integer> ticked) {
        BookPlan plan = plan(id);
        int lines = holes(plan).list().ticks().size();
        for (Integer line : ticked) {
            if (line < 0 || line >= lines) {
                throw new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Read line " + (line + 1) + "; this list has lines from 1 to " + lines + ".");
            }
        }
        Integer[] sorted = ticked.stream().distinct().sorted().toArray(Integer[]::new);
        database.insertInto(PUNCHING, PUNCHING.BOOK_ID, PUNCHING.TICKED, PUNCHING.LIST)
                .values(id, sorted, written(plan))
                .onConflict(PUNCHING.BOOK_ID)
                .doUpdate()
                .set(PUNCHING.TICKED, sorted)
                .set(PUNCHING.LIST, written(plan))
                .set(PUNCHING.CHANGED_AT, currentOffsetDateTime())
                .execute();
        return new Punched(List.of(sorted), false);
    }

    private BookPlan plan(UUID id) {
        return PlanViews.plan(books.stored(id).document());
    }

    private static Holes holes(BookPlan plan) {
        return plan.holes()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Nothing is punched for this structure ("
                                + plan.spec().bound().name() + ")."));
    }

    /** The same for the same holes and lines, another for others. */
    private static String written(BookPlan plan) {
        String lines = holes(plan).list().ticks().stream()
                .map(tick -> tick.words().in(Unit.MM))
                .collect(Collectors.joining("\n"));
        String all = KeptTemplate.of(plan) + "\n" + lines;
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
