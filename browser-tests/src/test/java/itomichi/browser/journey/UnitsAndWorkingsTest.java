package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import org.testng.annotations.Test;

public class UnitsAndWorkingsTest extends Journey {

    @Test
    public void theWholeScreenTurnsToInchesAndNothingKeptChanges() {
        Book book = prepare.begin("Units");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "paper");
        screen.choose("leaf");
        page.keyboard().press("i");
        screen.shows("Sheet, unfolded", "11 5/8 in × 8 1/4 in");
        assertThat(screen.field("Leaf height")).hasValue("8\u00a01/4\u202fin");
        screen.field("Leaf height").focus();
        page.keyboard().press("Tab");
        assertEquals(prepare.kept(book).view(), book.view());
    }

    @Test
    public void aFigureShowsItsWorking() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Working").id(), "thread");
        page.keyboard().press("w");
        var slip = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Working of thread to cut"));
        assertThat(slip).containsText("k × ((r + p + l + n) × (1 + a ÷ 100) + t × (2 × y + u))");
        assertThat(slip).containsText("Rule of thumb: 2.5 to 4 heights");
        page.keyboard().press("Escape");
        assertThat(slip).not().isVisible();
        assertThat(screen.figure("Thread to cut")).isFocused();
    }

    @Test
    public void aRemarkIsMendedByAPressAndUnmendedByAnother() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Remarks").id(), "gather");
        screen.type("Pages", "30");
        assertThat(screen.remarks()).containsText("pages 31 and 32 stay blank");
        screen.press("Make it 32 pages");
        assertThat(screen.remarks()).not().containsText("stay blank");
        screen.press("Undo the mend");
        assertThat(screen.remarks()).containsText("pages 31 and 32 stay blank");
    }

    @Test
    public void grainAcrossTheFoldIsACaution() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Grain").id(), "paper");
        screen.choose("cutting").choose("across the fold");
        assertThat(screen.remarks()).containsText("Caution");
        screen.press("Cut the sheets with the grain along the fold");
        assertThat(screen.remarks()).not().containsText("Caution");
    }
}
