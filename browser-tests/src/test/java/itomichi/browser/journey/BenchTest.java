package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

public class BenchTest extends Journey {

    @Test
    public void aBookIsFoundByAFewLetters() {
        Book book = prepare.begin("Quillfeather");
        Page page = window();
        page.navigate("/");
        assertThat(heading(page, book.name())).isVisible();
        page.keyboard().press("/");
        assertThat(page.getByLabel("Find a book by name or purpose")).isFocused();
        page.keyboard().type(book.name().toLowerCase(java.util.Locale.ROOT));
        assertThat(heading(page, book.name())).isVisible();
        assertThat(page.locator(".table-words")).hasCount(1);
    }

    @Test
    public void aBookIsCopiedShelvedRemovedAndPutBack() {
        Book book = prepare.begin("Travelling");
        Page page = window();
        page.navigate("/");
        more(page, book.name());
        press(page, "Copy " + book.name());
        assertThat(heading(page, book.name() + ", 2")).isVisible();
        more(page, book.name());
        press(page, "Put " + book.name() + " on the shelf");
        var shelf = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Shelf"));
        assertThat(shelf.getByText(book.name())).isVisible();
        more(page, book.name());
        press(page, "Remove " + book.name());
        assertThat(heading(page, book.name())).hasCount(0);
        press(page, "Put it back");
        assertThat(heading(page, book.name())).isVisible();
    }

    @Test
    public void aBookTravelsThroughAFile() {
        Book book = prepare.begin("Filed");
        Page page = window();
        BookScreen.open(page, book.id(), "purpose");
        Download file =
                page.waitForDownload(() -> page.getByText("Save as a file").click());
        page.navigate("/");
        page.getByLabel("Book file").setInputFiles(file.path());
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(book.name() + ", 2");
    }

    /** Where the book is, nothing is taken of it a second time. */
    @Test
    public void aBookWithAllThatIsKeptOfItIsKnownAgain() {
        Book book = prepare.begin("Whole");
        Page page = window();
        BookScreen.open(page, book.id(), "purpose");
        Download file = page.waitForDownload(
                () -> page.getByText("Save with all that is kept of it").click());
        page.navigate("/");
        page.getByLabel("Book file").setInputFiles(file.path());
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("is here already.");
    }

    @Test
    public void aWrongFileIsToldByPlaceAndReason() throws Exception {
        Path wrong = Files.writeString(
                Files.createTempFile("wrong", ".json"),
                "{\"format\":\"itomichi-book\",\"version\":1,\"book\":{\"pages\":\"many\"}}");
        Page page = window();
        page.navigate("/");
        page.getByLabel("Book file").setInputFiles(wrong);
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("was not loaded. At “/book");
    }

    private static void more(Page page, String name) {
        page.getByLabel("More to do with " + name, new Page.GetByLabelOptions().setExact(true))
                .click();
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private static com.microsoft.playwright.Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
