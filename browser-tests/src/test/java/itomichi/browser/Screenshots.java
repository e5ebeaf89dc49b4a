package itomichi.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Journey;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Takes the pictures of docs/screenshots from the demo data; run by bin/itomichi screenshots, not by the tests. */
public class Screenshots extends Journey {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    @DataProvider
    Object[][] views() {
        return new Object[][] {
            {"bench", "/", 1280, 800, false},
            {"purpose", "/books/{The long song}/purpose", 1280, 800, false},
            {"paper", "/books/{The long song}/paper", 1280, 800, false},
            {"gather-inches", "/books/{Programme}/gather", 1280, 800, false},
            {"stations", "/books/{The long song}/stations", 1280, 800, false},
            {"template", "/books/{The long song}/template", 1280, 800, false},
            {"thread", "/books/{Cue slips}/thread", 1280, 800, false},
            {"working", "/books/{Cue slips}/thread", 1280, 800, false},
            {"sew", "/books/{Cue slips}/sew", 1280, 800, false},
            {"sewing", "/books/{Cue slips}/sewing", 1280, 800, false},
            {"sewing-turned-evening", "/books/{Cue slips}/sewing", 1280, 800, true},
            {"sewing-small", "/books/{Cue slips}/sewing", 360, 740, false},
        };
    }

    @Test(dataProvider = "views")
    public void picture(String name, String path, int width, int height, boolean evening) {
        Page page = window(width, height, evening);
        String book = path.replaceAll(".*\\{(.*)}.*", "$1");
        page.navigate(path.contains("{") ? path.replace("{" + book + "}", bench.demo(book)) : path);
        assertThat(page.locator(".figure, .row, .sewing-move").first()).isVisible();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        if (name.contains("inches")) {
            page.keyboard().press("i");
        }
        if (name.equals("working")) {
            page.keyboard().press("w");
        }
        if (name.contains("turned")) {
            page.keyboard().press("f");
        }
        page.waitForTimeout(300);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
        if (name.contains("turned")) {
            page.keyboard().press("f");
            page.waitForTimeout(300);
        }
    }
}
