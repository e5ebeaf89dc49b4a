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
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold on every screen: axe finds nothing, nothing is wider than a small telephone. */
public class EveryScreenTest extends Journey {

    private static final List<String> STAGES =
            List.of("purpose", "paper", "gather", "stations", "template", "thread", "sew", "sewing", "cover", "finish");

    /** The screens that have colours of their own. */
    private static final List<String> BY_LAMPLIGHT =
            List.of("purpose", "gather", "template", "thread", "sewing", "cover");

    /** The screens by book, and those that belong to none: what differs from a pamphlet is looked at in the larger books. */
    @DataProvider
    Object[][] screens() {
        return new Object[][] {
            {"", List.of("/", "/drawers/papers", "/drawers/threads", "/templates", "/patterns", "/shopping", "/days")},
            {"Cue slips", STAGES},
            {"Programme", List.of("gather", "template", "sewing")},
            {"Prompt book", List.of("purpose", "paper", "gather", "thread", "sewing", "rehearsal", "cover")},
            {"Costume swatches", List.of("paper", "gather", "stations", "cover")},
            {"Scene diary", List.of("template")},
            {"Shadow figures", List.of("gather", "stations", "template", "thread", "sewing", "cover")},
            {"Fly-loft log", List.of("cover", "finish")},
        };
    }

    /** Looked at by axe, then made as narrow as a small telephone: what is wrong is named with its screen. */
    @Test(dataProvider = "screens")
    public void everyScreenIsForEverybodyAndForASmallTelephone(String book, List<String> screens) {
        Page page = window();
        assertEquals(String.join("\n", wrong(page, book, screens, EveryScreenTest::wrongByDay)), "");
    }

    private static List<String> wrongByDay(Page page) {
        List<String> wrong = new ArrayList<>(violations(page));
        page.setViewportSize(360, 740);
        drawn(page);
        int over = (int) page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        if (over != 0) {
            wrong.add(over + " px wider than a screen of 360");
        }
        page.setViewportSize(1280, 800);
        return wrong;
    }

    @DataProvider
    Object[][] byLamplight() {
        return new Object[][] {
            {"", List.of("/", "/drawers/papers", "/templates", "/shopping", "/days")}, {"Programme", BY_LAMPLIGHT}
        };
    }

    /** By lamplight only colours differ. */
    @Test(dataProvider = "byLamplight")
    public void wordsStandOutByLamplight(String book, List<String> screens) {
        Page page = window(1280, 800, true);
        assertEquals(String.join("\n", wrong(page, book, screens, screen -> violations(screen, "color-contrast"))), "");
    }

    /** What is wrong on each of the screens, opened one after the other in the same window. */
    private List<String> wrong(Page page, String book, List<String> screens, Function<Page, List<String>> look) {
        List<String> wrong = new ArrayList<>();
        for (String screen : screens) {
            open(page, book.isEmpty() ? screen : "/books/{" + book + "}/" + screen);
            look.apply(page).forEach(one -> wrong.add(screen + ": " + one));
        }
        return wrong;
    }

    @Test
    public void axeFindsNoViolationInWhatOpensOverTheScreen() {
        Page page = opened("/");
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
        Page page = opened(path);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(look).setExact(true))
                .check();
        drawn(page);
        assertEquals(violations(page), List.of());
    }

    @Test
    public void axeFindsNoViolationWithTheCaliperAndAForm() {
        Page page = opened("/drawers/papers");
        page.keyboard().press("m");
        page.getByText("Lay something in").click();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        drawn(page);
        assertEquals(violations(page), List.of());
    }

    @Test
    public void axeFindsNoViolationWithAWorkingOpen() {
        Page page = opened("/books/{Cue slips}/thread");
        page.keyboard().press("w");
        assertThat(page.getByText("Put away")).isVisible();
        assertEquals(violations(page), List.of());
    }

    private Page opened(String path) {
        Page page = window();
        open(page, path);
        return page;
    }

    private void open(Page page, String path) {
        String book = path.replaceAll(".*\\{(.*)}.*", "$1");
        page.navigate(path.contains("{") ? path.replace("{" + book + "}", prepare.demo(book)) : path);
        page.locator("main").waitFor();
        page.locator(".figure, .row, .sewing-move, .thing, .kept, .pattern-board, .shopping-list, .strip")
                .first()
                .waitFor();
        drawn(page);
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
