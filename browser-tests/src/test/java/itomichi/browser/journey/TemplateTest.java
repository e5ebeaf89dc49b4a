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
        BookScreen.open(page, bench.demo("The long song"), "template");
        assertThat(page.getByText("Page 1 of 2")).isVisible();
        String address = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the PDF to print"))
                .getAttribute("href");
        byte[] pdf = page.request().get(address).body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertEquals(document.getNumberOfPages(), 2);
        }
        assertTrue((boolean)
                page.locator(".template-page img").evaluate("image => image.complete && image.naturalWidth > 0"));
    }

    /** The browser's own idea of a millimetre (CSS: 96 px to the inch) against the plan's stations. */
    @Test
    public void theSvgLaysItsHolesOutInMillimetres() {
        Page page = window();
        var book = bench.begin("Svg");
        page.navigate("/api/books/" + book.id() + "/template.svg");
        Object[] places = ((java.util.List<?>)
                        page.evaluate(
                                "[...document.querySelectorAll('line.station')].map(line => line.getBoundingClientRect().top * 25.4 / 96)"))
                .toArray();
        double between = ((Number) places[4]).doubleValue() - ((Number) places[0]).doubleValue();
        assertEquals(between, 170, 0.2);
    }

    @Test
    public void measuredBarsCorrectThePrinterAndCanBeForgotten() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, bench.begin("Printer").id(), "template");
        screen.field("Level bar").fill("97.3");
        screen.field("Upright bar").fill("101.2");
        screen.press("Correct the printer");
        assertThat(page.locator(".bars-now")).containsText("102.8");
        screen.press("Print as it is");
        assertThat(page.locator(".bars-now")).hasCount(0);
    }

    @Test
    public void absurdBarsAreToldInOneLine() {
        Page page = window();
        BookScreen screen = BookScreen.open(page, bench.begin("Printer").id(), "template");
        screen.field("Level bar").fill("40");
        screen.field("Upright bar").fill("100");
        screen.press("Correct the printer");
        assertThat(screen.line()).containsText("from 90 to 110 % is taken");
    }
}
