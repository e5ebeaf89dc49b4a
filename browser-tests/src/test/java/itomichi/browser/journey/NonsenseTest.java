package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Nonsense typed into every field of every stage. */
public class NonsenseTest extends Journey {

    private static final Object[][] FIELDS = {
        {"purpose", "", List.of("Pages", "Copies")},
        {"paper", "paper", List.of("Weight")},
        {"paper", "leaf", List.of("Leaf width", "Leaf height")},
        {"paper", "cutting", List.of("Left standing, to trim")},
        {"gather", "one signature", List.of("Pages", "Cover stuff", "Square")},
        {"stations", "", List.of("From the head", "From the tail", "Station 1", "Station 3")},
        {"thread", "", List.of("Count", "Plies", "Each tail", "Needle’s eye", "Slack, %")},
    };
    private static final List<String> NONSENSE =
            List.of("tall", "", "-5", "1/0", "99999999 mm", "<b>8</b>", "'; drop table book;--");

    @DataProvider
    Object[][] fields() {
        List<Object[]> rows = new ArrayList<>();
        for (Object[] stage : FIELDS) {
            for (Object field : (List<?>) stage[2]) {
                rows.add(new Object[] {stage[0], stage[1], field});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "fields")
    public void nonsenseGetsOneLineAndTheLastGoodPlanStays(String stage, String look, String label) {
        Book book = prepare.begin("Nonsense");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), stage);
        if (!look.isEmpty()) {
            screen.choose(look);
        }
        String figures = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                .innerText();
        for (String nonsense : NONSENSE) {
            var field = screen.field(label).last();
            field.fill(nonsense);
            field.press("Enter");
            assertThat(screen.line()).hasCount(1);
            assertEquals(screen.line().innerText().contains("\n"), false);
            field.press("Escape");
        }
        assertEquals(
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                        .innerText(),
                figures);
        assertEquals(prepare.kept(book).view(), book.view());
    }

    @Test
    public void aNameIsTakenAsItIsTypedHoweverOddItLooks() {
        Book book = prepare.begin("Odd");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "purpose");
        String name = "<i>糸</i> & \"sons\" of " + book.name();
        screen.type("Name", name).kept(2);
        assertEquals(prepare.kept(book).name(), name);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(name);
    }

    @Test
    public void anEmptyNameIsRefusedInItsField() {
        Book book = prepare.begin("Named");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), "purpose");
        screen.type("Name", "   ");
        assertThat(screen.line()).containsText("A name is wanted");
        assertEquals(prepare.kept(book).name(), book.name());
    }
}
