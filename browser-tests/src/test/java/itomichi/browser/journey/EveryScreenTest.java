package itomichi.browser.journey;

import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.ScreenJourney;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold on every screen: axe finds nothing, nothing is wider than a small telephone, a tablet or a small window. */
@Test(groups = "screens")
public class EveryScreenTest extends ScreenJourney {

    /** Of a tablet upright and on its side, and a small telephone, CSS pixels: common practice, no source. */
    private static final List<Integer> WIDTHS = List.of(1000, 768, 360);

    private static final List<String> STAGES = List.of(
            "purpose",
            "paper",
            "gather",
            "pages",
            "stations",
            "template",
            "thread",
            "sew",
            "sewing",
            "cover",
            "finish");

    /** The screens by book, and those that belong to none: what differs from a pamphlet is looked at in the larger books. */
    @DataProvider
    Object[][] screens() {
        return new Object[][] {
            {
                "",
                List.of(
                        "/",
                        "/drawers/papers",
                        "/drawers/threads",
                        "/templates",
                        "/patterns",
                        "/shopping",
                        "/days",
                        "/classes",
                        "/classes/{class}",
                        "/classes/{class}/front",
                        "/notebook",
                        "/notebook/{Fly-loft log}",
                        "/learned")
            },
            {"Cue slips", STAGES},
            {"Cue slips", List.of("copies")},
            {"Programme", List.of("gather", "template", "sewing")},
            {"Prompt book", List.of("purpose", "paper", "gather", "thread", "sewing", "rehearsal", "cover")},
            {"Costume swatches", List.of("paper", "gather", "pages", "stations", "cover")},
            {"Scene diary", List.of("template")},
            {"Shadow figures", List.of("gather", "stations", "template", "thread", "sewing", "cover")},
            {"Fly-loft log", List.of("cover", "finish")},
        };
    }

    /** Looked at by axe, then made narrower and narrower: what is wrong is named with its screen. */
    @Test(dataProvider = "screens")
    public void everyScreenIsForEverybodyAndForASmallScreen(String book, List<String> screens) {
        Page page = window();
        assertEquals(String.join("\n", wrong(page, book, screens, EveryScreenTest::wrongByDay)), "");
    }

    private static List<String> wrongByDay(Page page) {
        List<String> wrong = new ArrayList<>(violations(page));
        for (int wide : WIDTHS) {
            page.setViewportSize(wide, 740);
            drawn(page);
            int over =
                    (int) page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
            if (over != 0) {
                wrong.add(over + " px wider than a screen of " + wide);
            }
        }
        page.setViewportSize(1280, 800);
        return wrong;
    }
}
