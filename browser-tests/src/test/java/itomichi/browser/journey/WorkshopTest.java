package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

/** The whole workshop out and in again: what is laid in over the others' books is everybody's. */
@Test(groups = "alone")
public class WorkshopTest extends Journey {

    @Test
    public void theWorkshopIsTakenOutAndLaidInAgain() {
        Book book = prepare.begin("A book kept elsewhere");
        Page page = window();
        page.navigate("/notebook");
        Download file =
                page.waitForDownload(() -> page.getByText("Take it as one file").click());
        page.navigate("/notebook/" + book.id());
        Locator notes = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Notes"));
        notes.fill("Written after it was taken out.");
        page.waitForResponse("**/page", notes::blur);
        page.navigate("/notebook");
        page.getByLabel("File of a workshop").setInputFiles(file.path());
        assertThat(page.getByText("Otherwise here: " + book.name())).isVisible();
        page.getByText("Lay in everything; what is here gives way").click();
        assertThat(page.getByText("is laid in.")).isVisible();
        page.navigate("/notebook/" + book.id());
        assertThat(notes).hasValue("");
    }

    @Test
    public void aFileThatIsNoWorkshopIsRefusedInOneLine() {
        Page page = window();
        page.navigate("/notebook");
        page.getByLabel("File of a workshop")
                .setInputFiles(
                        new FilePayload("letter.zip", "application/zip", "Dear".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no archive of a workshop")).isVisible();
        assertThat(page.getByText("Nothing was taken.")).isVisible();
    }
}
