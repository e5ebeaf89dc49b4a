package itomichi.browser;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Benchmark;
import itomichi.browser.screen.BookScreen;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Measures how long a choice on the screens of paper and gathering takes to be drawn: from the press in the page, over the server and its
 * database, to the frame that shows what followed. Wanted: 100 ms. Run by bin/itomichi benchmark, not by the tests.
 */
public class RedrawBenchmark extends Benchmark {

    private static final int PRESSES = 60;

    @DataProvider
    Object[][] choices() {
        return new Object[][] {
            {"split taken, the spine follows", "gather", "", ".bundle", ".band"},
            {
                "pressing changed, the end view follows",
                "gather",
                "all of it",
                "input[value=FRESH], input[value=OVERNIGHT]",
                ".block-end"
            },
            {
                "grain of the stock turned, the cuts follow",
                "paper",
                "cutting",
                "input[value=ALONG_WIDTH], input[value=ALONG_HEIGHT]",
                ".stock"
            },
            {"a need ticked, the advice follows", "purpose", "", ".needs input", ".compared"},
        };
    }

    @Test(dataProvider = "choices")
    public void measure(String what, String stage, String look, String pressed, String followed) {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.demo("Prompt book"), stage);
        if (!look.isEmpty()) {
            book.choose(look);
        }
        page.waitForSelector(followed);
        page.waitForTimeout(1000);
        List<?> times = (List<?>) page.evaluate("""
                async ([pressed, followed, presses]) => {
                  const times = [];
                  const state = () => document.querySelector(followed)?.outerHTML;
                  for (let i = 0; i < presses; i++) {
                    const all = [...document.querySelectorAll(pressed)].filter((one) => !one.checked && one.getAttribute('aria-pressed') !== 'true' || one.type === 'checkbox');
                    const before = state();
                    const from = performance.now();
                    all[i % Math.min(all.length, 3)].click();
                    await new Promise((done) => {
                      const look = () => (state() !== before ? requestAnimationFrame(done) : performance.now() - from > 3000 ? done() : requestAnimationFrame(look));
                      requestAnimationFrame(look);
                    });
                    times.push(performance.now() - from);
                    await new Promise((done) => setTimeout(done, 120));
                  }
                  return times;
                }
                """, List.of(pressed, followed, PRESSES));
        List<Double> sorted = times.stream()
                .map(value -> ((Number) value).doubleValue())
                .sorted()
                .toList();
        System.out.printf(
                Locale.ROOT,
                "redraw, %s: median %.0f ms, 95 of 100 within %.0f ms (wanted: 100 ms)%n",
                what,
                sorted.get(sorted.size() / 2),
                sorted.get((int) (sorted.size() * 0.95)));
    }
}
