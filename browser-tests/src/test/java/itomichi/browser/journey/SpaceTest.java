package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.fixture.ScreenJourney;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The book in space: turned, opened, cut through, sewn move by move, saved as a shape. */
public class SpaceTest extends ScreenJourney {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Page inSpace(Book book) {
        return inSpace(book.id());
    }

    private Page inSpace(String id) {
        Page page = window();
        page.navigate("/books/" + id + "/thread");
        button(page, "See it in space").click();
        assertThat(page.locator(".space-words")).containsText("closed");
        return page;
    }

    private static void cover(Page page, String seen) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The cover"))
                .getByText(seen, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    private static Locator words(Page page) {
        return page.locator(".space-words");
    }

    /** What is drawn, once it does not move any more. */
    private static byte[] picture(Page page) {
        Locator canvas = page.locator(".space-room");
        byte[] before = canvas.screenshot();
        for (int i = 0; i < 40; i++) {
            byte[] now = canvas.screenshot();
            if (Arrays.equals(before, now)) {
                return now;
            }
            before = now;
        }
        throw new AssertionError("The picture does not come to rest");
    }

    @Test
    public void twoSectionsSewnAtOnceLieOnTheTableAndOpenEach() {
        Page page = inSpace(prepare.beginBound("Two in one", "Double pamphlet", 48));
        assertThat(words(page)).containsText("Seen from above");
        byte[] closed = picture(page);
        button(page, "Open the first signature").click();
        assertThat(words(page)).containsText("open inside signature 1");
        assertNotEquals(picture(page), closed);
        button(page, "Open the next signature").click();
        assertThat(words(page)).containsText("open inside signature 2");
        assertThat(button(page, "Open the next signature")).isDisabled();
    }

    @Test
    public void itIsTurnedOpenedAndCutByKeysAlone() {
        Page page = inSpace(prepare.beginBound("Turned in space", "Link stitch", 64));
        assertEquals(violations(page), List.of());
        byte[] whole = picture(page);
        page.locator(".space-room").focus();
        page.keyboard().press("b");
        assertThat(words(page)).containsText("Seen from the spine");
        assertNotEquals(picture(page), whole);
        page.keyboard().press("o");
        page.keyboard().press("o");
        assertThat(words(page)).containsText("open inside signature 2");
        byte[] open = picture(page);
        page.keyboard().press("x");
        assertThat(words(page)).containsText("cut through at station 1");
        assertNotEquals(picture(page), open);
        page.keyboard().press("c");
        assertThat(words(page)).containsText("closed");
    }

    @Test
    public void itIsOpenedAndItsCoverTakenOffByPresses() {
        Page page = inSpace(prepare.beginBound("Opened in space", "Pamphlet", 24));
        button(page, "Open the first signature").click();
        assertThat(words(page)).containsText("open inside signature 1");
        assertThat(button(page, "Open the next signature")).isDisabled();
        button(page, "Close it").click();
        assertThat(words(page)).containsText("closed");
        cover(page, "off");
        assertThat(words(page)).containsText("without its cover");
    }

    @Test
    public void aLooseWrapperIsTakenOffBeforeItsCover() {
        Page page = inSpace(prepare.demo("Prompt book, The Lantern Eater"));
        cover(page, "whole");
        assertThat(words(page)).containsText("the cover whole");
        byte[] wrapped = picture(page);
        cover(page, "without wrapper");
        assertThat(words(page)).containsText("without its wrapper");
        assertNotEquals(picture(page), wrapped);
    }

    @Test
    public void itIsSewnMoveByMoveAtTheSewingTable() {
        Book book = prepare.begin("Sewn in space");
        Page page = window();
        page.navigate("/books/" + book.id() + "/sewing");
        button(page, "In space").click();
        assertThat(words(page)).containsText(Pattern.compile("0 of \\d+ moves sewn"));
        byte[] unsewn = picture(page);
        page.keyboard().press("PageDown");
        assertThat(words(page)).containsText(Pattern.compile("1 of \\d+ moves sewn"));
        assertNotEquals(picture(page), unsewn);
        page.keyboard().press("f");
        assertThat(words(page)).containsText("Seen from the spine, closed");
    }

    /** A binary glTF begins so: its specification, 2.0. */
    @Test
    public void itIsSavedAsAShape() throws IOException {
        Book book = prepare.beginBound("Saved from space", "Pamphlet", 24);
        Page page = inSpace(book);
        Download file = page.waitForDownload(
                () -> button(page, "Save it as a shape (glTF)").click());
        assertEquals(file.suggestedFilename(), book.name() + ".glb");
        byte[] bytes = Files.readAllBytes(file.path());
        assertEquals(new String(bytes, 0, 4, StandardCharsets.US_ASCII), "glTF");
    }

    @Test
    public void whereNothingIsDrawnInSpaceTheThreadIsShownAlone() {
        Book book = prepare.beginBound("Flat browser", "Pamphlet", 24);
        Page page = window();
        page.addInitScript("""
                const whole = HTMLCanvasElement.prototype.getContext;
                HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
                  return kind.startsWith('webgl') ? null : whole.call(this, kind, ...rest);
                };
                """);
        page.navigate("/books/" + book.id() + "/thread");
        button(page, "See it in space").click();
        assertThat(page.locator(".in-space")).isVisible();
    }
}
