package itomichi.server.supply;

import itomichi.cover.PieceStuff;
import itomichi.measure.Length;
import itomichi.plan.UsedUp;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.supply.Cuttings.Cutting;
import itomichi.server.supply.Cuttings.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Gathers what several books want, thing by thing. */
final class Needs {

    private final DrawerService drawers;
    private final Cuttings cuttings;
    private final Map<UUID, Counted> counted = new LinkedHashMap<>();
    private final Map<Elsewhere, Counted> elsewhere = new LinkedHashMap<>();
    private final Map<UUID, ToCut> toCut = new LinkedHashMap<>();
    private final List<Open> open = new ArrayList<>();
    private final Map<UUID, Optional<StockThing>> things = new HashMap<>();

    Needs(DrawerService drawers, Cuttings cuttings) {
        this.drawers = drawers;
        this.cuttings = cuttings;
    }

    /** Something that is counted. */
    private static final class Counted {
        private final Set<String> books = new LinkedHashSet<>();
        private double number;

        private void add(StoredBook book, double more) {
            books.add(book.document().name());
            number += more;
        }
    }

    /** Something that is in no drawer. */
    private record Elsewhere(String name, Optional<Length> width, String unit) {}

    /** Pieces that are cut from one thing. */
    private static final class ToCut {
        private final Set<UUID> books = new LinkedHashSet<>();
        private final Set<String> names = new LinkedHashSet<>();
        private final List<Piece> pieces = new ArrayList<>();
    }

    /** A stuff whose sheets are not settled. */
    record Open(UUID book, String name, PieceStuff stuff) {}

    /**
     * How much is wanted of something.
     *
     * @param thing where it lies; nothing of what is in no drawer
     * @param width of what is bought by the length
     * @param number how much, in the unit
     */
    record Need(
            Optional<StockThing> thing,
            String name,
            Optional<Length> width,
            double number,
            String unit,
            List<String> books,
            List<String> missing) {

        /** What is to be bought; nothing where it is not known how much there is. */
        double lacking() {
            return thing.flatMap(StockThing::have)
                    .map(have -> Math.max(0, Math.round((number - have) * 10) / 10.0))
                    .orElse(0.0);
        }
    }

    /** What is cut from one thing for several books. */
    record Table(StockThing thing, List<UUID> books, List<Piece> pieces, Cutting cutting) {}

    /** All that is wanted, worked out. */
    record Worked(List<Need> needs, List<Table> tables, List<Open> open) {}

    void paper(StoredBook book, BookDocument.Paper paper, int sheets) {
        counted(book, paper.drawerId(), paper.name(), sheets, "sheets");
    }

    void thread(StoredBook book, StageUses.OfThread thread) {
        counted(book, thread.thing(), thread.name(), thread.metres(), "m");
    }

    void whole(StoredBook book, StockThing thing, double number) {
        counted(book, thing.id(), thing.name(), number, thing.unit());
    }

    private void counted(StoredBook book, @Nullable UUID thing, String name, double number, String unit) {
        if (thing == null || thing(thing).isEmpty()) {
            elsewhere(book, new Elsewhere(name, Optional.empty(), unit), number);
        } else {
            counted.computeIfAbsent(thing, none -> new Counted()).add(book, number);
        }
    }

    /** The thing of a drawer, if it is there; looked for once, however many books want of it. */
    Optional<StockThing> thing(UUID id) {
        return things.computeIfAbsent(id, drawers::stock);
    }

    void length(StoredBook book, UsedUp.LengthUse length) {
        elsewhere(
                book,
                new Elsewhere(length.name(), Optional.of(length.width()), "m"),
                StageUses.metres(length.length().mm()));
    }

    private void elsewhere(StoredBook book, Elsewhere what, double number) {
        elsewhere.computeIfAbsent(what, none -> new Counted()).add(book, number);
    }

    void unsettled(StoredBook book, PieceStuff stuff) {
        Open one = new Open(book.id(), book.document().name(), stuff);
        if (!open.contains(one)) {
            open.add(one);
        }
    }

    void piece(StoredBook book, PieceStuff stuff, UUID thing, UsedUp.PieceUse piece) {
        ToCut one = toCut.computeIfAbsent(thing, none -> new ToCut());
        one.books.add(book.id());
        one.names.add(book.document().name());
        String kind = KindStuffs.name(book.document(), piece.kind());
        one.pieces.add(new Piece(
                stuff,
                piece.name() + ", " + book.document().name() + (kind.isEmpty() ? "" : " (" + kind + ")"),
                piece.demand()));
    }

    Worked worked() {
        List<Need> needs = new ArrayList<>();
        Map<UUID, Table> tables = new LinkedHashMap<>();
        toCut.keySet().forEach(id -> table(id).ifPresent(table -> tables.put(id, table)));
        Set<UUID> wanted = new LinkedHashSet<>(counted.keySet());
        wanted.addAll(toCut.keySet());
        for (UUID id : wanted) {
            thing(id).ifPresent(thing -> needs.add(need(thing, Optional.ofNullable(tables.get(id)))));
        }
        elsewhere.forEach((what, one) -> needs.add(new Need(
                Optional.empty(),
                what.name(),
                what.width(),
                Math.round(one.number * 10) / 10.0,
                what.unit(),
                List.copyOf(one.books),
                List.of())));
        return new Worked(needs, List.copyOf(tables.values()), open);
    }

    /** What is cut from one thing; nothing where nothing is, or the size of its sheets is not known. */
    Optional<Table> table(UUID id) {
        ToCut cut = toCut.get(id);
        return cut == null
                ? Optional.empty()
                : thing(id)
                        .flatMap(thing -> cuttings.cut(thing, cut.pieces)
                                .map(cutting -> new Table(thing, List.copyOf(cut.books), cut.pieces, cutting)));
    }

    /** What is wanted of a thing whole, and what is cut from it: both come out of one drawer. */
    private Need need(StockThing thing, Optional<Table> table) {
        Counted whole = counted.getOrDefault(thing.id(), new Counted());
        ToCut cut = toCut.getOrDefault(thing.id(), new ToCut());
        Optional<Cutting> cutting = table.map(Table::cutting);
        Set<String> books = new LinkedHashSet<>(whole.books);
        books.addAll(cut.names);
        return new Need(
                Optional.of(thing),
                thing.name(),
                Optional.empty(),
                whole.number + cutting.map(one -> one.plan().taken(0)).orElse(0),
                thing.unit(),
                List.copyOf(books),
                cutting.map(Needs::missing)
                        .orElseGet(() -> cut.pieces.stream().map(Piece::whose).toList()));
    }

    /** What does not come out of any sheet. */
    static List<String> missing(Cutting cutting) {
        List<String> missing = new ArrayList<>();
        for (int i = 0; i < cutting.wanted().size(); i++) {
            if (cutting.plan().missing().get(i) > 0) {
                missing.add(cutting.wanted().get(i));
            }
        }
        return missing;
    }
}
