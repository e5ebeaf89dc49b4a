package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A newcomer with a stack of paper: 32 pages, A5, 120 g/m2, from the empty table to the knot. */
public class FirstPamphletTest extends Journey {

    @Test
    public void fromPageCountToTheKnotWithTheMouse() {
        Page page = window();
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin a book"))
                .click();
        page.getByLabel("Name", exactly()).fill("My first pamphlet");
        page.getByLabel("Pages", exactly()).fill("32");
        page.getByLabel("Paper weight").fill("120 gsm");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Begin").setExact(true))
                .click();

        BookScreen book = new BookScreen(page);
        book.shows("Sheets to fold", "8")
                .shows("Sheet, unfolded", "296 mm × 210 mm")
                .shows("Stations", "5, 42.5 mm apart");
        book.press("Settle this")
                .press("Sheets are cut")
                .press("Folded and nested")
                .press("Pages are in order")
                .press("Settle the stations");
        assertThat(page.getByAltText(Pattern.compile("template sheet"))).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the PDF to print")))
                .hasAttribute("href", Pattern.compile("/template\\.pdf\\?.*paper=A4"));
        book.press("Holes are punched").press("Thread is cut");

        page.getByText("Sew, move by move").click();
        for (int move = 1; move <= 9; move++) {
            assertThat(page.getByText("Move " + move + " of 9")).isVisible();
            page.getByText("Next move").click();
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It is sewn"))
                .click();
        assertThat(page.getByText("Sewn.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        book.press("On to cover").press("The cover is on").press("It is finished");
        assertThat(page.getByText("Finished.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        book.kept(11);
        page.getByText("Bench").first().click();
        assertThat(page.getByText("Finished. Put it on the shelf.").first()).isVisible();
    }

    @Test
    public void theSameRoadWithTheKeyboardAlone() {
        Page page = window();
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("On the bench")))
                .isVisible();
        page.keyboard().press("n");
        assertThat(page.getByLabel("Name", exactly())).isFocused();
        page.keyboard().type("By keys alone");
        page.keyboard().press("Tab");
        page.keyboard().press("Control+A");
        page.keyboard().type("32");
        page.keyboard().press("Enter");

        BookScreen book = new BookScreen(page);
        book.shows("Sheets to fold", "8");
        int revision = 1;
        for (String settled : new String[] {
            "Settle this",
            "Sheets are cut",
            "Folded and nested",
            "Pages are in order",
            "Settle the stations",
            "Holes are punched",
            "Thread is cut"
        }) {
            tabTo(page, settled);
            page.keyboard().press("Enter");
            book.kept(++revision);
        }
        tabTo(page, "Sew, move by move");
        page.keyboard().press("Enter");
        String[] keys = {"Space", "Enter", "ArrowRight", "PageDown", "Space", "Space", "Space", "Space", "Space"};
        for (int move = 1; move <= 9; move++) {
            assertThat(page.getByText("Move " + move + " of 9")).isVisible();
            page.keyboard().press(keys[move - 1]);
        }
        tabTo(page, "It is sewn");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Sewn.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    /** Whoever types faster than the first answer comes presses Enter once: the book is begun when the answer is there. */
    @Test
    public void fastFingersBeginABookOnce() {
        Page page = window();
        AtomicReference<Route> held = new AtomicReference<>();
        page.route("**/api/books/new*", held::set);
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("On the bench")))
                .isVisible();
        page.keyboard().press("n");
        page.getByLabel("Name", exactly()).fill("Fast fingers");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> held.get() != null);
        held.get().resume();
        new BookScreen(page).shows("Sheets to fold", "8");
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static void tabTo(Page page, String text) {
        assertThat(page.getByText(text).first()).isVisible();
        for (int presses = 0; presses < 80; presses++) {
            if (String.valueOf(page.evaluate("document.activeElement.textContent"))
                    .startsWith(text)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("“" + text + "” is not reached with Tab");
    }
}
