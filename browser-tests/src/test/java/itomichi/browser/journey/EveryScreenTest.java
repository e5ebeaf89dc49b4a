package itomichi.browser.journey;

import itomichi.browser.fixture.AnyWidth;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold on every screen: axe finds nothing, nothing is wider than a small telephone, a tablet or a small window. */
@Test(groups = "screens")
public class EveryScreenTest extends AnyWidth {

    /** The screens by book, and those that belong to none. */
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
            {
                "Cue slips",
                List.of(
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
                        "finish")
            },
            {"Cue slips", List.of("copies")},
            {"Shadow figures", List.of("gather", "stations", "template", "thread", "sewing", "cover")},
        };
    }

    @Test(dataProvider = "screens")
    public void everyScreenIsForEverybodyAndForASmallScreen(String book, List<String> screens) {
        nothingIsWrong(book, screens);
    }
}
