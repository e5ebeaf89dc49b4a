package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From a sewn block to its cover. */
public class CoverTest extends Journey {

    private Book tapes(String name) {
        return prepare.beginBound(name, "Sewn on tapes", 160);
    }

    private static Locator row(Page page, String piece) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^" + piece)));
    }

    private JsonObject covering(Book book) {
        return prepare.kept(book).document().getAsJsonObject("covering");
    }

    @Test
    public void theSpineIsMeasuredWithTheCaliperAndTheListPrinted() {
        takeCaliper();
        Book book = tapes("Measured");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        page.keyboard().press("m");
        screen.pick("What lies between the jaws", "sewn log, at its spine");
        assertThat(page.locator(".caliper")).containsText("sewn log, at its spine");
        page.getByLabel("How many", new Page.GetByLabelOptions().setExact(false))
                .first()
                .fill("1");
        page.keyboard().press("Enter");
        screen.field("At the spine").focus();
        page.keyboard().press("F8");
        assertThat(page.getByText(Pattern.compile("into “At the spine”"))).isVisible();
        screen.kept(3);
        double mm = covering(book).getAsJsonObject("block").get("spineMm").getAsDouble();
        assertEquals(mm, 22.4, 1);
        assertThat(row(page, "Spine piece")).containsText(Pattern.compile("22\\.|23\\."));
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print the cut list")))
                .hasAttribute("href", Pattern.compile("/cover/list\\.pdf\\?paper=A4"));
    }

    @Test
    public void whatWasMeasuredIsTakenBack() {
        Book book = tapes("Taken back");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        screen.type("At the spine", "30 mm").kept(3);
        assertThat(row(page, "Spine piece")).containsText("30\u202fmm");
        screen.press("At the spine as planned").kept(4);
        assertTrue(!covering(book).getAsJsonObject("block").has("spineMm")
                || covering(book).getAsJsonObject("block").get("spineMm").isJsonNull());
    }

    @Test
    public void anotherWayOfTheJointAsksForNoMeasure() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, tapes("Joint").id(), "cover");
        assertThat(screen.field("Joint")).isVisible();
        screen.choose("by two boards");
        assertThat(screen.field("Joint")).hasCount(0);
        screen.shows("Joint, flat", "8 mm");
    }

    @Test
    public void aTurnInThatIsTooWideIsToldAndMendedByAPress() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, tapes("Wide").id(), "cover");
        screen.type("Turn-in", "90 mm").kept(3);
        assertThat(screen.remarks()).containsText("wider than half a board");
        screen.press("Take what is usual").kept(4);
        assertThat(screen.remarks()).not().containsText("wider than half a board");
    }

    @Test
    public void aBoardOfNothingIsRefusedInPlace() {
        Book book = tapes("Thin");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        screen.type("A board", "0.1 mm");
        assertThat(screen.line().first()).containsText("from 0.300\u202fmm to 10\u202fmm is taken");
        assertEquals(prepare.kept(book).revision(), 2);
    }

    @Test
    public void stepsAreTickedAndTickedOff() {
        Book book = tapes("Steps");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        Locator first = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of work"))
                .getByRole(AriaRole.CHECKBOX)
                .first();
        first.check();
        screen.kept(3);
        assertEquals(covering(book).getAsJsonArray("ticked").get(0).getAsString(), "dry-run");
        page.keyboard().press("Control+z");
        assertThat(first).not().isChecked();
    }

    @Test
    public void aSoftCoverGetsAFlapWithItsHolesWhereTheyWere() {
        Book book = prepare.beginBound("Flap", "Long stitch", 128);
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        screen.pick("Kind", "Soft, wrapped with a flap");
        assertThat(screen.figure("Flap")).isVisible();
        screen.type("Flap, in percent of the front", "33");
        screen.stage("Template").tick("cover");
        assertThat(page.getByAltText(Pattern.compile("template sheet"))).isVisible();
    }

    @Test
    public void aPieceIsSavedAtTrueSize() throws IOException {
        Page page = window();
        BookScreen.open(page, tapes("Saved").id(), "cover");
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cloth as DXF"))
                        .click());
        assertTrue(Files.readString(download.path()).contains("CUT"));
    }

    @Test
    public void theCoverIsReachedAndLookedAtByKeysAlone() {
        Page page = window();
        BookScreen.open(page, tapes("Keys").id(), "purpose");
        page.keyboard().press("9");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The sewn block")))
                .isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("opened flat, from inside"))
                .focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^opened flat, from outside"))))
                .isVisible();
        page.keyboard().press(".");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pressing and the last look")))
                .isVisible();
    }

    @Test
    public void theTurnInIsMovedInTheDrawingByKeysAndByHand() {
        Book book = tapes("Moved");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        Locator grip = page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Turn-in").setExact(true));
        grip.focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        screen.kept(3);
        assertEquals(covering(book).getAsJsonObject("numbers").get("turn-in").getAsDouble(), 19, 0.01);
        var box = grip.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 12);
        page.mouse().up();
        screen.kept(4);
        assertTrue(covering(book).getAsJsonObject("numbers").get("turn-in").getAsDouble() > 22);
    }

    @Test
    public void aCaseThatIsThereIsMeasuredAndTakenAsItIs() {
        Book book = tapes("Taken");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "cover");
        screen.pick("Kind", "A case that is there already").kept(3);
        screen.type("Its spine, between the creases", "12 mm").kept(4);
        assertThat(screen.remarks()).containsText("thicker than this spine");
        screen.press("Its spine, between the creases not measured").kept(5);
        assertThat(screen.remarks()).not().containsText("thicker than this spine");
    }
}
