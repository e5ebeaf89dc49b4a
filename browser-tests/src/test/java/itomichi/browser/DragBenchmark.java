package itomichi.browser;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Benchmark;
import itomichi.browser.screen.BookScreen;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * Measures a drag in the browser: how long the page is busy with each movement of the pointer, which must fit a frame of 16.7 ms, and how
 * long the figures take to follow. Run by bin/itomichi benchmark, not by the tests.
 */
public class DragBenchmark extends Benchmark {

    private static final int MOVEMENTS = 120;

    @Test
    public void measure() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Dragged").id(), "stations");
        var box = screen.station(3).boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + 120;
        page.evaluate("""
                () => {
                  const busy = (window.busy = []);
                  const follow = (window.follow = []);
                  let moved = null;
                  const value = () => document.querySelector('.places').textContent + [...document.querySelectorAll('.places input')].map((i) => i.value).join();
                  let last = value();
                  // Capture runs before the page's own listeners; the channel's message after they and the paint they asked for.
                  window.addEventListener('pointermove', () => {
                    const from = performance.now();
                    moved ??= from;
                    requestAnimationFrame(() => {
                      const frame = performance.now();
                      const channel = new MessageChannel();
                      channel.port1.onmessage = () => busy.push(performance.now() - frame);
                      channel.port2.postMessage(null);
                    });
                  }, true);
                  new MutationObserver(() => {
                    const now = value();
                    if (now !== last && moved !== null) {
                      follow.push(performance.now() - moved);
                      moved = null;
                      last = now;
                    }
                  }).observe(document.querySelector('main'), { subtree: true, childList: true, attributes: true, characterData: true });
                }
                """);
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= MOVEMENTS; i++) {
            page.mouse().move(x + 40 * Math.sin(i / 10.0), y);
            page.waitForTimeout(16);
        }
        page.mouse().up();
        print("frame", sorted(page, "window.busy"), 16.7);
        print("numbers follow", sorted(page, "window.follow"), 100);
    }

    private static List<Double> sorted(Page page, String values) {
        return ((List<?>) page.evaluate(values))
                .stream().map(value -> ((Number) value).doubleValue()).sorted().toList();
    }

    private static void print(String what, List<Double> values, double wantedMs) {
        System.out.printf(
                Locale.ROOT,
                "%s: %d measured, median %.1f ms, 95 of 100 within %.1f ms (wanted: %.1f ms)%n",
                what,
                values.size(),
                values.get(values.size() / 2),
                values.get((int) (values.size() * 0.95)),
                wantedMs);
    }
}
