package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Looking after what lies in the drawers. */
public class DrawersTest extends Journey {

    private static int number;

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator press(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Page open(String drawer) {
        Page page = window();
        page.navigate("/drawers/" + drawer);
        assertThat(page.locator(".thing").first()).isVisible();
        return page;
    }

    @Test
    public void aPaperIsLaidInMeasuredPutAwayAndTakenOutAgain() {
        takeCaliper();
        Page page = open("papers");
        String name = "Journey paper " + ++number;
        press(page, "Lay something in").click();
        field(page, "Name").fill(name);
        field(page, "Weight").fill("110 gsm");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Kind"))
                .click();
        page.locator(".ant-select-dropdown:visible").getByText("book wove").click();
        field(page, "Sheets in the stack").fill("20");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Caliper"))
                .click();
        field(page, "Stack, measured").focus();
        press(page, "Read (F8)").click();
        assertThat(field(page, "Stack, measured")).hasValue(Pattern.compile("\\d+(\\.\\d+)?\u202fmm"));
        press(page, "Lay it in").click();
        Locator thing = page.locator(".thing").filter(new Locator.FilterOptions().setHasText(name));
        assertThat(thing).containsText("measured");

        press(page, "Put " + name + " away").click();
        assertThat(thing).hasCount(0);
        press(page, "Take it out again").click();
        assertThat(thing).isVisible();
    }

    @Test
    public void nonsenseIsToldAtItsFieldAndWhatWasTypedStays() {
        Page page = open("needles");
        press(page, "Change Curved").click();
        field(page, "Width at the eye").fill("wide");
        press(page, "Keep it so").click();
        assertThat(page.locator(".field-line")).containsText("Read “wide”");
        assertThat(field(page, "Width at the eye")).hasValue("wide");
        press(page, "Leave it").click();
        assertThat(page.locator(".thing").first()).containsText("mm");
    }

    @Test
    public void aThingSaysWhichBooksUseIt() {
        Page page = open("papers");
        Locator wove = page.locator(".thing").filter(new Locator.FilterOptions().setHasText("Book wove 120"));
        assertThat(wove.getByRole(AriaRole.LINK).first()).hasAttribute("href", Pattern.compile("/books/.*/paper"));
    }

    @Test
    public void threadAndNeedleAreTakenFromTheDrawer() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Taken").id(), "thread");
        book.pick("Thread from the drawer", "Linen 40/3").shows("Thread thickness", "0.42 mm");
        assertThat(book.field("Thread")).hasValue("Linen 40/3");
        book.pick("Needle from the drawer", "Curved");
        assertThat(book.field("Needle’s eye")).hasValue("1.20\u202fmm");
    }

    @Test
    public void aListIsSavedAndAWrongOneIsToldRowByRow() throws Exception {
        Page page = open("threads");
        var saved = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save the list, CSV"))
                        .click());
        String list = Files.readString(saved.path());
        assertTrue(list.startsWith("Name,Fibre,Counted in,Count"), list);
        int things = page.locator(".thing").count();
        load(page, list.replace("linen,linen count,30", "straw,linen count,30"));
        assertThat(page.locator(".wrong-rows")).containsText("Fibre: Read “straw”");
        assertThat(page.locator(".thing")).hasCount(things);
        press(page, "Put this away").click();
        load(page, list);
        assertThat(page.locator(".drawer-said")).containsText("0 laid in, " + things + " changed");
    }

    @Test
    public void thingsLieInTheOrderThatIsAskedFor() {
        Page page = open("papers");
        press(page, "Weight").click();
        Locator first = page.locator(".thing").first();
        String light = first.locator("[data-label=Weight]").innerText();
        press(page, "Weight").click();
        assertThat(first.locator("[data-label=Weight]")).not().hasText(light);
        assertThat(page.locator("th[aria-sort=descending]")).hasText(Pattern.compile("Weight"));
    }

    @Test
    public void aThingIsFoundByWhatIsKnownOfIt() {
        Page page = open("papers");
        page.getByLabel("Find in papers").fill("book wove 120");
        assertThat(page.locator(".thing").first()).containsText("Book wove 120");
        page.getByLabel("Find in papers").fill("no such paper");
        assertThat(page.locator(".things")).containsText("Nothing in this drawer holds “no such paper”.");
    }

    private static void load(Page page, String csv) {
        field(page, "CSV file")
                .setInputFiles(new FilePayload("threads.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    public void theDrawersAreReachedAndLeftByKeys() {
        Page page = window();
        page.navigate("/");
        assertThat(page.locator(".table-words").first()).isVisible();
        page.keyboard().press("d");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Drawers")))
                .isVisible();
        page.keyboard().press("m");
        assertThat(page.getByLabel("Caliper", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("m");
        assertThat(page.getByLabel("Caliper", new Page.GetByLabelOptions().setExact(true)))
                .hasCount(0);
    }
}
