package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** On a small telephone the work comes first: the ways to other places are shown when asked for. */
public class PhoneTest extends Journey {

    private static final int HEAD_PX = 60;

    private static Locator places(Page page) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Places").setExact(true));
    }

    @Test
    public void theHeadIsOneLineUntilPlacesAreAskedFor() {
        Page page = window(360, 740, false);
        page.navigate("/");
        assertThat(places(page)).isVisible();
        assertTrue(page.locator("header").first().boundingBox().height < HEAD_PX, "the head is higher than a line");
        places(page).click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Days").setExact(true))
                .click();
        assertThat(page).hasURL(Pattern.compile("/days$"));
        assertTrue(page.locator("header").first().boundingBox().height < HEAD_PX, "it is closed again");
    }

    @Test
    public void whereThereIsRoomAllPlacesAreInSight() {
        Page page = window();
        page.navigate("/");
        assertThat(places(page)).isHidden();
        assertThat(page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Days").setExact(true)))
                .isVisible();
    }
}
