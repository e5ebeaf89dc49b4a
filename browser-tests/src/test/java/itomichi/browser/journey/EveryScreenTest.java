package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.ArrayList;
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
                Stream.of("/", "/drawers/papers", "/templates"),
                STAGES.stream().flatMap(stage -> books.stream().map(book -> "/books/{" + book + "}/" + stage)));
    }

    /** Books of many signatures, of mixed papers, of single sheets, where they differ from a pamphlet. */
    private static Stream<String> larger() {
        return Stream.of(
                "/drawers/threads",
                "/patterns",
                "/books/{Prompt book}/sew",
                "/books/{Prompt book}/sewing",
                "/books/{Prompt book}/rehearsal",
                "/books/{Shadow figures}/thread",
                "/books/{Shadow figures}/sewing",
                "/books/{Prompt book}/purpose",
                "/books/{Prompt book}/paper",
                "/books/{Prompt book}/gather",
                "/books/{Prompt book}/stations",
                "/books/{Prompt book}/thread",
                "/books/{Costume swatches}/paper",
                "/books/{Costume swatches}/gather",
                "/books/{Costume swatches}/stations",
                "/books/{Scene diary}/template",
                "/books/{Shadow figures}/stations",
                "/books/{Shadow figures}/template",
                "/books/{Shadow figures}/gather");
    }

    @DataProvider
    Object[][] screens() {
        return Stream.concat(paths(List.of("Cue slips", "Programme")), larger())
                .map(path -> new Object[] {path})
                .toArray(Object[][]::new);
    }

    @DataProvider
    Object[][] oneBook() {
        return paths(List.of("Programme")).map(path -> new Object[] {path}).toArray(Object[][]::new);
    }

    /** Looked at by axe, then made as narrow as a small telephone: what is wrong is named. */
    @Test(dataProvider = "screens")
    public void everyScreenIsForEverybodyAndForASmallTelephone(String path) {
        Page page = opened(path, 1280, 800, false);
        List<String> wrong = new ArrayList<>(violations(page));
        page.setViewportSize(360, 740);
        drawn(page);
        int over = (int) page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        if (over != 0) {
            wrong.add(over + " px wider than a screen of 360");
        }
        assertEquals(wrong, List.of());
    }

    /** By lamplight only colours differ. */
    @Test(dataProvider = "oneBook")
    public void wordsStandOutByLamplight(String path) {
        Page page = opened(path, 1280, 800, true);
        assertEquals(violations(page, "color-contrast"), List.of());
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

    @DataProvider
    Object[][] looks() {
        return new Object[][] {
            {"/books/{Prompt book}/paper", "cutting"},
            {"/books/{Prompt book}/paper", "leaf"},
            {"/books/{Prompt book}/gather", "all of it"},
            {"/books/{Prompt book}/gather", "one signature"},
            {"/books/{Costume swatches}/gather", "its recipe"},
        };
    }

    @Test(dataProvider = "looks")
    public void axeFindsNoViolationInWhatIsLookedAt(String path, String look) {
        Page page = opened(path, 1280, 800, false);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(look).setExact(true))
                .check();
        drawn(page);
        assertEquals(violations(page), List.of());
    }

    @Test
    public void axeFindsNoViolationWithTheCaliperAndAForm() {
        Page page = opened("/drawers/papers", 1280, 800, false);
        page.keyboard().press("m");
        page.getByText("Lay something in").click();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        drawn(page);
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
        page.navigate(path.contains("{") ? path.replace("{" + book + "}", prepare.demo(book)) : path);
        assertThat(page.locator("main")).isVisible();
        assertThat(page.locator(".figure, .row, .sewing-move, .thing, .kept, .pattern-board")
                        .first())
                .isVisible();
        drawn(page);
        return page;
    }

    /** Two frames: what is measured in one is drawn in the next. */
    private static void drawn(Page page) {
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
    }

    /** What axe finds; it works in the page itself, for there are no frames, and leaves out the long list of what is well. */
    private static List<String> violations(Page page, String... rules) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        AxeBuilder axe = new AxeBuilder(page).setLegacyMode(true);
        axe = rules.length > 0 ? axe.withRules(List.of(rules)) : axe.options(options);
        return axe.analyze().getViolations().stream()
                .map(violation ->
                        violation.getId() + ": " + violation.getNodes().get(0).getHtml())
                .toList();
    }
}
