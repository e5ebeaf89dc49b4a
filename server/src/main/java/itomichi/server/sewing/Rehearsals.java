package itomichi.server.sewing;

import static itomichi.db.generated.Tables.REHEARSAL;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.path.Notation;
import itomichi.path.SewingStep;
import itomichi.plan.SewingPlan;
import itomichi.recovery.Misstep;
import itomichi.recovery.Rehearsal;
import itomichi.server.plan.InUnits;
import itomichi.spec.UnfitValueException;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges a learner's answers, and keeps which steps gave trouble. */
@Service
class Rehearsals {

    /** A record of more places helps nobody. */
    private static final int SHOWN = 6;

    private final DSLContext database;
    private final SewingPlaces places;

    Rehearsals(DSLContext database, SewingPlaces places) {
        this.database = database;
        this.places = places;
    }

    /**
     * A step that gave trouble.
     *
     * @param step its number
     * @param words what it is
     * @param misses how often it was missed
     * @param tries of so many times it was asked
     */
    record Trouble(int step, InUnits words, int misses, int tries) {}

    Misstep judge(UUID id, int done, SewingStep.Kind kind, int station) {
        SewingPlan plan = places.planned(id);
        Misstep judged;
        try {
            judged = Rehearsal.judge(plan, done, kind, station);
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException("step", unfit.getMessage() + ".");
        }
        int missed = judged.right() ? 0 : 1;
        String path = Notation.write(plan.path());
        database.insertInto(
                        REHEARSAL, REHEARSAL.BOOK_ID, REHEARSAL.STEP, REHEARSAL.PATH, REHEARSAL.TRIES, REHEARSAL.MISSES)
                .values(id, done + 1, path, 1, missed)
                .onConflict(REHEARSAL.BOOK_ID, REHEARSAL.STEP)
                .doUpdate()
                .set(REHEARSAL.TRIES, REHEARSAL.TRIES.plus(1))
                .set(REHEARSAL.MISSES, REHEARSAL.MISSES.plus(missed))
                .set(REHEARSAL.PATH, path)
                .set(REHEARSAL.CHANGED_AT, currentOffsetDateTime())
                .execute();
        return judged;
    }

    /** The steps that gave most trouble, of the way the book now has. */
    List<Trouble> troubles(UUID id) {
        SewingPlan plan = places.planned(id);
        List<StepLine> lines = StepLines.of(plan);
        return database.selectFrom(REHEARSAL)
                .where(REHEARSAL.BOOK_ID.eq(id))
                .and(REHEARSAL.PATH.eq(Notation.write(plan.path())))
                .and(REHEARSAL.MISSES.gt(0))
                .and(REHEARSAL.STEP.le(lines.size()))
                .orderBy(REHEARSAL.MISSES.desc(), REHEARSAL.STEP)
                .limit(SHOWN)
                .fetch(row -> new Trouble(
                        row.getStep(),
                        InUnits.of(lines.get(row.getStep() - 1).plain()),
                        row.getMisses(),
                        row.getTries()));
    }

    @Transactional
    void forget(UUID id) {
        database.deleteFrom(REHEARSAL).where(REHEARSAL.BOOK_ID.eq(id)).execute();
    }
}
