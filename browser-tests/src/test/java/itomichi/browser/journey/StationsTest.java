package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class StationsTest extends Journey {

    private Book book;
    private Page page;
    private BookScreen screen;

    @BeforeMethod
    void openStations() {
        book = prepare.begin("Stations");
        page = window();
        screen = BookScreen.open(page, book.id(), "stations");
    }

    @Test
    public void aStationIsDraggedAndItsNumbersFollow() {
        var box = screen.station(2).boundingBox();
        var first = screen.station(1).boundingBox();
        // stations 1 and 2 are 42.5 mm apart: that many pixels are the scale of the drawing
        double perMm = (box.x - first.x) / 42.5;
        page.mouse().move(box.x + box.width / 2, box.y + 120);
        page.mouse().down();
        page.mouse()
                .move(
                        box.x + box.width / 2 - 10 * perMm,
                        box.y + 120,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        screen.kept(2);
        assertEquals(placed(1), 52.5, 0.6);
        screen.shows("Stations", "5 over 170 mm");
    }

    @Test
    public void aStationIsMovedByKeys() {
        screen.station(2).focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        assertThat(screen.field("Station 2").last()).hasValue("68\u202fmm");
        screen.kept(2);
        assertEquals(placed(1), 62.5 + 0.5 + 5, 0.001);
    }

    @Test
    public void aStationIsTyped() {
        screen.field("Station 2").last().fill("2 1/2 in");
        page.keyboard().press("Enter");
        screen.kept(2);
        assertThat(screen.field("Station 2").last()).hasValue("63.5\u202fmm");
        assertEquals(placed(1), 63.5, 0.001);
    }

    @Test
    public void aStationTypedOutOfOrderIsToldInPlaceAndNothingMoves() {
        screen.field("Station 2").last().fill("150 mm");
        page.keyboard().press("Enter");
        assertThat(screen.line().first()).containsText("Station 3 must lie below station 2");
        assertEquals(prepare.kept(book).revision(), 1);
    }

    @Test
    public void undoSurvivesAReload() {
        screen.field("Station 1").last().fill("30 mm");
        page.keyboard().press("Enter");
        screen.kept(2);
        page.reload();
        assertThat(screen.figure("Sheets to fold")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(screen.field("Station 1").last()).hasValue("20\u202fmm");
        page.keyboard().press("Control+Shift+z");
        assertThat(screen.field("Station 1").last()).hasValue("30\u202fmm");
    }

    private double placed(int index) {
        return prepare.kept(book)
                .part("stations")
                .getAsJsonArray("placedMm")
                .get(index)
                .getAsDouble();
    }
}
