package itomichi.browser.screen;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** A book at one of its stages. */
public final class BookScreen {

    private static final int TRIES = 5;

    private final Page page;

    public BookScreen(Page page) {
        this.page = page;
    }

    public static BookScreen open(Page page, String id, String stage) {
        page.navigate("/books/" + id + "/" + stage);
        BookScreen screen = new BookScreen(page);
        assertThat(screen.figure("Sheets to fold")).isVisible();
        return screen;
    }

    public BookScreen stage(String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        return this;
    }

    /** Takes one of a few choices that are all seen. */
    public BookScreen choose(String choice) {
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(choice).setExact(true))
                .check();
        return this;
    }

    /** Ticks a box. */
    public BookScreen tick(String label) {
        var box = page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        // not by check(): it asks in the same breath whether the box changed, and a change may be drawn a breath later
        box.click();
        assertThat(box).isChecked();
        return this;
    }

    /** Picks out of a list that is opened for it. */
    public BookScreen pick(String list, String choice) {
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(list).setExact(true))
                .click();
        page.locator(".ant-select-dropdown:visible .ant-select-item-option")
                .getByText(choice, new Locator.GetByTextOptions().setExact(true))
                .click();
        return this;
    }

    /** What is typed into; a part of the drawing that settles the same has the same name. */
    public Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input, textarea"));
    }

    /** Types into a field and takes it. */
    public BookScreen type(String label, String text) {
        Locator field = field(label);
        field.fill(text);
        // an answer that comes while it is filled moves the caret: who types looks at what is there before pressing
        // Enter
        for (int again = 0; again < TRIES && !field.inputValue().equals(text); again++) {
            field.fill(text);
        }
        field.press("Enter");
        return this;
    }

    /** A figure of the band; its text is its label and its value. */
    public Locator figure(String label) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + label)));
    }

    public BookScreen shows(String label, String value) {
        assertThat(figure(label)).containsText(Pattern.compile(value.replace(" ", "[\\s\u202f\u00a0]?")));
        return this;
    }

    public Locator remarks() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Remarks"));
    }

    public BookScreen press(String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .first()
                .click();
        return this;
    }

    /** Waits until the book is kept at this revision. */
    public BookScreen kept(int revision) {
        assertThat(page.locator(".book-kept")).hasText("Kept, revision " + revision);
        return this;
    }

    public Locator line() {
        return page.locator(".field-line");
    }

    public Locator station(int number) {
        return page.getByRole(
                AriaRole.SLIDER,
                new Page.GetByRoleOptions().setName("Station " + number).setExact(true));
    }
}
