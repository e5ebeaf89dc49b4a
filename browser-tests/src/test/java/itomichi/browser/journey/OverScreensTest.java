package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.ScreenJourney;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What opens over a screen, what is chosen to be looked at on it, and its colours by lamplight: axe finds nothing. */
@Test(groups = "screens")
public class OverScreensTest extends ScreenJourney {

    /** The screens that have colours of their own. */
    private static final List<String> BY_LAMPLIGHT =
            List.of("purpose", "gather", "template", "thread", "sewing", "cover");

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

    @Test
    public void axeFindsNoViolationInWhatOpensOverTheScreen() {
        Page page = opened("/");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertEquals(violations(page), List.of());
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.keyboard().press("n");
        assertThat(page.getByLabel("Pages", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
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
}
