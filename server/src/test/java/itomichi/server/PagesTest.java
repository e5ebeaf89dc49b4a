package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.testng.annotations.Test;

/** The pages as a browser is given them. */
public class PagesTest extends HttpTest {

    /** Every build carries one date, so that a browser must not ask whether the index is newer than the one it has. */
    @Test
    public void aBrowserThatHasAnEarlierIndexIsGivenTheNewOne() {
        Answer first = get("/shopping");
        assertTrue(first.raw().headers().firstValue("Last-Modified").isEmpty());
        Answer again = send("GET", "/shopping", null, Map.of("If-Modified-Since", "Thu, 01 Jan 2026 00:00:00 GMT"));
        assertEquals(again.status(), first.status());
    }
}
