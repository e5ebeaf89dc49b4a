package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** The database gone in mid-edit, and two windows on one book. It goes alone: while the database is gone nothing else can be done. */
@Test(groups = "alone")
public class LostAndTwiceTest extends Journey {

    private static final double PATIENT = 20_000;

    @AfterClass(alwaysRun = true)
    public void databaseBack() throws Exception {
        database("database-start");
    }

    @Test
    public void aChangeMadeWhileTheDatabaseIsGoneIsSentWhenItIsBack() throws Exception {
        Book book = prepare.begin("Lost");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "gather");
        database("database-stop");
        screen.type("Pages", "40");
        assertThat(page.locator(".book-kept")).containsText("One change waits", patient());
        assertThat(screen.field("Pages")).hasValue("40");
        database("database-start");
        assertThat(page.locator(".book-kept"))
                .hasText("Kept, revision 2", new LocatorAssertions.HasTextOptions().setTimeout(PATIENT));
        assertEquals(
                prepare.kept(book)
                        .document()
                        .getAsJsonObject("extent")
                        .get("number")
                        .getAsInt(),
                40);
    }

    @Test
    public void aChangeThatWaitsSurvivesClosingTheBook() throws Exception {
        Book book = prepare.begin("Closed");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "gather");
        database("database-stop");
        screen.type("Pages", "48");
        assertThat(page.locator(".book-kept")).containsText("One change waits", patient());
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer", patient());
        database("database-start");
        page.navigate("/books/" + book.id() + "/gather");
        assertThat(page.locator(".book-kept"))
                .hasText("Kept, revision 2", new LocatorAssertions.HasTextOptions().setTimeout(PATIENT));
        assertEquals(
                prepare.kept(book)
                        .document()
                        .getAsJsonObject("extent")
                        .get("number")
                        .getAsInt(),
                48);
    }

    @Test
    public void theSecondWindowIsShownBothAndKeepsItsOwn() {
        Book book = prepare.begin("Twice");
        Page second = conflicting(book);
        second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep what is here"))
                .click();
        new BookScreen(second).kept(3);
        assertEquals(
                prepare.kept(book)
                        .document()
                        .getAsJsonObject("extent")
                        .get("number")
                        .getAsInt(),
                24);
    }

    @Test
    public void theSecondWindowTakesWhatIsThere() {
        Book book = prepare.begin("Twice");
        Page second = conflicting(book);
        second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take what is there"))
                .click();
        assertThat(new BookScreen(second).field("Pages")).hasValue("40");
        assertEquals(
                prepare.kept(book)
                        .document()
                        .getAsJsonObject("extent")
                        .get("number")
                        .getAsInt(),
                40);
    }

    private Page conflicting(Book book) {
        Page first = window();
        Page second = window();
        BookScreen here = BookScreen.open(first, book.id(), "gather");
        BookScreen there = BookScreen.open(second, book.id(), "gather");
        here.type("Pages", "40").kept(2);
        there.type("Pages", "24");
        var both = second.getByRole(AriaRole.ALERTDIALOG);
        assertThat(both.getByRole(AriaRole.ROW).nth(1)).hasText(Pattern.compile("Length\\s*24 pages\\s*40 pages"));
        return second;
    }

    private static LocatorAssertions.ContainsTextOptions patient() {
        return new LocatorAssertions.ContainsTextOptions().setTimeout(PATIENT);
    }

    /** Stops or starts the database that the application under test uses. */
    private static void database(String command) throws Exception {
        Process process =
                new ProcessBuilder("../bin/itomichi", command).inheritIO().start();
        assertEquals(process.waitFor(), 0, command);
    }
}
