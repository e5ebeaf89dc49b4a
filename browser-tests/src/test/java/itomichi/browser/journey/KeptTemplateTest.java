package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From a new book to a template that is printed, kept, and found again for the next. */
public class KeptTemplateTest extends Journey {

    private Page page;
    private Book book;

    private BookScreen begin(String name, String structure) {
        page = window();
        book = prepare.beginBound(name, structure, 32);
        page.navigate("/books/" + book.id() + "/purpose");
        return new BookScreen(page).kept(2);
    }

    private Locator kept(String name) {
        return page.locator(".kept").filter(new Locator.FilterOptions().setHasText(name));
    }

    private void keep(BookScreen screen, String name) {
        screen.press("Keep this template");
        screen.field("Name").fill(name);
        screen.press("Keep it");
        assertThat(page.getByText("“" + name + "” is kept.")).isVisible();
    }

    @Test
    public void sixSignaturesInAFeltCoverAreFoundAgainForTheNextOfItsSize() {
        BookScreen screen = begin("Felt", "Long stitch");
        screen.type("Pages", "96").stage("Paper").choose("leaf");
        screen.type("Leaf height", "226 mm").stage("Gather");
        screen.type("Signatures, exactly", "6").shows("Signatures", "6 of 4").stage("Stations");
        screen.type("Height", "232 mm").type("Spine", "46 mm");
        assertThat(page.locator(".lane")).hasCount(5);
        assertThat(page.locator(".lane").first()).containsText(Pattern.compile("46\\D?mm ÷ \\(6\\D\\+\\D1\\) = 6.6"));
        page.locator(".lane").nth(1).click();
        assertThat(page.locator(".lane").nth(1)).containsText(Pattern.compile("= 6.8\\D?mm between rows"));
        screen.stage("Template").tick("spine grid");
        assertThat(page.getByAltText(Pattern.compile("fold strip, folded, spine grid")))
                .isVisible();
        keep(screen, "Felt, moths " + book.id().substring(0, 6));
        assertThat(page.locator(".as-planned")).isVisible();

        page.keyboard().press("t");
        screen.field("Its height").fill("231 mm");
        screen.field("Its spine, if it matters").fill("46.5");
        screen.press("Find what fits");
        assertThat(kept("Felt, moths " + book.id().substring(0, 6))).isVisible();
        assertThat(kept("Slip, three holes")).hasCount(0);
        kept("Felt, moths " + book.id().substring(0, 6))
                .getByText("Begin a book with it")
                .click();
        screen.shows("Signatures", "6");
        assertThat(page.locator(".rows-board")).containsText(Pattern.compile("6 rows on a spine of 46"));
        String next = page.url().replaceAll(".*/books/([^/]+)/.*", "$1");
        assertEquals(
                prepare.kept(next).part("rows").getAsJsonArray("placedMm").toString(),
                "[6.0,12.8,19.6,26.4,33.2,40.0]");
    }

    @Test
    public void aCaseOnThreeTapesIsSawnByItsGuide() {
        BookScreen screen = begin("Tapes", "Sewn on tapes");
        screen.type("Pages", "128").stage("Stations");
        screen.pick("Stations placed by", "pairs about supports");
        screen.type("Supports or links", "3").type("Width of each", "15 mm");
        screen.shows("Stations", "8");
        screen.stage("Template").tick("sawing guide");
        assertThat(page.getByAltText(Pattern.compile("sawing guide"))).isVisible();
        keep(screen, "Three tapes " + book.id().substring(0, 6));
        page.keyboard().press("t");
        screen.choose("a fold or a block");
        screen.field("Its height").fill("210 mm");
        screen.press("Find what fits");
        assertThat(kept("Three tapes " + book.id().substring(0, 6))).containsText("8 stations");
    }

    @Test
    public void aFrenchLinkCaseIsKeptAndFound() {
        BookScreen screen = begin("French", "French link");
        screen.type("Pages", "128").stage("Stations");
        screen.type("Supports or links", "2");
        screen.shows("Stations", "6").stage("Template");
        keep(screen, "French link " + book.id().substring(0, 6));
        page.keyboard().press("t");
        screen.choose("a fold or a block");
        screen.field("Its height").fill("209 mm");
        screen.press("Find what fits");
        assertThat(kept("French link " + book.id().substring(0, 6))).containsText("6 stations");
    }

    @Test
    public void aFiveHoleStabStripIsKeptAndLaidOnAnotherBook() {
        BookScreen screen = begin("Stab", "Stab, running and wrapped");
        screen.stage("Stations").pick("Main holes", "5");
        screen.stage("Template");
        assertThat(page.getByAltText(Pattern.compile("stab strip"))).isVisible();
        String name = "Five holes " + book.id().substring(0, 6);
        keep(screen, name);

        BookScreen other = begin("Other", "Stab, four holes");
        other.stage("Template");
        Locator found = page.locator(".fitting-list > li").filter(new Locator.FilterOptions().setHasText(name));
        assertThat(found).containsText("It has 5");
        found.getByText("Use it for this book").click();
        other.kept(3);
        assertThat(found.locator(".as-planned")).isVisible();
        assertEquals(prepare.kept(book).part("side").getAsJsonArray("placed").size(), 5);
    }

    @Test
    public void severalAreLaidOnOneCard() {
        page = window();
        page.navigate("/templates");
        for (String name : new String[] {"Diary cover, five acts", "Slip, three holes", "Pattern sheets, tall"}) {
            kept(name).getByLabel("On the shared card").check();
        }
        assertThat(page.getByText("A card of 3 templates")).isVisible();
        String card = page.getByText("Open the card to print")
                .locator("xpath=ancestor-or-self::a")
                .getAttribute("href");
        assertTrue(new String(page.request().get(card).body(), 0, 5, StandardCharsets.US_ASCII).startsWith("%PDF"));
    }

    @Test
    public void aHeightThatIsNoneIsToldInPlace() {
        page = window();
        page.navigate("/templates");
        page.getByLabel("Its height").fill("tall");
        page.getByText("Find what fits").click();
        assertThat(page.locator(".at-hand .field-line")).hasCount(1);
    }
}
