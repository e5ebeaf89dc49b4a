package itomichi.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import itomichi.browser.fixture.Benchmark;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * Measures a move more of a sewing of some 5,000 moves: how far frames are apart while moves are made, some 30 a second; 60 frames a second are
 * 16.7 ms apart. Run by bin/itomichi benchmark, not by the tests.
 */
public class SewBenchmark extends Benchmark {

    private static final int SIGNATURES = 120;
    private static final int STATIONS = 21;
    private static final int HALF_WAY = 2500;
    private static final int MOVES = 120;

    @Test
    public void measure() {
        Page page = window();
        page.navigate("/books/"
                + prepare.beginLinked("Long", SIGNATURES, STATIONS, HALF_WAY).id() + "/sewing");
        assertThat(page.locator(".sewing-count"))
                .containsText(
                        Pattern.compile("Move 2501 of"),
                        new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
        System.out.println(page.locator(".sewing-count").innerText());
        page.evaluate("""
                () => {
                  const gaps = (window.gaps = []);
                  let last = performance.now();
                  const frame = (now) => {
                    gaps.push(now - last);
                    last = now;
                    requestAnimationFrame(frame);
                  };
                  requestAnimationFrame(frame);
                }
                """);
        for (int i = 0; i < MOVES; i++) {
            page.keyboard().press("PageDown");
            page.waitForTimeout(28);
        }
        List<Double> busy = ((List<?>) page.evaluate("window.gaps.slice(2)"))
                .stream().map(value -> ((Number) value).doubleValue()).sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "frames while 30 moves a second are made: %d, median %.1f ms apart, 95 of 100 within %.1f ms (wanted: 16.7 ms)%n",
                busy.size(),
                busy.get(busy.size() / 2),
                busy.get((int) (busy.size() * 0.95)));
    }
}
