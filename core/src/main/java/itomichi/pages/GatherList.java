package itomichi.pages;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.punching.Collation;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is gathered, in its order, to be ticked off.
 *
 * @param lines one for each signature; of single sheets one for all of them
 */
public record GatherList(List<Line> lines) {

    public GatherList {
        lines = List.copyOf(lines);
    }

    /**
     * A signature.
     *
     * @param name what it is called
     * @param holds its sheets by their papers
     * @param pages from which to which page
     * @param mark where the mark on its fold stands, from the head; nothing where there is none
     */
    public record Line(String name, String holds, String pages, Optional<Length> mark) {

        /** All of it in a sentence. */
        public Phrase words() {
            return Phrase.of("{}: {}, {}", name, pages, holds);
        }

        /** Where its mark stands; empty where there is none. */
        public Phrase markWords() {
            return mark.map(from -> Phrase.of("mark {} from the head", from.at(Fineness.MARK)))
                    .orElse(Phrase.EMPTY);
        }
    }

    /** What is gathered of a book. */
    public static GatherList of(WorkedBook book) {
        PagePlan plan = PagePlan.of(book);
        List<Gathering> gatherings = plan.gatherings();
        List<Length> marks = book.holes()
                .flatMap(Holes::inFolds)
                .flatMap(Holes.InFolds::collation)
                .map(Collation::fromHead)
                .orElse(List.of());
        List<Line> lines = new ArrayList<>();
        for (Gathering gathering : gatherings) {
            lines.add(new Line(
                    name(gathering),
                    holds(book.spec(), gathering),
                    pages(gathering),
                    marks.size() == gatherings.size()
                            ? Optional.of(marks.get(gathering.number() - 1))
                            : Optional.empty()));
        }
        return new GatherList(lines);
    }

    private static String name(Gathering gathering) {
        if (gathering.sheets().get(0).second().isEmpty()) {
            return gathering.sheets().get(0).doubled() ? "Sheets folded at the fore edge" : "Single sheets";
        }
        return "Signature " + gathering.number() + (gathering.turned() ? ", turned over" : "");
    }

    private static String holds(BookSpec spec, Gathering gathering) {
        Map<String, Integer> papers = new LinkedHashMap<>();
        for (SheetSides sheet : gathering.sheets()) {
            String paper =
                    spec.papers().all().get(sheet.first().paper()).paper().name();
            String as = sheet.reaches(Leaf.Reach.FOLD_OUT)
                    ? ", folded out"
                    : sheet.reaches(Leaf.Reach.STUB) ? ", hooked in by a stub" : "";
            papers.merge(paper + as, 1, Integer::sum);
        }
        List<String> words = new ArrayList<>();
        papers.forEach((paper, number) -> words.add(number + (number == 1 ? " sheet of " : " sheets of ") + paper));
        pasted(gathering, words);
        return String.join("; ", words);
    }

    private static void pasted(Gathering gathering, List<String> words) {
        for (Leaf leaf : gathering.leaves()) {
            for (Page page : List.of(leaf.front(), leaf.back())) {
                page.pasted().forEach(pasted -> words.add("a " + pasted.kind().words() + " at page " + told(page)));
            }
        }
    }

    private static String pages(Gathering gathering) {
        if (gathering.endpapers()) {
            return "endpapers";
        }
        return "pages " + told(gathering.first()) + " to " + told(gathering.last());
    }

    /** A page without a number is told by its place. */
    private static String told(Page page) {
        return page.number().isEmpty() ? page.place() + " (" + page.words() + ")" : page.number();
    }
}
