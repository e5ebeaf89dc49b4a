package itomichi.server.notebook;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.NOTEBOOK_PAGE;
import static itomichi.db.generated.Tables.PICTURE;
import static itomichi.db.generated.Tables.REVISION;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.concat;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.currentOffsetDateTime;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.jsonbGetAttributeAsText;
import static org.jooq.impl.DSL.select;

import itomichi.server.document.BookDocument;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Pages of the notebook in the database. */
@Repository
class NotebookStore {

    static final TypeReference<Map<String, Double>> READINGS = new TypeReference<>() {};

    /** Everything of a book that is looked through for words. */
    private static final Field<String> WORDS = concat(
            BOOK.NAME,
            inline("\n"),
            coalesce(jsonbGetAttributeAsText(REVISION.DOCUMENT, "purpose"), inline("")),
            inline("\n"),
            coalesce(NOTEBOOK_PAGE.NOTES, inline("")),
            inline("\n"),
            coalesce(NOTEBOOK_PAGE.FAILED, inline("")));

    private static final Field<String> PAPERS = field(
            "concat_ws(chr(10), {0} #>> '{paper,name}', jsonb_path_query_array({0}, '$.otherPapers[*].name')::text)",
            String.class, REVISION.DOCUMENT);

    private final DSLContext database;
    private final JsonMapper json;

    NotebookStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * What is looked for.
     *
     * @param words each of which is in the book's name, purpose or notes
     * @param structure key of its sewing; empty for any
     * @param paper part of a paper's name; empty for any
     * @param from when it was finished at the soonest
     * @param until before when it was finished
     */
    record Wanted(
            List<String> words,
            String structure,
            String paper,
            Optional<OffsetDateTime> from,
            Optional<OffsetDateTime> until) {

        private Condition condition() {
            Condition all = BOOK.REMOVED_AT.isNull();
            for (String word : words) {
                all = all.and(WORDS.containsIgnoreCase(word));
            }
            if (!structure.isEmpty()) {
                all = all.and(
                        jsonbGetAttributeAsText(REVISION.DOCUMENT, "structure").eq(structure));
            }
            if (!paper.isEmpty()) {
                all = all.and(PAPERS.containsIgnoreCase(paper));
            }
            if (from.isPresent()) {
                all = all.and(BOOK.SHELVED_AT.ge(from.get()));
            }
            if (until.isPresent()) {
                all = all.and(BOOK.SHELVED_AT.lt(until.get()));
            }
            return all;
        }
    }

    /** A book that was found. */
    record Found(
            UUID id,
            BookDocument document,
            @Nullable OffsetDateTime shelved,
            String notes,
            @Nullable UUID picture) {

        /** When it came to the shelf; nothing while it is in work. */
        Optional<OffsetDateTime> shelvedAt() {
            return Optional.ofNullable(shelved);
        }
    }

    /** A part of what was found, and how many there are. */
    record Part(List<Found> books, int all) {}

    Part find(Wanted wanted, int from, int most) {
        Field<UUID> first = field(select(PICTURE.ID)
                .from(PICTURE)
                .where(PICTURE.BOOK_ID.eq(BOOK.ID))
                .orderBy(PICTURE.ADDED_AT, PICTURE.ID)
                .limit(1));
        Field<Integer> all = count().over();
        Result<? extends Record> rows = database.select(
                        BOOK.ID, BOOK.NAME, BOOK.SHELVED_AT, REVISION.DOCUMENT, NOTEBOOK_PAGE.NOTES, first, all)
                .from(BOOK)
                .join(REVISION)
                .on(REVISION.BOOK_ID.eq(BOOK.ID), REVISION.NUMBER.eq(BOOK.HEAD))
                .leftJoin(NOTEBOOK_PAGE)
                .on(NOTEBOOK_PAGE.BOOK_ID.eq(BOOK.ID))
                .where(wanted.condition())
                .orderBy(BOOK.SHELVED_AT.desc().nullsLast(), BOOK.CHANGED_AT.desc(), BOOK.ID)
                .limit(most)
                .offset(from)
                .fetch();
        List<Found> found = new ArrayList<>();
        for (Record row : rows) {
            found.add(new Found(
                    row.get(BOOK.ID),
                    json.readValue(row.get(REVISION.DOCUMENT).data(), BookDocument.class)
                            .withName(row.get(BOOK.NAME)),
                    row.get(BOOK.SHELVED_AT),
                    Optional.ofNullable(row.get(NOTEBOOK_PAGE.NOTES)).orElse(""),
                    row.get(first)));
        }
        return new Part(found, rows.isEmpty() ? 0 : rows.get(0).get(all));
    }

    /** When books came to the shelf, those that came there last; so many at the most. */
    Map<UUID, OffsetDateTime> shelved(int most) {
        return database.select(BOOK.ID, BOOK.SHELVED_AT)
                .from(BOOK)
                .where(BOOK.REMOVED_AT.isNull(), BOOK.SHELVED_AT.isNotNull())
                .orderBy(BOOK.SHELVED_AT.desc(), BOOK.CHANGED_AT.desc(), BOOK.ID)
                .limit(most)
                .fetch()
                .intoMap(BOOK.ID, BOOK.SHELVED_AT);
    }

    /** When a book came to the shelf. */
    Optional<OffsetDateTime> shelved(UUID book) {
        return database.select(BOOK.SHELVED_AT)
                .from(BOOK)
                .where(BOOK.ID.eq(book), BOOK.SHELVED_AT.isNotNull())
                .fetchOptional(BOOK.SHELVED_AT);
    }

    /** What is kept of these books' pages. */
    Map<UUID, PageDocument> pages(List<UUID> books) {
        Map<UUID, PageDocument> pages = new HashMap<>();
        database.selectFrom(NOTEBOOK_PAGE)
                .where(NOTEBOOK_PAGE.BOOK_ID.in(books))
                .forEach(row -> pages.put(
                        row.getBookId(),
                        new PageDocument(
                                row.getNotes(),
                                row.getFailed(),
                                json.readValue(row.getReadings().data(), READINGS))));
        return pages;
    }

    PageDocument page(UUID book) {
        return pages(List.of(book)).getOrDefault(book, PageDocument.EMPTY);
    }

    /** Keeps what was written; what came out stays. */
    void write(UUID book, String notes, String failed) {
        database.insertInto(NOTEBOOK_PAGE)
                .set(NOTEBOOK_PAGE.BOOK_ID, book)
                .set(NOTEBOOK_PAGE.NOTES, notes)
                .set(NOTEBOOK_PAGE.FAILED, failed)
                .onConflict(NOTEBOOK_PAGE.BOOK_ID)
                .doUpdate()
                .set(NOTEBOOK_PAGE.NOTES, notes)
                .set(NOTEBOOK_PAGE.FAILED, failed)
                .set(NOTEBOOK_PAGE.CHANGED_AT, currentOffsetDateTime())
                .execute();
    }

    /** Keeps a whole page. */
    void keep(UUID book, PageDocument page) {
        JSONB readings = JSONB.valueOf(json.writeValueAsString(page.readings()));
        write(book, page.notes(), page.failed());
        database.update(NOTEBOOK_PAGE)
                .set(NOTEBOOK_PAGE.READINGS, readings)
                .where(NOTEBOOK_PAGE.BOOK_ID.eq(book))
                .execute();
    }

    /** Keeps what came out of one thing; two that are written at once are both kept. */
    void read(UUID book, String key, double number) {
        JSONB one = JSONB.valueOf(json.writeValueAsString(Map.of(key, number)));
        database.insertInto(NOTEBOOK_PAGE)
                .set(NOTEBOOK_PAGE.BOOK_ID, book)
                .set(NOTEBOOK_PAGE.READINGS, one)
                .onConflict(NOTEBOOK_PAGE.BOOK_ID)
                .doUpdate()
                .set(NOTEBOOK_PAGE.READINGS, field("{0} || {1}", JSONB.class, NOTEBOOK_PAGE.READINGS, DSL.val(one)))
                .set(NOTEBOOK_PAGE.CHANGED_AT, currentOffsetDateTime())
                .execute();
    }

    /** Forgets what came out of one thing. */
    void forget(UUID book, String key) {
        database.update(NOTEBOOK_PAGE)
                .set(NOTEBOOK_PAGE.READINGS, field("{0} - {1}", JSONB.class, NOTEBOOK_PAGE.READINGS, DSL.val(key)))
                .set(NOTEBOOK_PAGE.CHANGED_AT, currentOffsetDateTime())
                .where(NOTEBOOK_PAGE.BOOK_ID.eq(book))
                .execute();
    }
}
