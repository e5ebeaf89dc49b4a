package itomichi.server.document;

import static itomichi.server.document.Checked.mmIfAny;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.cover.CoverChoices;
import itomichi.measure.Length;
import itomichi.spec.CoverWish;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
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
                Set.copyOf(whole("covering.ticked", given("covering.ticked", covering.ticked()))));
    }

    static BookDocument.Covering document(CoverWish wish) {
        CoverWish.Measured block = wish.measured();
        return new BookDocument.Covering(
                wish.kind().isEmpty() ? null : wish.kind(),
                new TreeMap<>(wish.choices().numbers()),
                new TreeMap<>(wish.choices().schools()),
                new BookDocument.Measured(
                        mm(block.height()),
                        mm(block.width()),
                        mm(block.spine()),
                        mm(block.foreEdge()),
                        mm(block.board())),
                List.copyOf(new TreeSet<>(wish.ticked())));
    }

    private static @Nullable Double mm(Optional<Length> length) {
        return length.map(Length::mm).orElse(null);
    }

    private static <V> Map<String, V> valued(String field, Map<String, V> values) {
        values.forEach((key, value) -> given(field + "." + key, value));
        return values;
    }
}
