package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.testng.annotations.Test;

public class TemplateTest extends Journey {

    @Test
    public void theSheetOnTheScreenIsTheOneThatIsPrinted() throws Exception {
        Page page = window();
        BookScreen.open(page, prepare.demo("The long song"), "template");
        assertThat(page.getByAltText(java.util.regex.Pattern.compile("template sheet")))
                .isVisible();
        new BookScreen(page).tick("pricking card").tick("fold strip, flat");
        assertThat(page.getByAltText(java.util.regex.Pattern.compile("folded, fold strip, flat, pricking card")))
                .isVisible();
        String counted =
                page.getByText(java.util.regex.Pattern.compile("^Page 1 of")).innerText();
        String address = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the PDF to print"))
                .getAttribute("href");
        byte[] pdf = page.request().get(address).body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertEquals("Page 1 of " + document.getNumberOfPages(), counted);
        }
        assertTrue((boolean)
                page.locator(".template-page img").evaluate("image => image.complete && image.naturalWidth > 0"));
    }

    /** The browser's own idea of a millimetre (CSS: 96 px to the inch) against the plan's stations. */
    @Test
    public void theSvgLaysItsHolesOutInMillimetres() {
        Page page = window();
        var book = prepare.begin("Svg");
        page.navigate("/api/books/" + book.id() + "/template.svg");
        Object[] places = ((java.util.List<?>)
                        page.evaluate(
                                "[...document.querySelectorAll('line.station')].map(line => line.getBoundingClientRect().top * 25.4 / 96)"))
                .toArray();
        double between = ((Number) places[4]).doubleValue() - ((Number) places[0]).doubleValue();
        assertEquals(between, 170, 0.2);
    }

    @Test
    public void theSimulatedPrinterIsCorrectedByItsBarsAndCanBeForgotten() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Printer").id(), "template");
        screen.pick("Printer", "Simulated printer");
        assertThat(page.locator(".bars")).containsText("97.3");
        screen.field("Level bar").fill("97.3");
        screen.field("Upright bar").fill("101.2");
        screen.press("Correct the printer");
        assertThat(page.locator(".bars-now")).containsText("102.8");
        assertThat(page.locator(".bars"))
                .containsText(java.util.regex.Pattern.compile(
                        "a rule reads 100[\\s\u202f]mm level and 100[\\s\u202f]mm upright"));
        screen.press("Print as it is");
        assertThat(page.locator(".bars-now")).hasCount(0);
    }

    @Test
    public void aPrinterOfItsOwnIsNamedAndChosen() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Printer").id(), "template");
        screen.press("Another printer");
        String name = "Foyer " + System.nanoTime();
        screen.field("Its name").fill(name);
        screen.press("Add it");
        assertThat(page.locator(".ant-select-content, .ant-select-selection-item")
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText(name)))
                .isVisible();
    }

    @Test
    public void whatIsPunchedIsTickedOffAndStaysSo() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.demo("Scene diary"), "template");
        String line = "Signature 2: stations 1–5";
        screen.tick(line);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("50 holes to make, 5 made")))
                .isVisible();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        page.reload();
        assertThat(screen.field(line)).isChecked();
        // a click, for a box that is asked in the same breath whether it changed may not have been drawn yet
        screen.field(line).click();
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("50 holes to make").setExact(true)))
                .isVisible();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
    }

    @Test
    public void absurdBarsAreToldInOneLine() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, prepare.begin("Printer").id(), "template");
        screen.field("Level bar").fill("40");
        screen.field("Upright bar").fill("100");
        screen.press("Correct the printer");
        assertThat(screen.line()).containsText("from 90 to 110 % is taken");
    }
}
