package itomichi.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.gathering.Extent;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.structure.Hands;
import itomichi.structure.Need;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What suits what: all of it common practice, no source. */
public class AdviceTest {

    /** 120 g/m2 book wove. */
    private static final Length WOVE = Length.ofMm(0.168);

    private static List<Advice> rank(Set<Need> needs, int copies, Hands hands, int pages) {
        return Advice.rank(new Use(needs, copies, hands), Extent.ofPages(pages), WOVE);
    }

    @DataProvider
    Object[][] uses() {
        return new Object[][] {
            {Set.of(Need.LIE_FLAT), 1, Hands.PRACTISED, 240, "link-stitch"},
            {Set.of(Need.PASTE_IN), 1, Hands.PRACTISED, 112, "long-stitch"},
            {Set.of(Need.CARRY, Need.WRITE), 1, Hands.PRACTISED, 200, "tapes"},
            {Set.of(), 12, Hands.PRACTISED, 16, "pamphlet"},
            {Set.of(), 1, Hands.CHILDREN, 24, "pamphlet"},
        };
    }

    @Test(dataProvider = "uses")
    public void theFirstAdviceIsWhatABinderWouldGive(
            Set<Need> needs, int copies, Hands hands, int pages, String structure) {
        assertEquals(rank(needs, copies, hands, pages).get(0).structure().key(), structure);
    }

    @Test
    public void singleSheetsAreStabBound() {
        assertTrue(rank(Set.of(Need.LOOSE_SHEETS), 1, Hands.PRACTISED, 48)
                .get(0)
                .structure()
                .key()
                .startsWith("stab-"));
    }

    @Test
    public void nothingThatNeedsFoldedSheetsIsLeftForSingleOnes() {
        rank(Set.of(Need.LOOSE_SHEETS), 1, Hands.PRACTISED, 48).stream()
                .filter(advice -> advice.structure().form().folded())
                .forEach(advice ->
                        assertTrue(advice.excluded(), advice.structure().key()));
    }

    @Test
    public void noStabBindingIsAdvisedForABookThatMustLieFlat() {
        rank(Set.of(Need.LIE_FLAT), 1, Hands.PRACTISED, 96).stream()
                .filter(advice -> advice.structure().key().startsWith("stab-"))
                .forEach(advice ->
                        assertTrue(advice.excluded(), advice.structure().key()));
    }

    @Test
    public void twoHundredAndFortyPagesDoNotFitInOneFold() {
        Advice pamphlet = of(rank(Set.of(), 1, Hands.PRACTISED, 240), "pamphlet");
        assertTrue(pamphlet.excluded());
        assertTrue(pamphlet.reasons().get(0).words().in(Unit.MM).contains("too thick for one fold"));
    }

    @Test
    public void sixteenPagesNeedNoSignatures() {
        Advice tapes = of(rank(Set.of(), 1, Hands.PRACTISED, 16), "tapes");
        assertTrue(tapes.reasons().stream()
                .anyMatch(reason -> reason.words().in(Unit.MM).contains("fit in one fold")));
    }

    @Test
    public void whatIsRuledOutComesLast() {
        List<Advice> advice = rank(Set.of(Need.LIE_FLAT, Need.PASTE_IN), 30, Hands.NEW, 160);
        int firstOut = 0;
        while (!advice.get(firstOut).excluded()) {
            firstOut++;
        }
        assertTrue(advice.subList(firstOut, advice.size()).stream().allMatch(Advice::excluded));
    }

    @Test
    public void everyStructureIsShownWhateverIsWanted() {
        assertEquals(
                rank(Set.of(Need.values()), 100, Hands.CHILDREN, 300).size(),
                Structures.all().size());
    }

    @Test
    public void childrenAreNotGivenAnAwl() {
        Advice pamphlet = of(rank(Set.of(), 1, Hands.CHILDREN, 24), "pamphlet");
        assertTrue(pamphlet.reasons().stream()
                .anyMatch(reason -> reason.words().in(Unit.MM).contains("an adult at the awl")));
    }

    @Test
    public void fewCopiesAreNotCountedAgainstSlowWork() {
        assertFalse(of(rank(Set.of(), 4, Hands.PRACTISED, 200), "tapes").reasons().stream()
                .anyMatch(reason -> reason.words().in(Unit.MM).contains("slow work")));
        assertTrue(of(rank(Set.of(), 5, Hands.PRACTISED, 200), "tapes").reasons().stream()
                .anyMatch(reason -> reason.words().in(Unit.MM).contains("slow work for 5")));
    }

    private static Advice of(List<Advice> advice, String key) {
        return advice.stream()
                .filter(one -> one.structure().key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
