package itomichi.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import itomichi.browser.fixture.Journey;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * Measures a move more of a sewing of some 5,000 moves: how long the page is busy from the key to the painted frame, which must fit a frame
 * of 16.7 ms. Run by bin/itomichi bench, not by the tests.
 */
public class SewBench extends Journey {

    private static final int SIGNATURES = 120;
    private static final int STATIONS = 21;
    private static final int HALF_WAY = 2500;
    private static final int MOVES = 120;

    @Test
    public void measure() {
        Page page = window();
        page.navigate("/books/"
                + bench.beginLinked("Long", SIGNATURES, STATIONS, HALF_WAY).id() + "/sewing");
        assertThat(page.locator(".sewing-count"))
                .containsText(
                        Pattern.compile("Move 2501 of"),
                        new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
        System.out.println(page.locator(".sewing-count").innerText());
        page.evaluate("""
                () => {
                  const busy = (window.busy = []);
                  window.addEventListener('keydown', () => {
                    const from = performance.now();
                    requestAnimationFrame(() => {
                      const channel = new MessageChannel();
                      channel.port1.onmessage = () => busy.push(performance.now() - from);
                      channel.port2.postMessage(null);
                    });
                  }, true);
                }
                """);
        for (int i = 0; i < MOVES; i++) {
            page.keyboard().press("PageDown");
            page.waitForTimeout(30);
        }
        List<Double> busy = ((List<?>) page.evaluate("window.busy"))
                .stream().map(value -> ((Number) value).doubleValue()).sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "frame of a move: %d measured, median %.1f ms, 95 of 100 within %.1f ms (wanted: 16.7 ms)%n",
                busy.size(),
                busy.get(busy.size() / 2),
                busy.get((int) (busy.size() * 0.95)));
    }
}
