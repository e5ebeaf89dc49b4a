package itomichi.browser.journey;

import itomichi.browser.fixture.AnyWidth;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The screens of larger books, as far as they differ from a pamphlet's: a class of their own, so that both threads have enough to look at. */
@Test(groups = "screens")
public class LargerBooksTest extends AnyWidth {

    @DataProvider
    Object[][] screens() {
        return new Object[][] {
            {"Programme", List.of("gather", "template", "sewing")},
            {"Prompt book", List.of("purpose", "paper", "gather", "thread", "sewing", "rehearsal", "cover")},
            {"Costume swatches", List.of("paper", "gather", "pages", "stations", "cover")},
            {"Scene diary", List.of("template")},
            {"Fly-loft log", List.of("cover", "finish")},
        };
    }

    @Test(dataProvider = "screens")
    public void everyScreenIsForEverybodyAndForASmallScreen(String book, List<String> screens) {
        nothingIsWrong(book, screens);
    }
}
