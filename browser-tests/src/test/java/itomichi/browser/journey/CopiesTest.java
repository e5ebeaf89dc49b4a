package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** An edition of twelve, from the number of copies to slips, with one spoilt on the way. */
public class CopiesTest extends Journey {

    private Page twelve() {
        Page page = window();
        page.navigate("/books/" + prepare.begin("Cues").id() + "/purpose");
        fill(page, "Copies", "12");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("12 copies"))
                .click();
        grid(page).waitFor();
        return page;
    }

    private static Locator grid(Page page) {
        return page.locator(".copies-grid");
    }

    private static void fill(Page page, String label, String text) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.fill(text);
        field.press("Enter");
    }

    private static Locator box(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator press(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    public void anEditionOfTwelveIsTickedThroughWithOneSpoilt() {
        Page page = twelve();
        box(page, "All copies folded").click();
        assertThat(grid(page)).containsText("12 of 12");
        box(page, "Copy 7 sewn").click();
        assertThat(box(page, "Copy 7 punched")).isChecked();
        press(page, "Copy 7 is spoilt or lost").click();
        assertThat(grid(page)).containsText("begun anew");
        assertThat(box(page, "Copy 7 folded")).not().isChecked();
        assertThat(page.locator(".copies-anew")).containsText("Copy 7, spoilt before it was");
        box(page, "Copy 7 sewn").click();
        box(page, "All copies finished").click();
        page.reload();
        assertThat(box(page, "Copy 12 finished")).isChecked();
    }

    @Test
    public void whatIsDoneOfAllIsNotedInTheBook() {
        Page page = twelve();
        box(page, "All copies cut").click();
        press(page, "Sheets are cut, of the whole book").click();
        assertThat(page.locator(".stage-line li.sewn")).containsText("Paper");
        assertThat(page.getByText("Copy 3 cut")).hasCount(1);
    }

    @Test
    public void someAreUnlikeTheOthers() {
        Page page = twelve();
        press(page, "Some are unlike").click();
        fill(page, "How many", "5");
        fill(page, "Called", "red");
        assertThat(page.locator(".copies-kind-name")).hasCount(5);
        assertThat(page.locator(".copies-as")).containsText("7 are left");
        fill(page, "How many", "13");
        assertThat(page.getByText("The kinds come to 13 copies together; the book has 12.")
                        .first())
                .isVisible();
        assertThat(page.locator(".copies-kind-name")).hasCount(5);
    }

    @Test
    public void copiesHaveNamesAndAreLeftOut() {
        Page page = twelve();
        fill(page, "Copy 3 is for", "Fly left");
        press(page, "Leave copy 12 out").click();
        assertThat(grid(page)).containsText("0 of 11");
        page.reload();
        assertThat(box(page, "Copy 3 is for")).hasValue("Fly left");
        press(page, "Make copy 12 after all").click();
        assertThat(grid(page)).containsText("0 of 12");
    }

    /** One is left out before a name is kept; what came of it arrives when the copies with the name are there already. */
    @Test
    public void whatComesOfAnEarlierBookIsSeenInTheLaterOne() {
        Page page = twelve();
        List<Route> held = new ArrayList<>();
        page.route(Pattern.compile("/left-out$|/api/books/[^/]+$"), held::add);
        fill(page, "Copy 3 is for", "Fly left");
        page.waitForCondition(() -> held.size() == 1);
        press(page, "Leave copy 12 out").click();
        page.waitForCondition(() -> held.size() == 2);
        page.waitForResponse(
                        Pattern.compile("/api/books/[^/]+/copies$"),
                        () -> held.get(0).resume())
                .finished();
        held.get(1).resume();
        assertThat(grid(page)).containsText("0 of 11");
        assertThat(box(page, "Copy 3 is for")).hasValue("Fly left");
    }

    @Test
    public void whatIsSpareIsCutToo() {
        Page page = twelve();
        fill(page, "To spare, %", "10");
        assertThat(page.locator(".copies-facts")).containsText("all cut for 14");
        fill(page, "To spare, %", "many");
        assertThat(page.getByText("Read “many”; a whole number of percent is wanted."))
                .isVisible();
    }
}
