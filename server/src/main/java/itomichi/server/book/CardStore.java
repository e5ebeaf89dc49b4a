package itomichi.server.book;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.BOOK_CARD;
import static itomichi.db.generated.Tables.REVISION;
import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.val;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record2;
import org.jooq.Result;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The cards that stand for books on the bench, kept with them so that a listing plans nothing. */
@Repository
class CardStore {

    private static final Field<Integer> STEP = coalesce(SEWING_PLACE.STEP, inline(0));

    private final DSLContext database;
    private final BookStore books;
    private final JsonMapper json;
    private final String rules = Rules.mark();

    CardStore(DSLContext database, BookStore books, JsonMapper json) {
        this.database = database;
        this.books = books;
        this.json = json;
    }

    /** A book of a listing: its card where that is still true, else the book itself. */
    sealed interface Listed {
        <R> R match(Function<BookCard, R> card, Function<StoredBook, R> book);
    }

    private record WithCard(BookCard card) implements Listed {
        @Override
        public <R> R match(Function<BookCard, R> card, Function<StoredBook, R> book) {
            return card.apply(this.card);
        }
    }

    private record WithoutCard(StoredBook book) implements Listed {
        @Override
        public <R> R match(Function<BookCard, R> card, Function<StoredBook, R> book) {
            return book.apply(this.book);
        }
    }

    /**
     * A part of a listing.
     *
     * @param all how many books there are in the whole of it
     */
    record Part(List<Listed> listed, int all) {}

    /** A card and the moves that were sewn when it was made. */
    record MadeCard(int step, BookCard card) {}

    /** Books not removed whose name or purpose holds the text, the last changed first. */
    Part part(String find, boolean onShelf, int from, int most) {
        Condition wanted =
                BOOK.REMOVED_AT.isNull().and(BOOK.ON_SHELF.eq(onShelf)).and(matching(find));
        int all = database.fetchCount(BOOK, wanted);
        Result<Record2<UUID, JSONB>> rows = database.select(BOOK.ID, BOOK_CARD.CARD)
                .from(BOOK)
                .leftJoin(SEWING_PLACE)
                .on(SEWING_PLACE.BOOK_ID.eq(BOOK.ID))
                .leftJoin(BOOK_CARD)
                .on(
                        BOOK_CARD.BOOK_ID.eq(BOOK.ID),
                        BOOK_CARD.VERSION.eq(BOOK.VERSION),
                        BOOK_CARD.ON_SHELF.eq(BOOK.ON_SHELF),
                        BOOK_CARD.STEP.eq(STEP),
                        BOOK_CARD.RULES.eq(rules))
                .where(wanted)
                .orderBy(BOOK.CHANGED_AT.desc(), BOOK.ID)
                .limit(most)
                .offset(from)
                .fetch();
        Map<UUID, StoredBook> without = new HashMap<>();
        books.all(rows.stream()
                        .filter(row -> row.value2() == null)
                        .map(Record2::value1)
                        .toList())
                .forEach(book -> without.put(book.id(), book));
        return new Part(
                rows.stream()
                        .<Listed>map(row -> {
                            StoredBook book = without.get(row.value1());
                            return book == null
                                    ? new WithCard(json.readValue(row.value2().data(), BookCard.class))
                                    : new WithoutCard(book);
                        })
                        .toList(),
                all);
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
                            JSONB text = JSONB.valueOf(json.writeValueAsString(card));
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
