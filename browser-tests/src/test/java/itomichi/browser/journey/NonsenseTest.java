package itomichi.browser.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.fixture.Preparation.Book;
import itomichi.browser.screen.BookScreen;
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
        return FIELDS;
    }

    @Test(dataProvider = "fields")
    public void nonsenseGetsOneLineAndTheLastGoodPlanStays(String stage, String look, List<String> labels) {
        Book book = prepare.begin("Nonsense");
        Page page = window();
        BookScreen screen = BookScreen.open(page, book.id(), stage);
        if (!look.isEmpty()) {
            screen.choose(look);
        }
        String figures = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                .innerText();
        for (String label : labels) {
            for (String nonsense : NONSENSE) {
                String typed = "“" + nonsense + "” as " + label;
                var field = screen.field(label).last();
                field.fill(nonsense);
                field.press("Enter");
                // said at once: a look every few frames, where the usual patience would look ever more seldom
                screen.line().first().waitFor();
                assertEquals(screen.line().count(), 1, typed);
                assertEquals(screen.line().innerText().contains("\n"), false, typed);
                field.press("Escape");
                assertEquals(screen.line().count(), 0, typed);
            }
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
