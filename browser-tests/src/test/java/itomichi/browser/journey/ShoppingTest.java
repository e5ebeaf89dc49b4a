package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What a book wants, what the drawers hold of it, what is cut and bought. */
public class ShoppingTest extends Journey {

    private String board(String name, int have) {
        return prepare.lay(
                "BOARDS",
                name,
                Map.of(
                        "widthMm", "700",
                        "heightMm", "1000",
                        "grain", "along its height",
                        "have", Integer.toString(have),
                        "price", "4"));
    }

    /** A case whose boards come from this thing, at its cover. */
    private BookScreen cased(Page page, Book book, String board) {
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        screen.pick("Board from", board).kept(3);
        return screen;
    }

    private static Page shopFor(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("What is to buy, and how it is cut"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Shopping list")))
                .isVisible();
        return page;
    }

    private static Locator row(Page page, String name) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    @Test
    public void aBoardThatLacksIsBoughtAndTheBuyingUndone() {
        String board = board("Bought board", 0);
        Page page = window();
        cased(page, prepare.beginBound("To buy", "Sewn on tapes", 160), board);
        shopFor(page);
        assertThat(row(page, board)).containsText("1\u202fboard");
        assertThat(page.getByText("What lacks costs 4.00")).isVisible();
        press(page, "Bought: 1\u202fboard of " + board);
        assertThat(row(page, board)).containsText("enough there");
        press(page, "Undo: Bought: 1\u202fboard of " + board);
        assertThat(row(page, board)).not().containsText("enough there");
    }

    @Test
    public void whatIsLeftOfACutBoardLiesInTheDrawer() {
        String board = board("Cut board", 2);
        Page page = window();
        cased(page, prepare.beginBound("To cut", "Sewn on tapes", 160), board);
        shopFor(page);
        Locator table = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To cut from " + board));
        assertThat(table).containsText("3 pieces out of 1 new sheet; fewer will not do.");
        press(page, "Cut from " + board);
        assertThat(table).hasCount(0);
        page.navigate("/drawers/boards");
        assertThat(page.getByRole(
                                AriaRole.ROWHEADER,
                                new Page.GetByRoleOptions().setName(Pattern.compile("^" + board + ", \\d+ × \\d+")))
                        .first())
                .isVisible();
    }

    @Test
    public void aStageTakesWhatItUsesAndUndoLaysItBack() {
        String board = board("Stage board", 5);
        Page page = window();
        Book book = prepare.beginBound("To take", "Sewn on tapes", 160);
        BookScreen screen = cased(page, book, board);
        Locator out = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Out of the drawers"));
        assertThat(out).containsText(board + ": 1\u202fboard (5\u202fboards there)");
        screen.press("The cover is on").kept(4);
        screen.stage("Cover");
        assertThat(out).containsText("Taken out of the drawers:");
        page.keyboard().press("Control+z");
        assertThat(out).containsText("(5\u202fboards there)");
        assertEquals(prepare.kept(book).revision(), 3);
    }
}
