package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.mmIfAny;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.gathering.SplitWish;
import itomichi.measure.Length;
import itomichi.spec.GatherWish;
import itomichi.spec.GatherWish.RecipeSheet;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** How sheets are gathered, in documents and in specs. */
final class GatheringDocuments {

    private GatheringDocuments() {}

    static GatherWish gathering(BookDocument.Gathering gathering) {
        BookDocument.Wish wish = given("gathering.wish", gathering.wish());
        @Nullable Integer signatures = gathering.signatures();
        return new GatherWish(
                signatures == null
                        ? Optional.empty()
                        : Optional.of(new GatherWish.Chosen(
                                signatures, gathering.filled(), Optional.ofNullable(gathering.filledTo()))),
                new SplitWish(
                        wish.odd(),
                        Optional.ofNullable(wish.signatures()),
                        Optional.ofNullable(wish.sheetsEach()),
                        Optional.ofNullable(wish.mostSheets()),
                        wish.endpapersApart()),
                given("gathering.pressing", gathering.pressing()),
                given("gathering.back", gathering.back()),
                mm("gathering.pasteInsMm", gathering.pasteInsMm()),
                whole("gathering.recipes", given("gathering.recipes", gathering.recipes())).stream()
                        .map(GatheringDocuments::recipe)
                        .toList(),
                heights(whole("gathering.unlike", given("gathering.unlike", gathering.unlike()))));
    }

    private static Map<Integer, Length> heights(List<BookDocument.Unlike> unlike) {
        Map<Integer, Length> heights = new TreeMap<>();
        for (BookDocument.Unlike one : unlike) {
            if (heights.put(one.signature(), mm("gathering.unlike", one.heightMm())) != null) {
                throw new UnfitValueException(
                        "gathering.unlike", "Signature " + one.signature() + " is named twice; once is enough.");
            }
        }
        return heights;
    }

    private static List<RecipeSheet> recipe(List<BookDocument.RecipeSheet> recipe) {
        return whole("gathering.recipes", recipe).stream()
                .map(sheet -> new RecipeSheet(
                        sheet.paper(),
                        mmIfAny("gathering.recipes", sheet.firstMm()),
                        mmIfAny("gathering.recipes", sheet.secondMm())))
                .toList();
    }

    static BookDocument.Gathering changed(GatherWish gathering) {
        SplitWish wish = gathering.wish();
        return new BookDocument.Gathering(
                gathering.chosen().map(GatherWish.Chosen::signatures).orElse(null),
                gathering.chosen().map(GatherWish.Chosen::filled).orElse(false),
                gathering.chosen().flatMap(GatherWish.Chosen::sheetsEach).orElse(null),
                new BookDocument.Wish(
                        wish.odd(),
                        wish.signatures().orElse(null),
                        wish.sheetsEach().orElse(null),
                        wish.mostSheets().orElse(null),
                        wish.endpapersApart()),
                gathering.pressing(),
                gathering.back(),
                gathering.pasteIns().mm(),
                gathering.recipes().stream()
                        .map(recipe -> recipe.stream()
                                .map(sheet -> new BookDocument.RecipeSheet(
                                        sheet.paper(),
                                        sheet.first().map(Length::mm).orElse(null),
                                        sheet.second().map(Length::mm).orElse(null)))
                                .toList())
                        .toList(),
                gathering.heights().entrySet().stream()
                        .map(one -> new BookDocument.Unlike(
                                one.getKey(), one.getValue().mm()))
                        .toList());
    }
}
