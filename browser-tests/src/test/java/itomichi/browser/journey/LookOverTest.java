package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A book looked over: what is seen, what is measured, what can still be done. */
public class LookOverTest extends Journey {

    private Locator list(Page page, String name) {
        page.navigate("/books/" + prepare.begin(name).id() + "/finish");
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Look it over"));
    }

    private static Locator press(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    @Test
    public void whatIsNotGoodSaysWhatCanStillBeDone() {
        Locator list = list(window(), "Looked at");
        press(list, "Not good: Every fold is sharp").click();
        assertThat(list).containsText("tap it level at head and fold");
        assertThat(list).containsText("1 not good");
        press(list, "Good: Every fold is sharp").click();
        assertThat(list).not().containsText("tap it level at head and fold");
    }

    @Test
    public void whatWasMeasuredIsHeldAgainstThePlan() {
        Page page = window();
        Locator list = list(page, "Measured");
        Locator height = list.getByLabel("Measured: Height of a sheet as it is cut.");
        height.fill("212");
        height.press("Enter");
        assertThat(list).containsText("Cut the pile to the lowest sheet");
        page.reload();
        assertThat(height).hasValue("212\u202fmm");
    }

    @Test
    public void aSlippedPointIsToldInPlace() {
        Locator list = list(window(), "Slipped");
        Locator height = list.getByLabel("Measured: Height of a sheet as it is cut.");
        height.fill("2100");
        height.press("Enter");
        assertThat(list).containsText("a point may have slipped");
    }

    /** While it can still be mended: each stage has its own list. */
    @Test
    public void eachStageHasWhatIsLookedAtBeforeItIsGoneOnFrom() {
        Page page = window();
        page.navigate("/books/" + prepare.begin("Stage by stage").id() + "/gather");
        page.locator(".stage-looked").scrollIntoViewIfNeeded();
        Locator list = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Look it over"));
        assertThat(list).not().containsText("Height of a sheet");
        press(list, "Not good: Every fold is sharp").click();
        assertThat(list).containsText("tap it level at head and fold");
    }
}
