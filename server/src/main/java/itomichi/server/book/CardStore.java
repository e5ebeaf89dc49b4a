package itomichi.server.book;

import static itomichi.db.generated.Tables.BOOK;
import static itomichi.db.generated.Tables.BOOK_CARD;
import static itomichi.db.generated.Tables.REVISION;
import static itomichi.db.generated.Tables.SEWING_PLACE;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.val;

import itomichi.finding.Stage;
import itomichi.server.plan.LooksView;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record2;
import org.jooq.SelectConditionStep;
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
     * @param stages how many wait at each stage, whichever of them the listing is of
     */
    record Part(List<Listed> listed, int all, Map<Stage, Integer> stages) {}

    /** A card and the moves that were sewn when it was made. */
    record MadeCard(int step, BookCard card) {}

    /**
     * Which books are listed.
     *
     * @param find what their name or purpose holds
     * @param stage the stage that they wait at; of all where there is none
     */
    record Wanted(String find, boolean onShelf, Optional<Stage> stage) {}

    /** Books not removed that are wanted, the last changed first. */
    Part part(Wanted wanted, int from, int most) {
        Condition there = BOOK.REMOVED_AT.isNull().and(BOOK.ON_SHELF.eq(wanted.onShelf()));
        Condition found = there.and(matching(wanted.find()));
        Condition listed =
                wanted.stage().map(one -> found.and(WAITS_AT.eq(one.name()))).orElse(found);
        List<Listed> rows = withCards(listed)
                .orderBy(BOOK.CHANGED_AT.desc(), BOOK.ID)
                .limit(most)
                .offset(from)
                .fetch(CardStore::listed);
        Map<Stage, Integer> stages = stages(found);
        return new Part(
                rows,
                wanted.stage()
                        .map(one -> stages.getOrDefault(one, 0))
                        .orElse(stages.values().stream()
                                .mapToInt(Integer::intValue)
                                .sum()),
                stages);
    }

    /** The books of these ids, removed ones included, in no order. */
    List<Listed> of(Collection<UUID> ids) {
        return withCards(BOOK.ID.in(ids)).fetch(CardStore::listed);
    }

    private SelectConditionStep<Record2<UUID, JSONB>> withCards(Condition wanted) {
        return database.select(BOOK.ID, BOOK_CARD.CARD)
                .from(BOOK)
                .join(REVISION)
                .on(HEAD)
                .leftJoin(SEWING_PLACE)
                .on(SEWING_PLACE.BOOK_ID.eq(BOOK.ID))
                .leftJoin(BOOK_CARD)
                .on(
                        BOOK_CARD.BOOK_ID.eq(BOOK.ID),
                        BOOK_CARD.VERSION.eq(BOOK.VERSION),
                        BOOK_CARD.ON_SHELF.eq(BOOK.ON_SHELF),
                        BOOK_CARD.STEP.eq(BookStore.STEP),
                        BOOK_CARD.RULES.eq(rules))
                .where(wanted);
    }

    private static Listed listed(Record2<UUID, JSONB> row) {
        return new Listed(row.value1(), Optional.ofNullable(row.value2()).map(JSONB::data));
    }

    /** How the book of a card looks. */
    LooksView looks(String card) {
        return json.treeToValue(json.readTree(card).get("looks"), LooksView.class);
    }

    private Map<Stage, Integer> stages(Condition found) {
        Map<Stage, Integer> stages = new EnumMap<>(Stage.class);
        Field<String> waits = WAITS_AT.as("waits");
        database.select(waits, count())
                .from(BOOK)
                .join(REVISION)
                .on(HEAD)
                .where(found)
                .groupBy(waits)
                .forEach(row -> stages.put(Stage.valueOf(row.value1()), row.value2()));
        return stages;
    }

    private static final Condition HEAD = REVISION.BOOK_ID.eq(BOOK.ID).and(REVISION.NUMBER.eq(BOOK.HEAD));

    /** The first stage that is not done, as the plan has it; the last where all are. */
    private static final Field<String> WAITS_AT = waitsAt();

    private static Field<String> waitsAt() {
        Field<String> stage = inline(Stage.FINISH.name());
        List<Stage> stages = new ArrayList<>(List.of(Stage.values()));
        Collections.reverse(stages);
        for (Stage one : stages) {
            stage = DSL.when(isDone(one).not(), inline(one.name())).otherwise(stage);
        }
        return stage;
    }

    /** Whether a stage is done in the revision that is looked at. */
    static Condition isDone(Stage stage) {
        return DSL.condition(
                "jsonb_exists({0}, {1})", DSL.jsonbGetAttribute(REVISION.DOCUMENT, "done"), inline(stage.name()));
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
                .or(DSL.jsonbGetAttributeAsText(REVISION.DOCUMENT, "purpose").likeIgnoreCase(pattern, '\\'));
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
