package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold on every screen: axe finds nothing, nothing is wider than a small telephone. */
public class EveryScreenTest extends Journey {

    private static final List<String> STAGES =
            List.of("purpose", "paper", "gather", "stations", "template", "thread", "sew", "sewing");

    private static Stream<String> paths(List<String> books) {
        return Stream.concat(
                Stream.of("/"),
                STAGES.stream().flatMap(stage -> books.stream().map(book -> "/books/{" + book + "}/" + stage)));
    }

    @DataProvider
    Object[][] screens() {
        return paths(List.of("Cue slips", "Programme"))
                .map(path -> new Object[] {path})
                .toArray(Object[][]::new);
    }

    @DataProvider
    Object[][] oneBook() {
        return paths(List.of("Programme")).map(path -> new Object[] {path}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "screens")
    public void axeFindsNoViolationByDaylight(String path) {
        assertEquals(violations(opened(path, 1280, 800, false)), List.of());
    }

    @Test(dataProvider = "oneBook")
    public void axeFindsNoViolationByLamplight(String path) {
        assertEquals(violations(opened(path, 1280, 800, true)), List.of());
    }

    @Test(dataProvider = "screens")
    public void nothingIsWiderThanAThreeHundredAndSixtyPixelScreen(String path) {
        Page page = opened(path, 360, 740, false);
        int over = (int) page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertEquals(over, 0);
    }

    @Test
    public void axeFindsNoViolationInWhatOpensOverTheScreen() {
        Page page = opened("/", 1280, 800, false);
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertEquals(violations(page), List.of());
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.keyboard().press("n");
        assertThat(page.getByLabel("Pages")).isVisible();
        assertEquals(violations(page), List.of());
    }

    @Test
    public void axeFindsNoViolationWithAWorkingOpen() {
        Page page = opened("/books/{Cue slips}/thread", 1280, 800, false);
        page.keyboard().press("w");
        assertThat(page.getByText("Put away")).isVisible();
        assertEquals(violations(page), List.of());
    }

    private Page opened(String path, int width, int height, boolean evening) {
        Page page = window(width, height, evening);
        String book = path.replaceAll(".*\\{(.*)}.*", "$1");
        page.navigate(path.contains("{") ? path.replace("{" + book + "}", bench.demo(book)) : path);
        assertThat(page.locator("main")).isVisible();
        assertThat(page.locator(".figure, .row, .sewing-move").first()).isVisible();
        page.waitForTimeout(150);
        return page;
    }

    private static List<String> violations(Page page) {
        return new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .map(violation -> violation.getId() + ": "
                                + violation.getNodes().get(0).getHtml())
                        .toList();
    }
}
