package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Figures that are typed as sums, advice where it belongs, and how a thick book is begun. */
public class FiguresAndAdviceTest extends Journey {

    @Test
    public void aLengthTypedAsASumIsShownWithWhatItComesTo() {
        Page page = window();
        BookScreen screen =
                BookScreen.open(page, prepare.begin("Sums").id(), "paper").choose("leaf");
        screen.type("Leaf width", "(297 - 5) / 2");
        assertThat(screen.field("Leaf width")).hasValue("146\u202fmm");
        assertThat(page.getByText("(297 − 5) ÷ 2 = 146\u202fmm")).isVisible();
        screen.type("Leaf width", "1,500 mm");
        assertThat(page.getByText("“1,500” can be 1.500 or 1500")).isVisible();
    }

    @Test
    public void aBookOfManySheetsIsAskedHowItWillBeBound() {
        Page page = window();
        page.navigate("/");
        press(page, "Begin a book");
        page.getByLabel("Pages", new Page.GetByLabelOptions().setExact(true)).fill("240");
        press(page, "Begin");
        Locator asked = page.getByRole(AriaRole.DIALOG);
        assertThat(asked).containsText("more sheets than one fold takes well");
        asked.getByLabel("things are pasted in").check();
        press(page, "Begin it as Long stitch");
        assertThat(page).hasURL(Pattern.compile("/books/[0-9a-f-]+/"));
        assertThat(page.locator(".figure").filter(new Locator.FilterOptions().setHasText("Signatures")))
                .isVisible();
    }

    private static void press(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    @Test
    public void aRemarkOfAnotherStageIsALineThatOpensAndMends() {
        Book thick = prepare.beginBound("Elsewhere", "Double pamphlet", 120);
        Page page = window();
        BookScreen screen = BookScreen.open(page, thick.id(), "thread");
        Locator line = screen.remarks()
                .locator("details")
                .filter(new Locator.FilterOptions().setHasText("a signature gapes and creeps"));
        assertThat(line.getByRole(AriaRole.BUTTON).first()).not().isVisible();
        line.locator("summary").click();
        line.getByRole(AriaRole.BUTTON).first().click();
        assertThat(screen.remarks()).not().containsText("gapes and creeps");
    }

    @Test
    public void theFiguresOfTheStageComeFirstAndTheOthersAreToldOf() {
        Page page = window(360, 740, false);
        BookScreen screen = BookScreen.open(
                page, prepare.beginBound("Band", "Link stitch", 200).id(), "thread");
        assertThat(page.locator(".figure").first()).containsText("Thread thickness");
        Locator more =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("\\d+ more")));
        assertThat(more).isVisible();
        more.click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("\\d+ before"))))
                .isVisible();
        screen.figure("Corner cut off").focus();
        assertThat(screen.figure("Corner cut off")).isInViewport();
        assertThat(more).not().isVisible();
    }

    @Test
    public void twoOnALengthIsChosenAmongTheWaysOfSewing() {
        Book tapes = prepare.beginBound("Two on", "Sewn on tapes", 192);
        Page page = window();
        BookScreen screen = BookScreen.open(page, tapes.id(), "thread");
        press(page, "Sew it so: two signatures on each length");
        assertThat(page.getByText("sewn so")).isVisible();
        screen.stage("Gather");
        Locator swell = screen.figure("Swell");
        swell.click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Working of swell")))
                .containsText("threads side by side in the folds");
    }
}
