package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.ShoppingList.Item;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The shopping list on paper. */
public class ShoppingListTest {

    private static Item board(Optional<String> toBuy, Optional<Double> price) {
        return new Item("Grey board", "3 boards", Optional.of("1 board"), toBuy, price, List.of("Log", "Diary"));
    }

    private static Drawing list(List<Item> items) {
        return ShoppingList.draw(items, PrintPaper.A4, LocalDate.of(2026, 11, 27));
    }

    private static String words(Drawing drawing) {
        return drawing.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .collect(Collectors.joining("\n"));
    }

    @Test
    public void whatLacksIsTakenToTheShopWithItsPrice() {
        String words = words(list(List.of(board(Optional.of("2 boards"), Optional.of(8.0)))));
        assertTrue(words.contains("2 boards") && words.contains("8.00"), words);
        assertTrue(words.contains("wanted 3 boards, there 1 board, for Log; Diary"), words);
    }

    @Test
    public void whatIsThereIsNotBought() {
        String words = words(list(List.of(board(Optional.empty(), Optional.empty()))));
        assertTrue(words.contains("Enough is there") && words.contains("There, or not counted"), words);
        assertFalse(words.contains("8.00"));
    }

    @Test
    public void theSumIsOfWhatHasAPriceAndTheRestIsTold() {
        Item priced = board(Optional.of("2 boards"), Optional.of(8.5));
        String words = words(list(List.of(priced, priced, board(Optional.of("2 boards"), Optional.empty()))));
        assertTrue(words.contains("17.00") && words.contains("Besides what has no price"), words);
    }

    /** A box is four strokes; only what is to be bought has one. */
    @Test
    public void onlyWhatIsBoughtHasABox() {
        long strokes = list(List.of(
                        board(Optional.of("2 boards"), Optional.empty()), board(Optional.empty(), Optional.empty())))
                .pages()
                .get(0)
                .shapes()
                .stream()
                .filter(Shape.Line.class::isInstance)
                .count();
        assertEquals(strokes, 4);
    }

    @Test
    public void aLongListGoesOnOnTheNextPage() {
        assertTrue(list(Collections.nCopies(80, board(Optional.of("2 boards"), Optional.empty())))
                        .pages()
                        .size()
                > 1);
    }
}
