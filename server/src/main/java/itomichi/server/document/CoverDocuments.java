package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.mmIfAny;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.cover.CoverChoices;
import itomichi.cover.CoverStock;
import itomichi.cover.PieceStuff;
import itomichi.measure.Length;
import itomichi.spec.CoverWish;
import itomichi.spec.UnfitValueException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** How a book is covered, as it travels and as it is planned with. */
final class CoverDocuments {

    private CoverDocuments() {}

    static CoverWish covering(BookDocument.Covering covering) {
        BookDocument.Measured block = given("covering.block", covering.block());
        return new CoverWish(
                Optional.ofNullable(covering.kind()).orElse(""),
                new CoverChoices(
                        valued("covering.numbers", given("covering.numbers", covering.numbers())),
                        valued("covering.schools", given("covering.schools", covering.schools()))),
                new CoverWish.Measured(
                        mmIfAny("covering.block.heightMm", block.heightMm()),
                        mmIfAny("covering.block.widthMm", block.widthMm()),
                        mmIfAny("covering.block.spineMm", block.spineMm()),
                        mmIfAny("covering.block.foreEdgeMm", block.foreEdgeMm()),
                        mmIfAny("covering.block.boardMm", block.boardMm())),
                stocks("covering.stocks", covering.stocks()),
                Set.copyOf(whole("covering.ticked", given("covering.ticked", covering.ticked()))));
    }

    /** Sheets that pieces are cut from, one for each stuff. */
    static Map<PieceStuff, CoverStock> stocks(String field, List<BookDocument.CoverStock> sent) {
        Map<PieceStuff, CoverStock> all = new EnumMap<>(PieceStuff.class);
        for (BookDocument.CoverStock stock : whole(field, given(field, sent))) {
            PieceStuff stuff = given(field + ".stuff", stock.stuff());
            CoverStock before = all.put(
                    stuff,
                    new CoverStock(
                            given(field + ".name", stock.name()).strip(),
                            mm(field + ".widthMm", stock.widthMm()),
                            mm(field + ".heightMm", stock.heightMm()),
                            given(field + ".grain", stock.grain())));
            if (before != null) {
                throw new UnfitValueException(
                        field, "Read two sheets to cut " + stuff.words() + " from; one is wanted.");
            }
        }
        return all;
    }

    /** The sheets as they are planned with; where they lie in the drawers is told by the document before. */
    static List<BookDocument.CoverStock> stocks(
            Map<PieceStuff, CoverStock> stocks, List<BookDocument.CoverStock> before) {
        return new TreeMap<>(stocks)
                .entrySet().stream()
                        .map(entry -> new BookDocument.CoverStock(
                                entry.getKey(),
                                entry.getValue().name(),
                                entry.getValue().width().mm(),
                                entry.getValue().height().mm(),
                                entry.getValue().grain(),
                                known(before, entry.getKey(), BookDocument.CoverStock::colour),
                                known(before, entry.getKey(), BookDocument.CoverStock::drawerId)))
                        .toList();
    }

    private static <T> @Nullable T known(
            List<BookDocument.CoverStock> before,
            PieceStuff stuff,
            Function<BookDocument.CoverStock, @Nullable T> what) {
        for (BookDocument.CoverStock stock : before) {
            if (stock.stuff() == stuff) {
                return what.apply(stock);
            }
        }
        return null;
    }

    static BookDocument.Covering document(CoverWish wish, List<BookDocument.CoverStock> before) {
        CoverWish.Measured block = wish.measured();
        return new BookDocument.Covering(
                wish.kind().isEmpty() ? null : wish.kind(),
                new TreeMap<>(wish.choices().numbers()),
                new TreeMap<>(wish.choices().schools()),
                new BookDocument.Measured(
                        told(block.height()),
                        told(block.width()),
                        told(block.spine()),
                        told(block.foreEdge()),
                        told(block.board())),
                stocks(wish.stocks(), before),
                List.copyOf(new TreeSet<>(wish.ticked())));
    }

    private static @Nullable Double told(Optional<Length> length) {
        return length.map(Length::mm).orElse(null);
    }

    private static <V> Map<String, V> valued(String field, Map<String, V> values) {
        values.forEach((key, value) -> given(field + "." + key, value));
        return values;
    }
}
