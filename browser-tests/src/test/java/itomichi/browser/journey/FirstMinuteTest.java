package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Somebody who has read nothing: from the bench to a template on paper, and a line at every stage that says what hands do. */
public class FirstMinuteTest extends Journey {

    private static final int FEW = 12;
    /** Counts presses and keys as hands make them, in the page itself. */
    private static final String COUNT = "window.inputs = 0;"
            + "for (const made of ['pointerdown', 'keydown'])"
            + "  addEventListener(made, () => window.inputs++, true);";

    @Test
    public void aTemplateIsOnPaperWithinTwelveInputs() {
        Page page = window();
        page.addInitScript(COUNT);
        page.navigate("/");
        press(page, "Begin a book");
        page.getByText("nothing yet: a first pamphlet").click();
        press(page, "Begin");
        for (String said : new String[] {
            "Settle this", "Sheets are cut", "Folded and nested", "Pages are in order", "Settle the stations"
        }) {
            assertThat(line(page)).containsText("Then press “" + said + "”");
            press(page, said);
        }
        assertThat(line(page)).containsText("Print the template and punch");
        assertThat(page.getByAltText(Pattern.compile("template sheet"))).isVisible();
        page.waitForPopup(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the PDF to print"))
                        .click());
        int inputs = ((Number) page.evaluate("() => window.inputs")).intValue();
        assertTrue(inputs >= 9 && inputs <= FEW, inputs + " inputs");
    }

    @Test
    public void linesThatShowTheWayArePutAwayForEver() {
        Page page = window();
        page.navigate("/?begin=first");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Without words");
        press(page, "Begin");
        assertThat(line(page)).isVisible();
        press(page, "Put these lines away");
        assertThat(line(page)).hasCount(0);
        page.reload();
        new BookScreen(page).stage("Paper");
        assertThat(line(page)).hasCount(0);
    }

    @Test
    public void aBookBegunOtherwiseIsNotTalkedOver() {
        Page page = window();
        BookScreen.open(page, prepare.begin("Well known").id(), "paper");
        assertThat(line(page)).hasCount(0);
    }

    @Test
    public void theSewingOfAFirstPamphletSaysHowItGoesOn() {
        Page page = window();
        page.navigate("/?begin=first");
        press(page, "Begin");
        page.waitForURL(Pattern.compile("/books/"));
        page.navigate(page.url().replaceAll("/purpose.*", "/sewing"));
        assertThat(line(page)).containsText("Next move");
    }

    private static com.microsoft.playwright.Locator line(Page page) {
        return page.getByLabel("Shown the way");
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
