package itomichi.browser.journey;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.ScreenJourney;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A book gone through by the keys alone: what they have gone to is seen whole, and nothing lies over it. */
public class ByKeysTest extends ScreenJourney {

    /** More places to go to than any stage has. */
    private static final int MOST = 300;
    /** Fewer would mean that the way ends before the figures. */
    private static final int LEAST = 40;

    /** What is gone to by name, with what is wrong with how it is seen; nothing at the end of the way. A box is seen with its label. */
    private static final String GONE_TO = """
            () => {
              const one = document.activeElement;
              if (one === document.body) return '';
              const seen = one.matches('[type=checkbox], [type=radio]') ? one.closest('label') : one;
              const { left, right, top, bottom, height } = seen.getBoundingClientRect();
              const name = one.getAttribute('aria-label') || one.innerText || one.id || one.tagName;
              if (left < -1 || right > innerWidth + 1) return name + ': cut off at the side';
              if (height > innerHeight) return name;
              if (top < -1 || bottom > innerHeight + 1) return name + ': cut off above or below';
              const over = [top + 2, bottom - 2]
                .map((y) => document.elementFromPoint(left + Math.min(12, (right - left) / 2), y))
                .find((other) => other && !seen.contains(other) && !other.contains(seen));
              return over ? name + ': under ' + over.className : name;
            }""";

    @DataProvider
    Object[][] screens() {
        return new Object[][] {{"cover", 1280, 800}, {"thread", 1280, 800}, {"cover", 360, 740}};
    }

    @Test(dataProvider = "screens")
    public void whatIsGoneToIsSeenWhole(String stage, int width, int height) {
        Page page = window(width, height, false);
        open(page, "/books/{Prompt book}/" + stage);
        List<String> hidden = new ArrayList<>();
        int places = 0;
        for (String gone = tab(page); !gone.isEmpty() && places < MOST; gone = tab(page)) {
            places++;
            if (gone.contains(": cut off") || gone.contains(": under ")) {
                hidden.add(gone);
            }
        }
        assertEquals(String.join("\n", hidden), "");
        assertTrue(places > LEAST, places + " places to go to");
    }

    private static String tab(Page page) {
        page.keyboard().press("Tab");
        drawn(page);
        return (String) page.evaluate(GONE_TO);
    }
}
