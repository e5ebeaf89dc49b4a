package itomichi.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import itomichi.browser.fixture.Benchmark;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * Measures a book of 60 signatures with 12 stations in space: from the press to its first picture, and how far frames are apart while it
 * turns, drawn by software; and what the page holds once it was left, beside what it held before. Run by bin/itomichi benchmark, not by the
 * tests.
 */
public class SpaceBenchmark extends Benchmark {

    private static final int SIGNATURES = 60;
    private static final int STATIONS = 12;
    private static final int TURNS = 90;
    private static final int TIMES = 10;
    private static final double MEGABYTE = 1_000_000;

    @Test
    public void measure() {
        Page page = thread("In space");
        // what draws it is there already: it is asked for once
        look(page);
        page.getByText("Lay it flat").click();
        double first = ((Number) page.evaluate("""
                        async () => {
                          const press = [...document.querySelectorAll('button')].find((one) => one.textContent === 'See it in space');
                          const begun = performance.now();
                          press.click();
                          while (!document.querySelector('.space-acts button') || !document.querySelector('.space-more')) {
                            await new Promise((done) => requestAnimationFrame(done));
                          }
                          await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
                          return performance.now() - begun;
                        }
                        """)).doubleValue();
        List<Double> gaps = ((List<?>) page.evaluate("""
                        async (turns) => {
                          const canvas = document.querySelector('.space-room');
                          canvas.focus();
                          const gaps = [];
                          let last = performance.now();
                          for (let i = 0; i < turns; i++) {
                            canvas.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
                            await new Promise((done) => requestAnimationFrame(done));
                            const now = performance.now();
                            gaps.push(now - last);
                            last = now;
                          }
                          return gaps.slice(10);
                        }
                        """, TURNS))
                .stream().map(value -> ((Number) value).doubleValue()).sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "space: %d signatures with %d stations, first picture after %.0f ms (wanted: 1000); turning, frames %.1f ms apart in the median, 95 of 100 within %.1f ms (wanted: 33)%n",
                SIGNATURES,
                STATIONS,
                first,
                gaps.get(gaps.size() / 2),
                gaps.get((int) (gaps.size() * 0.95)));
    }

    /** Seen and left so often, it holds no more than after the first time, when what draws it has been fetched. */
    @Test
    public void whatIsHeldOnceItIsLeft() {
        Page page = thread("Let go");
        page.getByText("See it in space").waitFor();
        double before = heldMb(page);
        look(page);
        double open = heldMb(page);
        page.getByText("Lay it flat").click();
        double once = heldMb(page);
        for (int time = 1; time < TIMES; time++) {
            look(page);
            page.getByText("Lay it flat").click();
        }
        System.out.printf(
                Locale.ROOT,
                "space: the page holds %.1f MB before, %.1f MB while it is seen, %.1f MB when it was left, %.1f MB when it was left %d times%n",
                before,
                open,
                once,
                heldMb(page),
                TIMES);
    }

    /** The thread of such a book, not looked at in space yet. */
    private Page thread(String name) {
        Page page = window();
        page.navigate(
                "/books/" + prepare.beginLinked(name, SIGNATURES, STATIONS, 0).id() + "/thread");
        return page;
    }

    private static void look(Page page) {
        page.getByText("See it in space").click();
        assertThat(page.locator(".space-more")).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(30_000));
    }

    /** What its scripts hold, arrays included, once nothing is left to be cleared away. */
    private static double heldMb(Page page) {
        CDPSession session = page.context().newCDPSession(page);
        session.send("HeapProfiler.collectGarbage");
        session.send("HeapProfiler.collectGarbage");
        JsonObject held = session.send("Runtime.getHeapUsage");
        session.detach();
        double arrays =
                held.has("backingStorageSize") ? held.get("backingStorageSize").getAsDouble() : 0;
        return (held.get("usedSize").getAsDouble() + arrays) / MEGABYTE;
    }
}
