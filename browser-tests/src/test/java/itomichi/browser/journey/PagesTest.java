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

/** The pages: on their sheets, as a reader turns them, as they are gathered. */
public class PagesTest extends Journey {

    private static Locator side(Page page, String told) {
        return page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(told).setExact(true));
    }

    /** 32 pages on eight sheets: the outermost holds the last page beside the first. */
    @Test
    public void theOutermostSheetHoldsTheLastPageBesideTheFirst() {
        Page page = window();
        BookScreen.open(page, prepare.begin("Paged").id(), "pages");
        assertThat(side(page, "outer side: 32 on the left, 1 on the right")).isVisible();
        assertThat(side(page, "inner side: 16 on the left, 17 on the right")).isVisible();
    }

    @Test
    public void frontMatterIsCountedInRomanAndNonsenseIsToldInPlace() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Counted").id(), "pages");
        book.type("Then in roman figures", "4");
        assertThat(side(page, "outer side: 28 on the left, i on the right")).isVisible();
        Locator first = page.getByLabel("Then from number");
        first.fill("none");
        first.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
    }

    /** A mixed blank book: the sheet that folds out is told by its half and its width, beside sheets of the same signature that do not. */
    @Test
    public void aSheetThatFoldsOutIsTold() {
        Page page = window();
        page.navigate("/books/" + prepare.demo("Costume swatches") + "/pages");
        assertThat(page.locator(".page-sheets li").filter(new Locator.FilterOptions().setHasText("folds out")))
                .not()
                .hasCount(0);
        assertThat(page.locator(".page-sheets li").filter(new Locator.FilterOptions().setHasNotText("folds out")))
                .not()
                .hasCount(0);
    }

    /** A half that is made wider than the book folds out; as wide as the book, it is like the others again. */
    @Test
    public void aHalfIsMadeToFoldOut() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Widened").id(), "pages");
        book.press("Widths of sheet 2").type("Sheet 2, second half wide", "240 mm");
        Locator folds = page.locator(".page-sheets li").filter(new Locator.FilterOptions().setHasText("folds out"));
        assertThat(folds).hasCount(1);
        book.type("Sheet 2, second half wide", "148 mm");
        assertThat(folds).hasCount(0);
    }

    @Test
    public void onlyTheMiddleOpeningIsOneSheet() {
        Page page = window();
        BookScreen.open(page, prepare.begin("Turned").id(), "pages");
        page.getByText("the openings").click();
        Locator unbroken = page.locator(".page-unbroken");
        assertThat(unbroken).hasCount(1);
        assertThat(unbroken).containsText("16");
        assertThat(unbroken).containsText("17");
    }

    /** Over the thread in the middle of the only signature a leaf would tear: it is moved by a press, and the picture runs across again. */
    @Test
    public void aLeafIsTippedOnAndMovedOutOfTheWay() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Tipped").id(), "pages");
        book.choose("the openings").press("Tip a leaf on").type("To page", "17");
        assertThat(page.locator(".page-unbroken")).hasCount(0);
        assertThat(book.remarks()).containsText("its strip lies over the thread");
        book.press("Tip it on to page 18");
        assertThat(page.locator(".page-unbroken")).hasCount(1);
        assertThat(page.locator(".page-opening").filter(new Locator.FilterOptions().setHasText("tipped on")))
                .hasCount(2);
    }

    @Test
    public void aPocketWiderThanItsPageIsToldAndMadeToFit() {
        Page page = window();
        BookScreen book = BookScreen.open(page, prepare.begin("Pocket").id(), "pages");
        book.choose("the openings")
                .press("Paste a pocket in")
                .type("On page", "3")
                .type("Width", "200");
        assertThat(page.locator(".page-half").filter(new Locator.FilterOptions().setHasText("pocket")))
                .containsText("3");
        book.press("Make it 138\u202fmm by 190\u202fmm");
        assertThat(book.remarks()).not().containsText("The pocket on page 3");
        book.type("On page", "never");
        assertThat(book.line()).isVisible();
    }

    /** A moth across the front of the first sheet: it is nested innermost, and faces itself across the fold. */
    @Test
    public void whatIsPaintedBeforehandIsNestedToFace() {
        Page page = window();
        BookScreen.open(page, prepare.begin("Painted").id(), "pages");
        page.getByText("what is painted on them").click();
        Locator made = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Made beforehand"));
        Locator left = made.getByLabel("front left").first();
        left.fill("moth");
        left.press("Enter");
        made.getByText("These are to face each other").click();
        assertThat(made).containsText("sheet 8; sheet 1, its front inside.");
        made.getByText("Number the sheets so").click();
        page.getByText("the openings").click();
        assertThat(page.locator(".page-unbroken")).containsText("moth");
    }

    @Test
    public void whatIsGatheredIsTickedAndKept() {
        Book book = prepare.beginLinked("Gathered", 4, 5, 0);
        Page page = window();
        page.navigate("/books/" + book.id() + "/pages");
        page.getByText("the gathering list").click();
        Locator list = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Gathering list"));
        Locator second = list.getByRole(AriaRole.CHECKBOX).nth(1);
        page.waitForResponse("**/gather-list", second::click);
        assertThat(list).containsText("4 signatures to gather, 1 there");
        page.reload();
        page.getByText("the gathering list").click();
        assertThat(second).isChecked();
        assertThat(list.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Print it")))
                .hasAttribute("href", Pattern.compile("gather-list\\.pdf"));
    }
}
