package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class SewingTest extends Journey {

    private Book book;
    private Page page;

    @BeforeMethod
    void layOutTheWork() {
        book = prepare.begin("Sewing");
        page = window();
        page.navigate("/books/" + book.id() + "/sewing");
        assertThat(page.getByText("Move 1 of 9")).isVisible();
    }

    @Test
    public void turningTheWorkOverRenamesLeftAndRight() {
        page.keyboard().press("Space");
        assertThat(page.locator(".sewing-move")).containsText("towards the head, to the left, in through hole 2");
        page.keyboard().press("f");
        assertThat(page.locator(".sewing-move")).containsText("towards the head, to the right, in through hole 2");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^Outside towards you, head on the right"))))
                .isVisible();
    }

    @Test
    public void thePlaceIsKeptOverAReloadAndOnAnotherDevice() {
        pressAndWait("Space", 1);
        pressAndWait("Space", 2);
        pressAndWait("Space", 3);
        pressAndWait("Backspace", 2);
        assertThat(page.getByText("Move 3 of 9")).isVisible();
        Page other = window(360, 740, false);
        other.navigate("/books/" + book.id() + "/sewing");
        assertThat(other.getByText("Move 3 of 9")).isVisible();
    }

    @Test
    public void aHoleThatHoldsThreadIsSaidSo() {
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.locator(".sewing-care")).containsText("Hole 2 already holds thread");
    }

    @Test
    public void threadLeftGoesDownWithEveryMove() {
        String before = page.locator(".thread-left strong").innerText();
        page.keyboard().press("Space");
        assertThat(page.locator(".thread-left strong")).not().hasText(before);
    }

    @Test
    public void escapeLeavesForTheBook() {
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Moves")))
                .isVisible();
    }

    /** Presses a key and waits until the place is kept, so that no earlier one comes after it. */
    private void pressAndWait(String key, int step) {
        page.keyboard().press(key);
        page.waitForCondition(() -> prepare.sewingStep(book) == step);
    }
}
