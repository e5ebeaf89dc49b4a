package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** When a book is ready, what is done this evening, and what is begun and ended. */
public class DaysTest extends Journey {

    private static final DateTimeFormatter TYPED = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private static Locator days(Page page, Book book) {
        page.navigate("/days");
        return page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(book.name()));
    }

    private static Locator press(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static Locator opened(Page page, Book book) {
        Locator days = days(page, book);
        press(days, "Steps of " + book.name()).click();
        return days;
    }

    /** A book that is wanted so many days from today. */
    private Locator wanted(Page page, String name, int ahead) {
        Locator days = days(page, prepare.begin(name));
        Locator day = days.getByLabel("Wanted by");
        day.click();
        day.fill(TYPED.format(LocalDate.now(ZoneId.systemDefault()).plusDays(ahead)));
        day.press("Enter");
        return days;
    }

    @Test
    public void aBookWantedInThreeWeeksSaysWhenItIsBegunAtTheLatest() {
        Page page = window();
        Locator days = wanted(page, "Wanted", 21);
        assertThat(days).containsText("at the latest");
    }

    @Test
    public void aStepIsBegunAndDoneByAPressEach() {
        Page page = window();
        Locator days = opened(page, prepare.begin("Begun"));
        press(days, "Begin: Try the grain").click();
        press(days, "Done: Try the grain").click();
        assertThat(press(days, "Done: Try the grain")).hasCount(0);
        assertThat(press(days, "Not begun after all: Try the grain")).isVisible();
    }

    @Test
    public void whatIsLeftOutIsNotPlannedAndComesBack() {
        Page page = window();
        Locator days = opened(page, prepare.begin("Left out"));
        press(days, "Leave out: Press the folds").click();
        assertThat(press(days, "Begin: Press the folds")).hasCount(0);
        press(days, "Do it after all: Press the folds").click();
        assertThat(press(days, "Begin: Press the folds")).isVisible();
    }

    /** A bar is moved a day on by its key; its step is then not begun before. */
    @Test
    public void aStepIsMovedToTheNextDayByItsKeys() {
        Page page = window();
        Locator days = opened(page, prepare.begin("Moved"));
        Locator bar = press(days, "Sew it: ");
        String before = bar.getAttribute("aria-label");
        bar.focus();
        bar.press("ArrowRight");
        assertThat(days.getByLabel(Pattern.compile("^Not before: Sew it")))
                .not()
                .hasValue("");
        assertThat(bar).not().hasAttribute("aria-label", before);
    }

    @Test
    public void aStepIsDraggedToAnotherDay() {
        Page page = window();
        Locator days = opened(page, prepare.begin("Dragged"));
        Locator bar = press(days, "Look it over, ");
        Locator strip = days.locator(".strip");
        double day =
                strip.boundingBox().width / page.locator(".strip-names span").count();
        bar.scrollIntoViewIfNeeded();
        double x = bar.boundingBox().x + bar.boundingBox().width / 2;
        double y = bar.boundingBox().y + bar.boundingBox().height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 2 * day, y, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
        assertThat(days.getByLabel(Pattern.compile("^Not before: Look it over")))
                .not()
                .hasValue("");
    }

    @Test
    public void aStepOfOnesOwnIsAddedAndTakenOutAgain() {
        Page page = window();
        Locator days = opened(page, prepare.begin("Own step"));
        days.getByLabel("A step more", new Locator.GetByLabelOptions().setExact(true))
                .fill("Stamp the title");
        press(days, "Add it").click();
        assertThat(press(days, "Begin: Stamp the title")).isVisible();
        press(days, "Take out: Stamp the title").click();
        assertThat(press(days, "Begin: Stamp the title")).hasCount(0);
    }

    @Test
    public void hoursThatAreNoneAreToldInPlace() {
        Page page = window();
        page.navigate("/days");
        Locator sunday = page.getByLabel("Sunday", new Page.GetByLabelOptions().setExact(true));
        sunday.fill("after dinner");
        sunday.press("Enter");
        assertThat(page.getByText("Read “after dinner”; hours as 19:00–21:00 are wanted."))
                .isVisible();
    }

    /** The sewing table begins the step when the first move is made, and leaves it when it is left. */
    @Test
    public void theSewingTableSaysByItselfThatTheSewingIsBegun() {
        Book book = prepare.begin("Sewn a little");
        Page page = window();
        page.navigate("/books/" + book.id() + "/sewing");
        page.locator(".sewing-move").waitFor();
        page.keyboard().press("Enter");
        page.waitForResponse(
                answer -> answer.url().endsWith("/days/sew/end"),
                () -> page.keyboard().press("Escape"));
        Locator days = opened(page, book);
        assertThat(press(days, "Go on: Sew it")).isVisible();
    }

    @Test
    public void theCalendarIsAFileThatCanBeTaken() {
        prepare.begin("In the calendar");
        Page page = window();
        page.navigate("/days");
        var download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Take it as a calendar file"))
                        .click());
        assertTrue(download.suggestedFilename().endsWith(".ics"), download.suggestedFilename());
        assertEquals(download.failure(), null);
    }
}
