package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A pattern drawn by a binder becomes a book that can be sewn. */
public class OwnPatternTest extends Journey {

    private Page page;

    @BeforeMethod
    void openTheGallery() {
        page = window();
        page.navigate("/patterns");
        assertThat(page.locator(".pattern-board")).isVisible();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void stitch(int from, int to) {
        hole(from).press("Enter");
        hole(to).press("Enter");
    }

    private Locator hole(int number) {
        return page.locator(".pattern-board")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHas(page.locator("text")))
                .nth(number - 1);
    }

    private void sews(String face) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("sews " + face))
                .check();
    }

    @Test
    public void drawnHoleByHoleCompletedAndSewn() {
        button("Draw one for a fold").click();
        sews("outside");
        stitch(1, 2);
        stitch(2, 3);
        stitch(3, 4);
        sews("inside");
        stitch(1, 2);
        assertThat(page.locator(".pattern-wants")).containsText("No single thread leaves just these stitches");
        button("Add them").click();
        assertThat(page.locator(".pattern-good")).containsText("One thread sews it");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Drawn in a journey");
        button("Begin a book with it").click();
        assertThat(page.getByText("Replay slowly")).isVisible();
        page.navigate(page.url().replace("/thread", "/sewing"));
        assertThat(page.locator(".sewing-count")).containsText("Move 1 of");
    }

    @Test
    public void aLoneHoleStopsWithTheReason() {
        button("Draw one for the side").click();
        sews("front");
        stitch(1, 2);
        assertThat(page.locator(".pattern-wants")).containsText("Hole 3 holds no thread");
    }

    @Test
    public void keptSharedAsTextAndThrownAway() {
        button("Draw one for a fold").click();
        Locator text = page.locator(".pattern-text");
        text.fill("pattern From a friend\nfold 180\nhole 40\nhole 140\noutside 1-2\ninside 1-2\n");
        button("Read it").click();
        assertThat(page.locator(".pattern-good")).isVisible();
        button("Keep this pattern").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^From a friend"))))
                .isVisible();
        button("Throw it away").click();
        button("Throw it away for good").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^From a friend"))))
                .hasCount(0);
    }

    @Test
    public void aWrittenPathIsReadAsAPattern() {
        button("Draw one for a fold").click();
        Locator text = page.locator(".pattern-text");
        // what was drawn is written there first
        assertThat(text).hasValue(Pattern.compile("hole"));
        text.fill("+2 -1 +3 -2 tie");
        button("Read it").click();
        assertThat(page.locator(".pattern-look .sew-notation")).containsText("+2 -1 +3 -2 tie");
    }

    @Test
    public void aTextWithAFaultSaysLineAndColumnAndStays() {
        Locator text = page.locator(".pattern-text");
        text.fill("pattern Wrong\nfold 180\nhole here\n");
        button("Read it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Line 3, column 6");
        assertThat(text).hasValue("pattern Wrong\nfold 180\nhole here\n");
    }
}
