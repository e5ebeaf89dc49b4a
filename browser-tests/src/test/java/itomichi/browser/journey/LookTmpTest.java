package itomichi.browser.journey;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

public class LookTmpTest extends Journey {
    private static void shot(Page page, String name) {
        page.waitForTimeout(1200);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("/tmp/" + name + ".png")));
    }

    @Test
    public void look() {
        Page page = window(1280, 1000, false);
        page.navigate("/days");
        page.waitForTimeout(2000);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Prompt book, The Lantern|Steps")))
                .first()
                .click();
        page.waitForTimeout(500);
        page.locator(".day-step-why summary").nth(2).click();
        page.locator(".day-step-why").nth(2).scrollIntoViewIfNeeded();
        shot(page, "l1");
        String id = System.getenv().getOrDefault("LOOK_ID", "");
        page.navigate("/books/" + id + "/gather");
        page.waitForTimeout(2500);
        page.waitForTimeout(10);
        page.waitForTimeout(1500);
        page.locator(".look-over").scrollIntoViewIfNeeded();
        page.waitForTimeout(1500);
        page.locator(".look-tolerance summary").first().click();
        page.locator(".look-over").evaluate("e => e.scrollIntoView()");
        shot(page, "l2");
        Page small = window(360, 800, false);
        small.navigate("/books/" + id + "/gather");
        small.waitForTimeout(2500);
        small.locator(".settle").scrollIntoViewIfNeeded();
        small.waitForTimeout(2000);
        small.locator(".from-books").scrollIntoViewIfNeeded();
        shot(small, "l3");
    }
}
