package itomichi.server.gate;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.platform.Letters;
import java.util.concurrent.CompletableFuture;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is let in, and how much at once. */
public class GateTest {

    @DataProvider
    Object[][] addresses() {
        return new Object[][] {
            {"find=cue%20slips", true},
            {"find=%C3%A4", true},
            {"find=%C3", false},
            {"find=%", false},
            {"find=%g1", false},
            {"find=%00", false},
            {"find=%ED%A0%80", false}, // half of a pair, RFC 3629 section 3
            {"find=%F0%9F%A7%B5", true},
        };
    }

    @Test(dataProvider = "addresses")
    public void anAddressIsReadAsUtf8OrNotAtAll(String query, boolean readable) {
        assertEquals(HeadGate.readable(query), readable);
    }

    @DataProvider
    Object[][] letters() {
        return new Object[][] {
            {"Cue slips\t\n", true}, {"\u0000", false}, {"\uD800", false}, {"\uFFFE", false}, {"\uFDD0", false}
        };
    }

    @Test(dataProvider = "letters")
    public void lettersThatNobodyKeepsAreKnown(String text, boolean kept) {
        assertEquals(Letters.kept(text), kept);
    }

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {
            {"/api/plan", BodyGate.LARGEST_DOCUMENT},
            {"/api/book-file", BodyGate.LARGEST_FILE},
            {"/api/drawers/PAPERS/list", BodyGate.LARGEST_FILE},
            {"/api/books/1/pictures", BodyGate.LARGEST_PICTURE},
            {"/api/pictures/1", BodyGate.LARGEST_DOCUMENT},
            {"/api/drawers/PAPERS/things", BodyGate.LARGEST_DOCUMENT},
        };
    }

    @Test(dataProvider = "sizes")
    public void filesMayBeLargerThanDocuments(String path, int most) {
        assertEquals(BodyGate.most(path), most);
    }

    @Test
    public void whoWaitsIsLetInWhenAPlaceIsLeft() {
        Lanes.Lane lane = new Lanes.Lane(1, 1);
        assertTrue(lane.enter());
        CompletableFuture<Boolean> second = CompletableFuture.supplyAsync(lane::enter);
        lane.leave();
        assertTrue(second.join());
    }

    @Test
    public void whereNobodyMayWaitThePlacesAreAll() {
        Lanes.Lane lane = new Lanes.Lane(1, 0);
        assertTrue(lane.enter());
        assertFalse(lane.enter());
    }
}
