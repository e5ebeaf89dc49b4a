package itomichi.server.sewing;

import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.server.book.BookService;
import itomichi.server.plan.PlanView;
import itomichi.server.platform.ProblemException;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the place in the sewing of each book, together with the path it was sewn by. */
@Service
public class SewingPlaces {

    private final DSLContext database;
    private final BookService books;

    SewingPlaces(DSLContext database, BookService books) {
        this.database = database;
        this.books = books;
    }

    /** The place in a book; before the first move where none was kept. */
    @Transactional(readOnly = true)
    public SewingPlace place(UUID id) {
        String path = books.view(id).plan().sewn().notation();
        return database.selectFrom(SEWING_PLACE)
                .where(SEWING_PLACE.BOOK_ID.eq(id))
                .fetchOptional(row -> new SewingPlace(
                        row.getStep(),
                        row.getOutsideUp(),
                        row.getStep() > 0 && !row.getPath().equals(path)))
                .orElse(new SewingPlace(0, false, false));
    }

    /**
     * Keeps a place.
     *
     * @throws ProblemException if the book has no such move
     */
    @Transactional
    public SewingPlace keep(UUID id, int step, boolean outsideUp) {
        PlanView.SewingView plan = books.view(id).plan().sewn();
        int steps = plan.steps().size();
        if (step < 0 || step > steps) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Read move " + step + "; this book has moves from 1 to " + steps + ".");
        }
        database.insertInto(
                        SEWING_PLACE,
                        SEWING_PLACE.BOOK_ID,
                        SEWING_PLACE.STEP,
                        SEWING_PLACE.OUTSIDE_UP,
                        SEWING_PLACE.PATH)
                .values(id, step, outsideUp, plan.notation())
                .onConflict(SEWING_PLACE.BOOK_ID)
                .doUpdate()
                .set(SEWING_PLACE.STEP, step)
                .set(SEWING_PLACE.OUTSIDE_UP, outsideUp)
                .set(SEWING_PLACE.PATH, plan.notation())
                .set(SEWING_PLACE.CHANGED_AT, currentOffsetDateTime())
                .execute();
        return new SewingPlace(step, outsideUp, false);
    }
}
