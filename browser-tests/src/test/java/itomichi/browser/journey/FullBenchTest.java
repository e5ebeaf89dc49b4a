package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import itomichi.browser.fixture.Journey;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** The bench with no book, one, forty, two hundred: the real server is asked for these alone. */
public class FullBenchTest extends Journey {

    private static final String ONE = "ranked first";
    private static final String FORTY = "ranked";
    private static final String ALL = "Rank ";
    private static final String NONE = "no book is called so";

    private final List<String> books = new ArrayList<>();

    @BeforeClass
    public void stand() {
        for (int number = 1; number <= 200; number++) {
            String purpose = number == 1 ? ONE : number <= 40 ? FORTY : "one of many";
            books.add(prepare.shelve(String.format("Rank %03d", number), purpose));
        }
    }

    @AfterClass(alwaysRun = true)
    public void clear() {
        books.forEach(prepare::remove);
    }

    @Test
    public void anEmptyBenchSaysHowToBegin() {
        Page page = benchOf(NONE);
        Locator ways = page.getByLabel("Ways to begin");
        assertThat(ways.getByRole(AriaRole.LISTITEM)).hasCount(5);
        assertThat(page.getByLabel("Find a book by name or purpose")).hasCount(0);
        ways.getByText("paper in hand").click();
        assertThat(page.getByLabel("Sheets in hand")).isFocused();
    }

    @Test
    public void oneBookIsDrawnLargerThanAmongForty() {
        Page one = benchOf(ONE);
        assertThat(table(one)).hasCount(1);
        assertThat(one.getByLabel("Ways to begin")).isVisible();
        double alone = height(one);
        assertTrue(alone > 1.3 * height(benchOf(FORTY)), "alone " + alone);
    }

    @Test
    public void oneBookOnATelephoneHasItsWordsBelowIt() {
        Page page = benchOf(ONE);
        page.setViewportSize(360, 740);
        BoundingBox book = page.locator(".table-book").boundingBox();
        assertTrue(page.locator(".table-words").boundingBox().y >= book.y + book.height - 1, "words lie over the book");
    }

    @Test
    public void fortyBooksAreAllThereAndNoNameIsCutOff() {
        Page page = benchOf(FORTY);
        assertThat(table(page)).hasCount(40);
        assertEquals(
                page.evaluate(
                        "() => [...document.querySelectorAll('.table-words *')]"
                                + ".filter(one => one.scrollWidth > one.clientWidth + 1 && getComputedStyle(one).display !== 'inline').length"),
                0);
        assertEquals(page.evaluate("() => document.documentElement.scrollWidth > innerWidth"), false);
    }

    @Test
    public void twoHundredBooksComeInPartsAndAreSortedOutByStage() {
        Page page = benchOf(ALL);
        assertThat(page.getByText("48 of 200 books")).isVisible();
        press(page, "Show more");
        assertThat(table(page)).hasCount(96);
        press(page, "Purpose 200");
        assertThat(page.getByText("48 of 200 books")).isVisible();
    }

    @Test
    public void oneOfTwoHundredIsFoundByAFewLetters() {
        Page page = benchOf(ALL);
        page.getByLabel("Find a book by name or purpose").fill("rank 137");
        assertThat(table(page)).hasCount(1);
        assertThat(table(page)).containsText("Rank 137");
    }

    /** The bench as it is when these books, which stand on the shelf, are the only ones and in work. */
    private Page benchOf(String find) {
        Page page = window();
        page.route(Pattern.compile("/api/books\\?"), route -> {
            String url = route.request().url();
            String only = url.contains("onShelf=true") ? NONE : find;
            String asked = url.replace("onShelf=false", "onShelf=true");
            route.resume(new Route.ResumeOptions()
                    .setUrl(asked.replaceFirst("find=(?=&)", "find=" + only.replace(" ", "%20"))));
        });
        page.navigate("/");
        page.locator(".table-words, .ways").first().waitFor();
        return page;
    }

    private static Locator table(Page page) {
        return page.locator(".table li:has(.table-words)");
    }

    private static double height(Page page) {
        return page.locator(".table .on-bench").first().boundingBox().height;
    }

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .click();
    }
}
