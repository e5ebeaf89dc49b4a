package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A class from a date to printed kits. */
public class ClassesTest extends Journey {

    private Page begun(String book) {
        prepare.begin(book);
        Page page = window();
        page.navigate("/classes");
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("It makes").setExact(true))
                .click();
        page.locator(".ant-select-dropdown:visible .ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(book))
                .first()
                .click();
        press(page, "Begin the class").click();
        page.locator(".class-fit").waitFor();
        return page;
    }

    private static Locator press(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static void fill(Page page, String label, String text) {
        field(page, label).fill(text);
        field(page, label).press("Enter");
    }

    @Test
    public void aClassFromADateToPrintedKits() {
        Page page = begun("Taught for a day");
        fill(page, "Begins", "2026-12-06 10:00");
        assertThat(field(page, "Begins")).hasValue("2026-12-06 at 10:00");
        fill(page, "People", "12");
        assertThat(page.locator(".class-kits")).containsText("In each of 14 envelopes");
        Locator labels = page.getByText("Print the labels");
        String address = page.evaluate("link => link.closest('a').href", labels.elementHandle())
                .toString();
        assertEquals(page.request().get(address).status(), 200);
        assertTrue(address.contains("form=SLIPS"), address);
        page.reload();
        assertThat(field(page, "People")).hasValue("12");
    }

    /** Thickness of the yarn, holes that go with it, and the templates of those holes. */
    @Test
    public void childrenSewWithAYarnAsThickAsIsTyped() {
        Page page = begun("Taught to children");
        page.getByText("of children").click();
        fill(page, "Their yarn is so thick", "2 mm");
        assertThat(page.locator(".class-otherwise")).containsText(Pattern.compile("yarn 2.mm thick"));
        assertThat(page.locator(".class-otherwise")).containsText(Pattern.compile("holes 6.mm wide"));
        fill(page, "Their yarn is so thick", "9 mm");
        assertThat(page.getByText(Pattern.compile("A yarn of 9.mm: from"))).isVisible();
        String templates = page.getByText("Templates, as many as a sheet holds")
                .locator("xpath=ancestor-or-self::a")
                .getAttribute("href");
        assertEquals(page.request().get(templates).status(), 200);
    }

    @Test
    public void whatMakesItFitIsTakenByAPress() {
        Page page = begun("Taught in an hour");
        fill(page, "Lasts, minutes", "85");
        assertThat(page.locator(".class-unfit")).hasCount(1);
        page.locator(".class-changes button").first().click();
        assertThat(page.locator(".class-unfit")).hasCount(0);
    }

    @Test
    public void atTheFrontOneMoveIsShownAndTheLastAreGoneBackTo() {
        Page page = begun("Taught at the front");
        fill(page, "People", "3");
        press(page, "At the front: move by move, for a projector").click();
        assertThat(page.locator(".front-now")).containsText("1 Go out through hole");
        press(page, "Number 1").click();
        press(page, "Number 2").click();
        assertThat(page.locator(".front-count")).hasText("2 of 3 through");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".front-now")).containsText("2 ");
        assertThat(press(page, "Number 3, at move 1")).isVisible();
        page.keyboard().press("l");
        assertThat(page.locator(".front-now")).containsText("1 Go out through hole");
        page.keyboard().press("PageDown");
        page.reload();
        assertThat(page.locator(".front-now")).containsText("2 ");
        page.keyboard().press("Escape");
        assertThat(page.locator(".class-fit")).isVisible();
    }

    @Test
    public void nonsenseIsToldInPlace() {
        Page page = begun("Taught to nobody");
        fill(page, "People", "0");
        assertThat(page.getByText("A class of 0 people: from 1 to 200 is taken."))
                .isVisible();
        fill(page, "Lasts, minutes", "long");
        assertThat(page.getByText("Read “long”; a whole number of minutes is wanted."))
                .isVisible();
        fill(page, "Begins", "soon");
        assertThat(page.getByText(Pattern.compile("Read “soon”; a day and a time are wanted")))
                .isVisible();
    }

    @Test
    public void aClassIsTakenOut() {
        Page page = begun("Taught never");
        press(page, "Take the class out for good").click();
        assertThat(page.locator(".class-begin")).isVisible();
        assertThat(page.getByText("Class: Taught never")).hasCount(0);
    }
}
