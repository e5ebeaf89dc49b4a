package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.util.Locale;
import org.testng.annotations.Test;

/** Dividing sheets, pressing them, cutting stock: what a choice does is seen at once, and undone by a press. */
public class GatherTest extends Journey {

    private BookScreen flat(Page page, String stage) {
        return BookScreen.open(
                page, prepare.beginBound("Flat", "Link stitch", 240).id(), stage.toLowerCase(Locale.ROOT));
    }

    @Test
    public void aBundleIsTakenByPressingIt() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.shows("Signatures", "10 of 6");
        page.getByLabel("Splits, drawn")
                .getByRole(AriaRole.BUTTON, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("12 of 5"))
                .click();
        book.shows("Signatures", "12 of 5");
        book.press("Take the best again").shows("Signatures", "10 of 6");
    }

    @Test
    public void wishesChangeWhatIsBest() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.type("Sheets in each", "5").shows("Signatures", "12 of 5");
        book.type("Sheets in each", "").shows("Signatures", "10 of 6");
        book.tick("Endpapers as sections of their own").shows("Signatures", "10 of 6 \\+ 2 ends");
    }

    @Test
    public void wishesThatCannotMeetAreToldAndDropped() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.type("Signatures, exactly", "3").shows("Signatures", "3 of 20");
        book.type("Sheets in each, at most", "4");
        assertThat(book.remarks()).containsText("No split of 240 pages meets every wish");
        book.press("Drop the wishes").shows("Signatures", "10 of 6");
    }

    @Test
    public void nonsenseInAWishIsToldInItsField() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.type("Sheets in each", "a few");
        assertThat(book.line()).hasText("Read “a few”; a whole number of sheets is wanted, or nothing.");
        book.shows("Signatures", "10 of 6");
    }

    @Test
    public void theWedgeIsMendedByTheChangeThatHelpsMost() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.choose("all of it").choose("doubled");
        assertThat(book.remarks()).containsText("a wedge of");
        book.remarks().getByRole(AriaRole.BUTTON).first().click();
        assertThat(book.remarks()).containsText("Mended");
    }

    @Test
    public void theDrawingExaggeratesTheWedgeOnWish() {
        Page page = window();
        BookScreen book = flat(page, "Gather");
        book.choose("all of it");
        assertThat(page.getByText("the wedge drawn five times as large")).hasCount(0);
        book.tick("Wedge five times as large");
        assertThat(page.getByText("the wedge drawn five times as large")).isVisible();
    }

    @Test
    public void grainIsPutRightAndTheCostIsSaid() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Grain").id(), "paper");
        book.choose("cutting")
                .choose("in stock sheets")
                .pick("Stock sheet", "A3")
                .choose("along its width");
        book.choose("the most sheets").shows("Stock sheets", "4");
        assertThat(book.remarks()).containsText("runs across the fold");
        book.press("Cut it with the grain right: 4 stock sheets more").shows("Stock sheets", "8");
    }

    @Test
    public void theLeafIsTheStockHalved() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Halved").id(), "paper");
        book.choose("cutting")
                .choose("in stock sheets")
                .pick("Stock sheet", "A2")
                .choose("along its height");
        book.choose("leaf").choose("the stock, halved");
        page.getByLabel("Leaves the stock sheet folds to")
                .getByRole(AriaRole.BUTTON)
                .nth(1)
                .click();
        book.shows("Sheet, unfolded", "420 mm × 297 mm");
    }

    @Test
    public void theLeafFitsACoverAtHand() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Covered").id(), "paper");
        book.choose("leaf").choose("to fit a cover").type("Cover, front", "123").type("Cover, height", "186");
        book.press("Fit the leaf to it").shows("Sheet, unfolded", "240 mm × 180 mm");
    }
}
