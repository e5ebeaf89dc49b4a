package itomichi.server.sewing;

import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.db.generated.tables.records.SewingPlaceRecord;
import itomichi.measure.Length;
import itomichi.path.Notation;
import itomichi.path.SewingStep;
import itomichi.path.ThreadPath;
import itomichi.plan.SewingPlan;
import itomichi.recovery.Recovery;
import itomichi.recovery.Straying;
import itomichi.server.book.BookService;
import itomichi.server.plan.PlanViews;
import itomichi.server.plan.WayView;
import itomichi.server.plan.WayViews;
import itomichi.server.platform.ProblemException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps the place in the sewing of each book, together with the path it was sewn by. */
@Service
public class SewingPlaces {

    private final DSLContext database;
    private final BookService books;
    private final SewingWatch watch;

    SewingPlaces(DSLContext database, BookService books, SewingWatch watch) {
        this.database = database;
        this.books = books;
        this.watch = watch;
    }

    /**
     * How a book is sewn by its plan.
     *
     * @throws ProblemException if it cannot be sewn as it is
     */
    SewingPlan planned(UUID id) {
        return PlanViews.plan(books.stored(id).document())
                .sewing()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT, "As it is, this book cannot be sewn; the remarks say why."));
    }

    /** How a book is really sewn: by its plan, or by the way it took after a wrong stitch. */
    SewingPlan sewn(UUID id) {
        return sewn(id, planned(id));
    }

    private SewingPlan sewn(UUID id, SewingPlan planned) {
        return row(id).flatMap(row -> strayed(row, Notation.write(planned.path())))
                .map(planned::by)
                .orElse(planned);
    }

    private Optional<SewingPlaceRecord> row(UUID id) {
        return database.selectFrom(SEWING_PLACE)
                .where(SEWING_PLACE.BOOK_ID.eq(id))
                .fetchOptional();
    }

    /** The way that strayed from the plan, if it strayed from the plan as it is now. */
    private static Optional<ThreadPath> strayed(SewingPlaceRecord row, String path) {
        @Nullable String way = row.getStrayed();
        if (way == null || !row.getPath().equals(path)) {
            return Optional.empty();
        }
        return Notation.parse(way) instanceof Notation.Parsed.Path read ? Optional.of(read.path()) : Optional.empty();
    }

    /** The place in a book; before the first move where none was kept. */
    public SewingPlace place(UUID id) {
        String path = Notation.write(planned(id).path());
        return row(id).map(row -> new SewingPlace(
                        row.getStep(),
                        row.getOutsideUp(),
                        row.getStep() > 0 && !row.getPath().equals(path),
                        strayed(row, path).isPresent()))
                .orElse(new SewingPlace(0, false, false, false));
    }

    /** How many moves a book is really sewn in. */
    public int moves(UUID id) {
        return SewingStep.of(sewn(id).path()).size();
    }

    /** The thread's way as it is really sewn. */
    public WayView way(UUID id) {
        return WayViews.of(sewn(id));
    }

    /**
     * Keeps a place.
     *
     * @throws ProblemException if the book has no such move
     */
    public SewingPlace keep(UUID id, int step, boolean outsideUp) {
        SewingPlan planned = planned(id);
        String path = Notation.write(planned.path());
        Optional<ThreadPath> strayed = row(id).flatMap(row -> strayed(row, path));
        int steps = SewingStep.of(strayed.orElse(planned.path())).size();
        if (step < 0 || step > steps) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Read move " + step + "; this book has moves from 1 to " + steps + ".");
        }
        // whoever begins anew sews by the plan
        SewingPlace kept = put(id, path, step, outsideUp, step == 0 ? Optional.empty() : strayed);
        watch.sewn(id, step, steps);
        return kept;
    }

    private SewingPlace put(UUID id, String path, int step, boolean outsideUp, Optional<ThreadPath> strayed) {
        @Nullable String way = strayed.map(Notation::write).orElse(null);
        database.insertInto(
                        SEWING_PLACE,
                        SEWING_PLACE.BOOK_ID,
                        SEWING_PLACE.STEP,
                        SEWING_PLACE.OUTSIDE_UP,
                        SEWING_PLACE.PATH,
                        SEWING_PLACE.STRAYED)
                .values(id, step, outsideUp, path, way)
                .onConflict(SEWING_PLACE.BOOK_ID)
                .doUpdate()
                .set(SEWING_PLACE.STEP, step)
                .set(SEWING_PLACE.OUTSIDE_UP, outsideUp)
                .set(SEWING_PLACE.PATH, path)
                .set(SEWING_PLACE.STRAYED, way)
                .set(SEWING_PLACE.CHANGED_AT, currentOffsetDateTime())
                .execute();
        return new SewingPlace(step, outsideUp, false, strayed.isPresent());
    }

    /** The way back from wrong holes, without keeping anything. */
    public Straying back(UUID id, int step, List<Integer> holes, Optional<Length> left) {
        return Recovery.find(sewn(id), step, holes, left);
    }

    /** Goes on by the way back, worked out anew: the place is then where the unpicking ends. */
    public SewingPlace goBack(UUID id, int step, boolean outsideUp, List<Integer> holes) {
        SewingPlan planned = planned(id);
        Straying way = Recovery.find(sewn(id, planned), step, holes, Optional.empty());
        Optional<ThreadPath> strayed = way.path().equals(planned.path()) ? Optional.empty() : Optional.of(way.path());
        return put(id, Notation.write(planned.path()), way.step(), outsideUp, strayed);
    }
}
