package itomichi.server.book;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.BOOK_CARD;
import static itomichi.db.generated.Tables.REVISION;
import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.val;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record3;
import org.jooq.Result;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The cards that stand for books on the bench, kept with them so that a listing plans nothing. */
@Repository
class CardStore {

    private final DSLContext database;
    private final JsonMapper json;
    private final String rules = Rules.mark();

    CardStore(DSLContext database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * A book of a listing.
     *
     * @param card as it is sent, where it is still true; else nothing
     */
    record Listed(UUID id, Optional<String> card) {}

    /**
     * A part of a listing.
     *
     * @param all how many books there are in the whole of it
     */
    record Part(List<Listed> listed, int all) {

        /** The books that have no card as they are now. */
        List<UUID> lackCards() {
            return listed.stream()
                    .filter(one -> one.card().isEmpty())
                    .map(Listed::id)
                    .toList();
        }
    }

    /** A card and the moves that were sewn when it was made. */
    record MadeCard(int step, BookCard card) {}

    /** Books not removed whose name or purpose holds the text, the last changed first; in one question to the database. */
    Part part(String find, boolean onShelf, int from, int most) {
        Condition wanted =
                BOOK.REMOVED_AT.isNull().and(BOOK.ON_SHELF.eq(onShelf)).and(matching(find));
        Field<Integer> all = count().over();
        Result<Record3<UUID, JSONB, Integer>> rows = database.select(BOOK.ID, BOOK_CARD.CARD, all)
                .from(BOOK)
                .leftJoin(SEWING_PLACE)
                .on(SEWING_PLACE.BOOK_ID.eq(BOOK.ID))
                .leftJoin(BOOK_CARD)
                .on(
                        BOOK_CARD.BOOK_ID.eq(BOOK.ID),
                        BOOK_CARD.VERSION.eq(BOOK.VERSION),
                        BOOK_CARD.ON_SHELF.eq(BOOK.ON_SHELF),
                        BOOK_CARD.STEP.eq(BookStore.STEP),
                        BOOK_CARD.RULES.eq(rules))
                .where(wanted)
                .orderBy(BOOK.CHANGED_AT.desc(), BOOK.ID)
                .limit(most)
                .offset(from)
                .fetch();
        return new Part(
                rows.map(row -> new Listed(
                        row.value1(), Optional.ofNullable(row.value2()).map(JSONB::data))),
                rows.isEmpty()
                        ? (from == 0 ? 0 : database.fetchCount(BOOK, wanted))
                        : rows.get(0).value3());
    }

    /** A card as it is sent. */
    String written(BookCard card) {
        return json.writeValueAsString(card);
    }

    private static Condition matching(String find) {
        if (find.isBlank()) {
            return DSL.trueCondition();
        }
        String pattern =
                "%" + find.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
        return BOOK.NAME
                .likeIgnoreCase(pattern, '\\')
                .or(DSL.exists(DSL.selectOne()
                        .from(REVISION)
                        .where(
                                REVISION.BOOK_ID.eq(BOOK.ID),
                                REVISION.NUMBER.eq(BOOK.HEAD),
                                DSL.jsonbGetAttributeAsText(REVISION.DOCUMENT, "purpose")
                                        .likeIgnoreCase(pattern, '\\'))));
    }

    /** Keeps cards; of a book that is gone meanwhile none is kept. */
    void keep(List<MadeCard> made) {
        database.batch(made.stream()
                        .map(one -> {
                            BookCard card = one.card();
                            JSONB text = JSONB.valueOf(written(card));
                            return database.insertInto(
                                            BOOK_CARD,
                                            BOOK_CARD.BOOK_ID,
                                            BOOK_CARD.VERSION,
                                            BOOK_CARD.STEP,
                                            BOOK_CARD.ON_SHELF,
                                            BOOK_CARD.RULES,
                                            BOOK_CARD.CARD)
                                    .select(database.select(
                                                    BOOK.ID,
                                                    val(card.version()),
                                                    val(one.step()),
                                                    val(card.onShelf()),
                                                    val(rules),
                                                    val(text))
                                            .from(BOOK)
                                            .where(BOOK.ID.eq(card.id())))
                                    .onConflict(BOOK_CARD.BOOK_ID)
                                    .doUpdate()
                                    .set(BOOK_CARD.VERSION, card.version())
                                    .set(BOOK_CARD.STEP, one.step())
                                    .set(BOOK_CARD.ON_SHELF, card.onShelf())
                                    .set(BOOK_CARD.RULES, rules)
                                    .set(BOOK_CARD.CARD, text);
                        })
                        .toList())
                .execute();
    }
}
