package itomichi.server.copies;

import static itomichi.db.generated.Tables.COPY_MARK;
import static itomichi.db.generated.Tables.SPOILT_COPY;

import itomichi.edition.CopyMarks;
import itomichi.edition.CopyStage;
import itomichi.edition.SpoiltCopy;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** What was marked of copies, in the database. */
@Repository
class CopyStore {

    private final DSLContext database;

    CopyStore(DSLContext database) {
        this.database = database;
    }

    /**
     * A copy that was spoilt.
     *
     * @param act by which what it needs anew was taken out of the drawers; nothing until it is
     */
    record Spoilt(UUID id, SpoiltCopy copy, @Nullable UUID act) {}

    /** What was marked of a book's copies, by their numbers. */
    Map<Integer, CopyMarks> marks(UUID book) {
        Map<Integer, CopyMarks> marks = new HashMap<>();
        database.selectFrom(COPY_MARK)
                .where(COPY_MARK.BOOK_ID.eq(book))
                .forEach(row -> marks.put(
                        row.getCopy(),
                        new CopyMarks(stages(Arrays.asList(row.getDone())), row.getLeftOut(), row.getAnew())));
        return marks;
    }

    /** Stages by their names. */
    static Set<CopyStage> stages(Collection<String> names) {
        return names.stream().map(CopyStage::valueOf).collect(Collectors.toSet());
    }

    void keep(UUID book, Map<Integer, CopyMarks> marks) {
        marks.forEach((copy, mark) -> {
            String[] done = mark.done().stream().sorted().map(CopyStage::name).toArray(String[]::new);
            database.insertInto(COPY_MARK)
                    .set(COPY_MARK.BOOK_ID, book)
                    .set(COPY_MARK.COPY, copy)
                    .set(COPY_MARK.DONE, done)
                    .set(COPY_MARK.LEFT_OUT, mark.leftOut())
                    .set(COPY_MARK.ANEW, mark.anew())
                    .onConflict(COPY_MARK.BOOK_ID, COPY_MARK.COPY)
                    .doUpdate()
                    .set(COPY_MARK.DONE, done)
                    .set(COPY_MARK.LEFT_OUT, mark.leftOut())
                    .set(COPY_MARK.ANEW, mark.anew())
                    .execute();
        });
    }

    /** Those that were spoilt of these books, in the order in which they were; books of which none was are not among them. */
    Map<UUID, List<Spoilt>> spoilt(Collection<UUID> books) {
        return database.selectFrom(SPOILT_COPY)
                .where(SPOILT_COPY.BOOK_ID.in(books))
                .orderBy(SPOILT_COPY.SPOILT_AT, SPOILT_COPY.ID)
                .fetchGroups(
                        SPOILT_COPY.BOOK_ID,
                        row -> new Spoilt(
                                row.get(SPOILT_COPY.ID),
                                new SpoiltCopy(
                                        row.get(SPOILT_COPY.COPY), CopyStage.valueOf(row.get(SPOILT_COPY.STAGE))),
                                row.get(SPOILT_COPY.ACT)));
    }

    void insert(UUID book, SpoiltCopy spoilt) {
        database.insertInto(SPOILT_COPY)
                .set(SPOILT_COPY.ID, UUID.randomUUID())
                .set(SPOILT_COPY.BOOK_ID, book)
                .set(SPOILT_COPY.COPY, spoilt.copy())
                .set(SPOILT_COPY.STAGE, spoilt.at().name())
                .execute();
    }

    void delete(UUID spoilt) {
        database.deleteFrom(SPOILT_COPY).where(SPOILT_COPY.ID.eq(spoilt)).execute();
    }

    /** How many of these have nothing taken for them yet; held until this transaction ends. */
    int held(List<UUID> spoilt) {
        return database.selectFrom(SPOILT_COPY)
                .where(SPOILT_COPY.ID.in(spoilt), SPOILT_COPY.ACT.isNull())
                .forUpdate()
                .fetch()
                .size();
    }

    void untaken(UUID act) {
        database.update(SPOILT_COPY)
                .setNull(SPOILT_COPY.ACT)
                .where(SPOILT_COPY.ACT.eq(act))
                .execute();
    }

    /** Notes by which act what these need anew was taken out of the drawers. */
    void taken(List<UUID> spoilt, UUID act) {
        database.update(SPOILT_COPY)
                .set(SPOILT_COPY.ACT, act)
                .where(SPOILT_COPY.ID.in(spoilt))
                .execute();
    }
}
