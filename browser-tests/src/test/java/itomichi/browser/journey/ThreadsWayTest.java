package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every demo book is sewn to its end, a wrong stitch made on purpose and recovered on the way. */
public class ThreadsWayTest extends Journey {

    private static final Pattern COUNT = Pattern.compile("Move (\\d+) of (\\d+)");

    @DataProvider
    Object[][] demos() {
        return new Object[][] {
            {"Prompt book"},
            {"Cue slips"},
            {"Fly-loft"},
            {"Shadow figures"},
            {"Costume swatches"},
            {"Programme"},
            {"Scene diary"},
        };
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Page sewing(String book) {
        Page page = window();
        page.navigate("/books/" + prepare.demo(book) + "/sewing");
        assertThat(page.locator(".sewing-move")).isVisible();
        return page;
    }

    private static int moves(Page page) {
        Matcher count = COUNT.matcher(page.locator(".sewing-count").innerText());
        assertTrue(count.find(), page.locator(".sewing-count").innerText());
        return Integer.parseInt(count.group(2));
    }

    @Test(dataProvider = "demos")
    public void aDemoBookIsSewnToItsEndWithAWrongStitchRecovered(String book) {
        Page page = sewing(book);
        int moves = moves(page);
        for (int move = 0; move < Math.min(4, moves - 2); move++) {
            page.keyboard().press("Space");
        }
        button(page, "I am somewhere else").click();
        // past every other hole to the far end: wrong in every one of these books
        Locator holes = page.getByRole(
                        AriaRole.GROUP, new Page.GetByRoleOptions().setName("Holes the needle went through"))
                .getByRole(AriaRole.BUTTON);
        holes.last().click();
        holes.first().click();
        Locator way = page.locator(".lost-way .sewing-move");
        assertThat(way).containsText(Pattern.compile("Take the thread back|Go on by another way|right ones"));
        page.locator(".lost-acts .ant-btn-primary").click();
        assertThat(page.locator(".lost")).hasCount(0);
        // a press more than there are moves does nothing
        for (int press = 0; press < moves + 2; press++) {
            page.keyboard().press("PageDown");
        }
        assertThat(page.locator(".sewing-count")).containsText(Pattern.compile("All \\d+ moves are sewn"));
    }

    @Test(dataProvider = "demos")
    public void aDemoBookShowsItsThreadAndPrintsItsStepSheet(String book) {
        Page page = window();
        String path = "/books/" + prepare.demo(book);
        page.navigate(path + "/thread");
        assertThat(page.getByText("Replay slowly")).isVisible();
        assertThat(page.locator(".as-sewn > svg")).isVisible();
        page.navigate(path + "/sew");
        Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print the step sheet"));
        var sheet = page.request().get(link.getAttribute("href"));
        assertEquals(sheet.status(), 200);
        assertTrue(new String(sheet.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII).startsWith("%PDF"));
    }

    @Test
    public void theWorkIsShownAsItLiesWhenASignatureIsSewn() {
        Book book = prepare.beginLinked("Lying", 6, 5, 0);
        Page page = window();
        page.navigate("/books/" + book.id() + "/sew");
        button(page, "After").click();
        assertThat(page.getByText("When signature 2 is sewn")).isVisible();
        String last = page.locator(".sew-moves .sew-number").last().textContent();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("; " + last + " of ")))
                .isVisible();
    }

    @Test
    public void theReplayStopsWhereItIsHeldAndTheSpineTurnsInSpace() {
        Page page = window();
        page.navigate("/books/" + prepare.demo("Prompt book") + "/thread");
        button(page, "Replay slowly").click();
        assertThat(page.locator(".replay-count")).hasText(Pattern.compile("^[1-9] of"));
        button(page, "Hold").click();
        button(page, "See it in space").click();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("in space"))))
                .isVisible();
    }

    @Test
    public void aWayOfSewingIsChosenBesideTheOthersAndUndone() {
        Book book = prepare.beginBound("Ways", "Long stitch", 32);
        Page page = window();
        page.navigate("/books/" + book.id() + "/thread");
        button(page, "Sew it so: there and back").click();
        assertThat(page.locator(".variant-chosen h3")).hasText("there and back");
        page.keyboard().press("Control+z");
        assertThat(page.locator(".variant-chosen h3")).hasText("single pass, climbing at the ends");
    }

    @Test
    public void aLearnerIsToldWhatAWrongHoleWouldDoAndWhatGaveTrouble() {
        Book book = prepare.begin("Learning");
        Page page = window();
        page.navigate("/books/" + book.id() + "/rehearsal");
        assertThat(page.getByText("Move 1 of 9")).isVisible();
        page.keyboard().press("3");
        assertThat(page.getByText("Move 2 of 9")).isVisible();
        button(page, "Through hole 1").click();
        assertThat(page.locator(".rehearsal-wrong")).containsText("long and loose on the outside");
        assertThat(page.locator(".rehearsal-troubles li")).containsText("Missed 1 of 1");
        // the hole itself, in the drawing
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Hole 2").setExact(true))
                .first()
                .press("Enter");
        assertThat(page.getByText("Move 3 of 9")).isVisible();
    }

    @Test
    public void aThreadIsTakenFromTheDrawerByItsReasons() {
        Book book = prepare.begin("Threads");
        Page page = window();
        page.navigate("/books/" + book.id() + "/thread");
        Locator shelf = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Threads in the drawer"));
        assertThat(shelf).containsText("left on the spool");
        button(page, "Take Linen 40/3").click();
        assertThat(page.getByLabel("Thread", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Linen 40/3");
    }
}
