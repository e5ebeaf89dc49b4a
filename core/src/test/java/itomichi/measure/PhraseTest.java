package itomichi.measure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.Test;

public class PhraseTest {

    private static final Shown HEIGHT = Length.ofMm(215.9).at(Fineness.CUT);

    @Test
    public void oneSentenceReadsInEitherUnit() {
        Phrase phrase = Phrase.of("Fold {} sheets, {} high", 8, HEIGHT);
        assertEquals(phrase.in(Unit.MM), "Fold 8 sheets, 216\u202fmm high");
        assertEquals(phrase.in(Unit.INCH), "Fold 8 sheets, 8\u00a01/2\u202fin high");
    }

    @Test
    public void aPhraseStandsInAPhrase() {
        Phrase inner = Phrase.of("{} high", HEIGHT);
        assertEquals(Phrase.of("It is {}, {}.", inner, "or so").in(Unit.MM), "It is 216\u202fmm high, or so.");
    }

    @Test
    public void aPlaceWithoutAnArgumentIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> Phrase.of("{} and {}", 1));
    }

    @Test
    public void anArgumentWithoutAPlaceIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> Phrase.of("{}", 1, 2));
    }

    @Test
    public void anUnreadableTypedTextIsShortenedToALine() {
        String message = new Reading.Unreadable<Length>("a\nb ".repeat(40), "a length is wanted").message();
        assertEquals(message.contains("\n"), false);
        assertEquals(message.length() < 80, true, message);
    }
}
