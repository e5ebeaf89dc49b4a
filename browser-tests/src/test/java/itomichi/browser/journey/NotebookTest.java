package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** The notebook: from the last stage to a page with what came out, found again. */
public class NotebookTest extends Journey {

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    private Page page(Book book) {
        Page page = window();
        page.navigate("/notebook/" + book.id());
        return page;
    }

    private static void write(Locator field, String text) {
        field.fill(text);
        field.press("Enter");
    }

    @Test
    public void theLastStageAsksWhatCameOutAndPutsItOnTheShelf() {
        Book book = prepare.begin("Last look");
        Page page = window();
        page.navigate("/books/" + book.id() + "/finish");
        Locator asked = region(page, "What came out");
        write(asked.getByLabel(Pattern.compile("^Thread left over")), "45 mm");
        asked.getByText("Put it on the shelf").click();
        assertThat(asked).containsText("It stands on the shelf since");
        asked.getByText("Its page of the notebook").click();
        assertThat(page.getByLabel(Pattern.compile("^Came out: Thread left over")))
                .hasValue("45\u202fmm");
        assertThat(page.getByText(Pattern.compile("Finished \\d"))).isVisible();
    }

    @Test
    public void moreThreadLeftThanCutIsToldInPlace() {
        Page page = page(prepare.begin("Left over"));
        write(page.getByLabel(Pattern.compile("^Came out: Thread left over")), "30 m");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("was cut.");
    }

    @Test
    public void whatTookLongerIsSaidInItsLine() {
        Page page = page(prepare.begin("Slow hands"));
        Locator grain =
                page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Try the grain")));
        write(grain.getByRole(AriaRole.TEXTBOX), "8");
        assertThat(grain).containsText("100\u202f% more");
        write(grain.getByRole(AriaRole.TEXTBOX), "soon");
        assertThat(grain.getByRole(AriaRole.ALERT)).containsText("whole minutes are wanted");
    }

    @Test
    public void aPageIsFoundByItsNotes() {
        Book book = prepare.begin("Remembered");
        Page page = page(book);
        Locator notes = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Notes"));
        notes.fill("The verdigris thread stains damp paper.");
        page.waitForResponse("**/page", notes::blur);
        page.reload();
        assertThat(notes).hasValue("The verdigris thread stains damp paper.");
        page.keyboard().press("k");
        page.getByLabel("Words").fill("damp verdigris");
        assertThat(page.getByText("One page", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(book.name())))
                .isVisible();
    }

    @Test
    public void aPictureIsLaidInAndWhatIsNoneIsRefused() throws IOException {
        Page page = page(prepare.begin("Pictured"));
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "jpg", picture);
        page.getByLabel("Picture", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload("spine.jpg", "image/jpeg", picture.toByteArray()));
        Locator pictures = region(page, "Pictures");
        assertThat(pictures.getByRole(AriaRole.IMG)).hasCount(1);
        page.getByLabel("Picture", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(
                        new FilePayload("spine.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(pictures).containsText("“spine.png” was not laid in. This is no picture");
        assertThat(pictures.getByRole(AriaRole.IMG)).hasCount(1);
    }

    @Test
    public void aBookLikeItIsBegun() {
        Book book = prepare.begin("Liked");
        Page page = page(book);
        page.getByText("Begin a book like it").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(book.name() + ", 2");
    }

    /** From what the two seasons of the demo teach to a plan, and back. */
    @Test
    public void aPlanIsMadeByWhatBooksTeachAndOnePressGoesBack() {
        Book book = prepare.begin("Taught");
        Page page = window();
        page.navigate("/books/" + book.id() + "/thread");
        Locator cut = page.locator(".figure").filter(new Locator.FilterOptions().setHasText("Thread to cut"));
        assertThat(cut).isVisible();
        String usual = cut.textContent();
        Locator offered = region(page, "From your books");
        assertThat(offered).containsText("Thread to cut");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Plan by it")))
                .click();
        assertThat(cut).not().hasText(usual);
        assertThat(offered).containsText("Planned by");
        assertThat(page.getByLabel("Slack, %")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Back to the usual")))
                .click();
        assertThat(cut).hasText(usual);
        assertThat(page.getByLabel("Slack, %")).isVisible();
    }

    /** What a lesson changes in books in work is read before it is pressed. */
    @Test
    public void aLessonIsTakenIntoABookInWorkFromTheLessons() {
        Book book = prepare.begin("Learner");
        Page page = window();
        page.navigate("/learned");
        Locator slack = region(page, "Thread beyond the straight way: Pamphlet");
        slack.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Plan books in work by it")))
                .click();
        Locator one = slack.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByText(book.name(), new Page.GetByTextOptions().setExact(true))));
        assertThat(one).containsText("Thread to cut");
        one.getByRole(AriaRole.BUTTON).click();
        assertThat(one).containsText("is planned by");
        one.getByRole(AriaRole.BUTTON).click();
        assertThat(one).not().containsText("is planned by");
    }

    /** The two seasons of the demo teach; a book's reading is left out and taken in again by a press. */
    @Test
    public void aReadingIsLeftOutAndTakenInAgain() {
        Page page = window();
        page.navigate("/learned");
        Locator thickness = region(page, "Thickness of a sheet: Book wove 120");
        assertThat(thickness).containsText("by 3 books");
        thickness
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Leave out: Prompt book, Nine Lanterns"))
                .click();
        assertThat(thickness).containsText("One reading more, and it teaches");
        thickness
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Take in again: Prompt book, Nine Lanterns"))
                .click();
        assertThat(thickness).containsText("by 3 books");
    }
}
