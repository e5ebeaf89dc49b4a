package itomichi.plan;

import itomichi.gathering.Pressing;
import itomichi.gathering.SplitWish;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a binder wants sheets gathered.
 *
 * @param chosen the split that was settled on; nothing where the best is to be taken
 * @param wish what is preferred of a split
 * @param pressing how long the signatures are pressed
 * @param twoOn whether two signatures share each length of thread
 * @param pasteIns thickness of what is to be pasted in, all of it together
 * @param recipes what lies in a signature, sheet by sheet; several are taken in turn through the book; none where every sheet is alike
 * @param heights of signatures that are not as high as the leaf, by their number from 1
 */
public record Gathering(
        Optional<Chosen> chosen,
        SplitWish wish,
        Pressing pressing,
        boolean twoOn,
        Length pasteIns,
        List<List<RecipeSheet>> recipes,
        Map<Integer, Length> heights) {

    /** Nothing chosen, nothing preferred. */
    public static final Gathering PLAIN = new Gathering(
            Optional.empty(), SplitWish.NONE, Pressing.OVERNIGHT, false, Length.ZERO, List.of(), Map.of());

    private static final int MOST_SHEETS = 60;
    private static final int MOST_RECIPES = 200;
    private static final int MOST_SIGNATURES = itomichi.gathering.Form.MOST_SIGNATURES;

    public Gathering {
        recipes = recipes.stream().map(List::copyOf).toList();
        heights = Collections.unmodifiableMap(new TreeMap<>(heights));
    }

    /**
     * A split that was settled on.
     *
     * @param signatures how many
     * @param filled whether signatures are filled up with blank pages so that all are alike
     */
    public record Chosen(int signatures, boolean filled) {}

    /**
     * A sheet of a recipe.
     *
     * @param paper which of the book's papers, from 0
     * @param first width of the leaf before the fold; nothing where it is as wide as the others
     * @param second width of the leaf after the fold
     */
    public record RecipeSheet(int paper, Optional<Length> first, Optional<Length> second) {}

    void check(int papers, Unit unit) {
        chosen.ifPresent(split -> signatures("gathering.signatures", split.signatures()));
        wish.signatures().ifPresent(number -> signatures("gathering.wish.signatures", number));
        wish.sheetsEach()
                .ifPresent(
                        number -> Limits.number("gathering.wish.sheetsEach", "A signature", number, 1, 100, " sheets"));
        wish.mostSheets()
                .ifPresent(
                        number -> Limits.number("gathering.wish.mostSheets", "A signature", number, 1, 100, " sheets"));
        Limits.length("gathering.pasteInsMm", "Room for paste-ins", pasteIns, 0, 200, unit);
        heights(unit);
        Limits.number("gathering.recipes", "A book", recipes.size(), 0, MOST_RECIPES, " recipes");
        for (List<RecipeSheet> recipe : recipes) {
            Limits.number("gathering.recipes", "A recipe", recipe.size(), 1, MOST_SHEETS, " sheets");
            for (RecipeSheet sheet : recipe) {
                if (sheet.paper() < 0 || sheet.paper() >= papers) {
                    throw new UnfitValueException(
                            "gathering.recipes",
                            "A sheet is of paper " + (sheet.paper() + 1) + "; the book has " + papers + ".");
                }
                sheet.first().ifPresent(width -> leaf(width, unit));
                sheet.second().ifPresent(width -> leaf(width, unit));
            }
        }
    }

    private void heights(Unit unit) {
        heights.forEach((number, height) -> {
            Limits.number("gathering.unlike", "A signature’s number", number, 1, MOST_SIGNATURES, "");
            Limits.length("gathering.unlike", "A signature’s height", height, 20, 1200, unit);
        });
    }

    private static void signatures(String field, int number) {
        Limits.number(field, "A book", number, 1, MOST_SIGNATURES, " signatures");
    }

    private static void leaf(Length width, Unit unit) {
        Limits.length("gathering.recipes", "A leaf", width, 10, 2400, unit);
    }

    public Gathering withChosen(Optional<Chosen> other) {
        return new Gathering(other, wish, pressing, twoOn, pasteIns, recipes, heights);
    }

    public Gathering withTwoOn(boolean other) {
        return new Gathering(chosen, wish, pressing, other, pasteIns, recipes, heights);
    }

    public Gathering withPressing(Pressing other) {
        return new Gathering(chosen, wish, other, twoOn, pasteIns, recipes, heights);
    }

    public Gathering withPasteIns(Length other) {
        return new Gathering(chosen, wish, pressing, twoOn, other, recipes, heights);
    }

    public Gathering withWish(SplitWish other) {
        return new Gathering(chosen, other, pressing, twoOn, pasteIns, recipes, heights);
    }

    public Gathering withRecipes(List<List<RecipeSheet>> other) {
        return new Gathering(chosen, wish, pressing, twoOn, pasteIns, other, heights);
    }

    public Gathering withHeights(Map<Integer, Length> other) {
        return new Gathering(chosen, wish, pressing, twoOn, pasteIns, recipes, other);
    }
}
