package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** An offer is pressed while the answer to the last edit is still on its way. */
public class OlderOfferTest extends Journey {

    @Test
    public void aStructureTakenFromOlderAdviceLeavesTheLastEdit() {
        Book book = prepare.begin("Older advice");
        Page page = window();
        List<Route> held = new ArrayList<>();
        BookScreen screen = BookScreen.open(page, book.id(), "purpose");
        screen.press("Look at Link stitch");
        assertThat(structure(page)).isVisible();
        page.route("**/api/plan/advice", held::add);
        screen.type("Pages", "40").kept(2);
        structure(page).click();
        screen.kept(3);
        held.forEach(Route::abort);
        var kept = prepare.kept(book).document();
        assertEquals(kept.getAsJsonObject("extent").get("number").getAsInt(), 40);
        assertEquals(kept.get("structure").getAsString(), "link-stitch");
    }

    private static Locator structure(Page page) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("Bind it as Link stitch").setExact(true));
    }
}
