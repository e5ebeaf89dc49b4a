package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.google.gson.JsonArray;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Holes set, moved and taken out in the drawing; rows across a spine; the side of a block. */
public class HolesTest extends Journey {

    private Page page;
    private Book book;

    private BookScreen bound(String structure) {
        page = window();
        book = prepare.beginBound("Holes", structure, 32);
        page.navigate("/books/" + book.id() + "/stations");
        return new BookScreen(page).kept(2);
    }

    private JsonArray places(String part, String name) {
        return prepare.kept(book).part(part).getAsJsonArray(name);
    }

    @Test
    public void aPressOnTheFoldSetsAStationAndDeleteTakesItOut() {
        page = window();
        book = prepare.begin("Holes");
        BookScreen screen = BookScreen.open(page, book.id(), "stations");
        var second = screen.station(2).boundingBox();
        var third = screen.station(3).boundingBox();
        page.mouse().click((second.x + third.x) / 2 + second.width / 2, second.y + 60);
        screen.kept(2);
        assertEquals(places("stations", "placedMm").size(), 6);
        screen.station(3).focus();
        page.keyboard().press("Delete");
        screen.kept(3);
        assertEquals(places("stations", "placedMm").size(), 5);
    }

    @Test
    public void aStationFacingAMovedOneMovesWithItWhereTheyAreSymmetric() {
        page = window();
        book = prepare.begin("Holes");
        BookScreen screen = BookScreen.open(page, book.id(), "stations");
        screen.pick("Stations placed by", "by hand").kept(2);
        screen.tick("Symmetric about the middle").kept(3);
        screen.station(1).focus();
        page.keyboard().press("Shift+ArrowRight");
        screen.kept(4);
        assertThat(screen.field("Station 5").last()).hasValue("185\u202fmm");
    }

    @Test
    public void anOlderBooksStationsAreBroughtOver() {
        page = window();
        book = prepare.begin("Holes");
        BookScreen screen = BookScreen.open(page, book.id(), "stations");
        screen.pick("Stations placed by", "as an older book has them").kept(2);
        screen.type("Height of the older book", "420 mm").kept(3);
        // half the height in proportion: the first at 10 mm
        screen.shows("Stations", "5 over 85 mm");
        screen.pick("Brought over", "as far from the head").kept(4);
        screen.shows("Stations", "5 over 170 mm");
    }

    @Test
    public void aShorterSignatureIsDrawnLevelWhereItIsSaid() {
        BookScreen screen = bound("Link stitch");
        screen.press("One is shorter").kept(3);
        assertThat(page.locator(".other-fold")).containsText(Pattern.compile("Signature 1, 168"));
        double head = page.locator(".other-fold-line").boundingBox().x;
        screen.choose("the tail").kept(4);
        assertThat(page.locator(".other-fold-line")).not().hasAttribute("x1", "28");
        assertEquals(page.locator(".other-fold-line").boundingBox().x > head + 50, true);
    }

    @Test
    public void fourSchoolsLieOverEachOtherAndOneIsTaken() {
        BookScreen screen = bound("Long stitch");
        assertThat(page.locator(".lane")).hasCount(5);
        assertThat(page.locator(".lane").first()).containsText("everywhere");
        page.locator(".lane").nth(1).click();
        screen.kept(3);
        assertThat(page.locator(".lane").nth(1)).hasAttribute("aria-pressed", "true");
        screen.type("Margin at each edge", "4 mm").kept(4);
        assertEquals(prepare.kept(book).part("rows").get("school").getAsString(), "MARGIN");
    }

    @Test
    public void fromInsideTheFrontIsOnTheLeft() {
        BookScreen screen = bound("Long stitch");
        Locator row = page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Row 1").setExact(true));
        double outside = row.boundingBox().x;
        screen.choose("from inside");
        assertThat(page.getByLabel(Pattern.compile("from inside: ")).first()).isVisible();
        assertEquals(row.boundingBox().x < outside, true);
    }

    @Test
    public void aRowIsMovedByKeysAndStaysWhereItIsPut() {
        BookScreen screen = bound("Long stitch");
        Locator row = page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Row 1").setExact(true));
        double before = Double.parseDouble(row.getAttribute("aria-valuenow"));
        row.focus();
        page.keyboard().press("ArrowRight");
        screen.kept(3);
        assertEquals(Double.parseDouble(row.getAttribute("aria-valuenow")), before + 0.5, 0.11);
        assertEquals(prepare.kept(book).part("rows").get("school").getAsString(), "PLACED");
    }

    @Test
    public void moreRowsThanTheSpineHoldsAreToldAndMended() {
        BookScreen screen = bound("Long stitch");
        screen.type("Spine", "2.5 mm").kept(3);
        assertThat(screen.remarks()).containsText("rows are more than a spine of");
        assertThat(page.locator(".lane-fault.impossible").first()).isVisible();
    }

    @Test
    public void aHoleThroughTheSideIsMovedByKeysAndEveryHoleIsThenByHand() {
        BookScreen screen = bound("Stab, four holes");
        Locator hole = page.getByLabel(Pattern.compile("^Hole 2, main hole"));
        hole.focus();
        page.keyboard().press("Shift+ArrowDown");
        screen.kept(3);
        assertThat(page.getByLabel(Pattern.compile("^Hole 2, main hole: .*17\\Dmm from the spine")))
                .isVisible();
        assertThat(screen.field("Every hole placed by hand")).isChecked();
    }

    @Test
    public void aSheetThatIsTooNarrowIsNotCaught() {
        BookScreen screen = bound("Stab, four holes");
        screen.press("Lay one in").kept(3);
        assertThat(page.locator(".loose")).containsText("caught by holes");
        screen.type("Width, folded back", "10 mm").kept(4);
        assertThat(page.locator(".loose")).containsText("not caught: it must reach");
    }

    @DataProvider
    Object[][] fields() {
        return new Object[][] {
            {"Long stitch", "Height"},
            {"Long stitch", "Spine"},
            {"Long stitch", "Square at the head"},
            {"Stab, four holes", "Main holes from the spine"},
        };
    }

    @Test(dataProvider = "fields")
    public void nonsenseGetsOneLineInItsField(String structure, String label) {
        BookScreen screen = bound(structure);
        for (String nonsense : new String[] {"tall", "", "-5", "99999999 mm", "<b>8</b>"}) {
            Locator field = screen.field(label).last();
            field.fill(nonsense);
            field.press("Enter");
            assertThat(screen.line()).hasCount(1);
            field.press("Escape");
        }
        assertEquals(prepare.kept(book).revision(), 2);
    }
}
