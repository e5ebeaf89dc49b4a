package itomichi.spec;

import itomichi.gathering.Form;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.List;

/** How no book's sheets can be gathered. */
final class GatherLimits {

    private static final int MOST_SHEETS = 60;
    private static final int MOST_SHEETS_WISHED = 100;
    private static final int MOST_RECIPES = 200;

    private GatherLimits() {}

    static void check(GatherWish wish, int papers, Unit unit) {
        wish.chosen().ifPresent(split -> {
            signatures("gathering.signatures", split.signatures());
            split.sheetsEach().ifPresent(number -> sheets("gathering.filledTo", number));
        });
        wish.wish().signatures().ifPresent(number -> signatures("gathering.wish.signatures", number));
        wish.wish().sheetsEach().ifPresent(number -> sheets("gathering.wish.sheetsEach", number));
        wish.wish().mostSheets().ifPresent(number -> sheets("gathering.wish.mostSheets", number));
        Limits.length("gathering.pasteInsMm", "Room for paste-ins", wish.pasteIns(), 0, 200, unit);
        wish.heights().forEach((number, height) -> {
            Limits.number("gathering.unlike", "A signature’s number", number, 1, Form.MOST_SIGNATURES, "");
            Limits.length("gathering.unlike", "A signature’s height", height, 20, 1200, unit);
        });
        Limits.number("gathering.recipes", "A book", wish.recipes().size(), 0, MOST_RECIPES, " recipes");
        wish.recipes().forEach(recipe -> recipe(recipe, papers, unit));
    }

    private static void recipe(List<GatherWish.RecipeSheet> recipe, int papers, Unit unit) {
        Limits.number("gathering.recipes", "A recipe", recipe.size(), 1, MOST_SHEETS, " sheets");
        for (GatherWish.RecipeSheet sheet : recipe) {
            Limits.paper("gathering.recipes", "A sheet", sheet.paper(), papers);
            sheet.first().ifPresent(width -> leaf(width, unit));
            sheet.second().ifPresent(width -> leaf(width, unit));
        }
    }

    private static void signatures(String field, int number) {
        Limits.number(field, "A book", number, 1, Form.MOST_SIGNATURES, " signatures");
    }

    private static void sheets(String field, int number) {
        Limits.number(field, "A signature", number, 1, MOST_SHEETS_WISHED, " sheets");
    }

    private static void leaf(Length width, Unit unit) {
        Limits.length("gathering.recipes", "A leaf", width, 10, 2400, unit);
    }
}
