package itomichi.browser;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.ScreenJourney;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Takes the pictures of docs/screenshots from the demo data; run by bin/itomichi screenshots, not by the tests. */
public class Screenshots extends ScreenJourney {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    @DataProvider
    Object[][] views() {
        return new Object[][] {
            {"space", "/books/{Prompt book}/thread", 1280, 800, false},
            {"bench", "/", 1280, 800, false},
            {"days", "/days", 1280, 1180, false},
            {"purpose", "/books/{Prompt book}/purpose", 1280, 800, false},
            {"pages", "/books/{Costume swatches}/pages", 1280, 1000, false},
            {"stations", "/books/{The long song}/stations", 1280, 800, false},
            {"copies", "/books/{Cue slips, twelve}/copies", 1280, 800, false},
            {"template", "/books/{Scene diary}/template", 1280, 800, false},
            {"sewing", "/books/{Prompt book}/sewing", 1280, 800, false},
            {"class", "/classes/{class}", 1280, 1000, false},
            {"front", "/classes/{class}/front", 1280, 800, false},
            {"sewing-small", "/books/{Cue slips}/sewing", 360, 740, false},
            {"cover", "/books/{Fly-loft log}/cover", 1280, 800, false},
            {"printed", "/books/{Prompt book, The Lantern}/pages", 1280, 1000, false},
            {"patterns", "/patterns", 1280, 800, false},
            {"shopping", "/shopping", 1280, 1300, false},
            {"notebook", "/notebook/{Prompt book, Nine}", 1280, 1100, false},
            {"learned", "/learned", 1280, 1000, false},
        };
    }

    /** A handout is looked at as it is printed, for no page of the application shows it. */
    @Test
    public void handout() throws IOException, InterruptedException {
        Page page = window(1280, 800, false);
        open(page, "/classes/{class}");
        String address = page.getByText("Handouts, two to a sheet")
                .locator("xpath=ancestor-or-self::a")
                .getAttribute("href");
        Path pdf = Files.createTempFile("handout", ".pdf");
        Files.write(pdf, page.request().get(address).body());
        String to = FOLDER.resolve("handout").toString();
        new ProcessBuilder("pdftoppm", "-r", "96", "-png", "-singlefile", "-f", "1", pdf.toString(), to)
                .inheritIO()
                .start()
                .waitFor();
        Files.delete(pdf);
    }

    @Test(dataProvider = "views")
    public void picture(String name, String path, int width, int height, boolean evening) {
        Page page = window(width, height, evening);
        open(page, path);
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        if (name.equals("template")) {
            page.getByLabel("spine grid").check();
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        }
        if (name.equals("printed")) {
            page.getByText("a text printed on them").click();
            page.locator(".text-look image").first().waitFor();
            page.waitForTimeout(1500);
        }
        if (name.equals("space")) {
            page.getByText("See it in space").click();
            page.locator(".space-more").waitFor();
            page.waitForTimeout(1500);
        }
        if (name.equals("sewing")) {
            for (int move = 0; move < 22; move++) {
                page.keyboard().press("Space");
            }
        }
        if (name.equals("patterns")) {
            page.getByText("Pennants").click();
        }
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
