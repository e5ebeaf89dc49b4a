package itomichi.browser.journey;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Journey;
import java.nio.file.Path;
import org.testng.annotations.Test;

public class LookTmpTest extends Journey {
    private static void shot(Page page, String name) {
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(Path.of("/tmp/" + name + ".png"))
                .setFullPage(true));
    }

    @Test
    public void look() {
        Page page = window(1280, 1000, false);
        String id = System.getenv().getOrDefault("LOOK_ID", "");
        page.navigate("/books/" + id + "/cover");
        shot(page, "l1");
    }
}
