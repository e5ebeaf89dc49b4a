package itomichi.browser.journey;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

public class LookTmpTest extends Journey {
    @Test
    public void look() {
        Page page = window(1280, 1000, false);
        page.navigate("/learned");
        page.waitForTimeout(1500);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^Plan books in work by it: (Grey|overnight|pressed)")))
                .first()
                .click();
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/l1.png")));
        String id = System.getenv().getOrDefault("LOOK_ID", "");
        page.navigate("/books/" + id + "/thread");
        page.waitForTimeout(2500);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/l2.png")));
        page.navigate("/books/" + id + "/gather");
        page.waitForTimeout(2500);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/l3.png")));
    }
}
