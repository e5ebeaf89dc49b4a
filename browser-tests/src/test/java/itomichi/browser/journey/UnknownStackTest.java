package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A newcomer with paper nobody knows: from a stack between the jaws of the caliper to a settled split, its spine and its cuts. */
public class UnknownStackTest extends Journey {

    private static BookScreen begin(Page page, String name, String pages) {
        page.navigate("/?begin=yes");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        page.getByLabel("Pages", new Page.GetByLabelOptions().setExact(true)).fill(pages);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Begin").setExact(true))
                .click();
        return new BookScreen(page);
    }

    /** Of more sheets than one fold takes; how it is bound is settled later, with a stack that is measured. */
    private static BookScreen beginThick(Page page, String name, String pages) {
        BookScreen book = begin(page, name, pages);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("One fold all the same")
                                .setExact(true))
                .click();
        assertThat(book.figure("Sheets to fold")).isVisible();
        return book;
    }

    private JsonObject kept(Page page) {
        String id = page.url().replaceAll(".*/books/([^/]+)/.*", "$1");
        return prepare.kept(id).document();
    }

    @Test
    public void aBookThatLiesFlatFromAStackThatIsMeasured() {
        Page page = window();
        takeCaliper();
        BookScreen book = beginThick(page, "Measured and flat", "240");
        book.tick("must lie flat");
        book.press("Bind it as Link stitch");
        assertThat(page.getByText("bound so")).isVisible();
        book.stage("Paper").choose("by a stack");
        assertThat(book.field("Stack, pressed")).isVisible();

        page.keyboard().press("m");
        book.pick("What lies between the jaws", "grey stack without a label");
        assertThat(page.locator(".caliper")).containsText("grey stack without a label");
        book.type("How many lie between the jaws", "20");
        book.field("Stack, pressed").focus();
        page.keyboard().press("F8");
        assertThat(page.getByText(Pattern.compile("into “Stack, pressed”"))).isVisible();
        // 20 sheets of 0.168 mm, known to the simulated caliper alone
        book.shows("Sheet thickness", "0\\.1[67]\\d mm");

        book.choose("cutting")
                .choose("in stock sheets")
                .type("Stock width", "640 mm")
                .type("Stock height", "900 mm");
        book.choose("along its height").type("In the drawer", "5");
        book.shows("Stock sheets", "8").shows("Short by", "3");
        assertThat(page.getByLabel("Cutting list").first()).containsText("4 of 210\u202fmm high");

        book.stage("Gather");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Take 12 of 5").setExact(true))
                .click();
        book.shows("Signatures", "12 of 5").shows("Spine(?! piece)", "2\\d(\\.\\d)? mm");
        assertThat(book.figure("Wedge")).containsText("%");
        book.press("Folded and nested").press("Pages are in order");
        assertThat(page.locator(".station-board")).isVisible();
        JsonObject gathering = kept(page).getAsJsonObject("gathering");
        assertEquals(gathering.get("signatures").getAsInt(), 12);
        assertTrue(kept(page).getAsJsonObject("paper").has("stack"));
    }

    @Test
    public void singleSheetsFromTheDrawer() {
        Page page = window();
        BookScreen book = begin(page, "Loose patterns", "48");
        book.tick("the sheets are single");
        book.press("Look at Stab, four holes").press("Bind it as Stab, four holes");
        book.stage("Paper").pick("From the drawer", "Shadow card 250");
        book.choose("leaf").type("Leaf width", "230 mm").type("Leaf height", "320 mm");
        book.shows("Sheets", "24").shows("Stack, pressed", "7.2 mm").shows("Stock sheets", "3");
        book.stage("Gather").type("Room for what is pasted in", "4 mm");
        book.shows("Stack, pressed", "11.2 mm");
    }

    @Test
    public void aMixedRecipeWithAFoldOut() {
        Page page = window();
        BookScreen book = beginThick(page, "Mixed", "96");
        book.press("Look at Long stitch").press("Bind it as Long stitch");
        book.stage("Paper").press("Add another paper");
        assertThat(book.field("Paper")).hasValue("Paper 2");
        book.type("Weight", "250 gsm");
        book.stage("Gather").choose("its recipe").press("Write a recipe");
        book.pick("Sheet 1, outermost", "Paper 2");
        book.type("Sheet 2, second leaf", "260 mm");
        assertThat(book.remarks()).containsText("Sheet 2 from outside, second leaf: overhangs by 112\u202fmm");
        assertThat(page.getByRole(AriaRole.IMG)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Paper 2")))
                .isVisible();
        assertEquals(
                kept(page)
                        .getAsJsonObject("gathering")
                        .getAsJsonArray("recipes")
                        .size(),
                1);
    }
}
