package itomichi.imposition;

import itomichi.finding.Remark;
import itomichi.finding.Remark.Mend;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Stage;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.pages.PagePlan;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is to be said of a text as it would be printed. */
final class PrintRemarks {

    private final BookSpec spec;
    private final int places;
    private final List<SourcePage> text;
    private final PrintWish wish;
    private final List<Remark<BookSpec>> said = new ArrayList<>();

    PrintRemarks(WorkedBook book, int places, List<SourcePage> text, PrintWish wish) {
        this.spec = book.spec();
        this.places = places;
        this.text = text;
        this.wish = wish;
    }

    List<Remark<BookSpec>> of(Imposer imposer) {
        extent();
        sizes();
        if (imposer.cutOff() > 0) {
            say(
                    Weight.CAUTION,
                    "text-cut-off",
                    Phrase.of(
                            "{} of the text {} larger than the leaf and cut off at its edges; fitted between margins it is whole.",
                            pages(imposer.cutOff()),
                            imposer.cutOff() == 1 ? "is" : "are"));
        }
        if (imposer.lost() > 0 && wish.fit() != Fit.FILL) {
            say(
                    Weight.NOTE,
                    "text-unprintable",
                    Phrase.of(
                            "What stands on the edge of the printer\u2019s sheet that stays white is not printed; pages reach {} into it.",
                            Length.ofMm(imposer.lost()).at(Fineness.CUT)));
        }
        if (!imposer.roomRound() && !wish.marks().isEmpty()) {
            say(
                    Weight.NOTE,
                    "print-no-room",
                    Phrase.of(
                            "The sheets fill the printer\u2019s sheet: there is no room round them for marks and names."));
        }
        return said;
    }

    private void extent() {
        int over = text.size() - places;
        if (over > 0) {
            said.add(new Remark<>(
                    Weight.CAUTION,
                    Stage.PAGES,
                    "text-longer",
                    Phrase.of(
                            "The text has {}, the book has room for {}: the last {} would not be printed.",
                            pages(text.size()),
                            places,
                            over),
                    asLong("Make the book {} long")));
        } else if (over < 0) {
            said.add(new Remark<>(
                    Weight.NOTE,
                    Stage.PAGES,
                    "text-shorter",
                    Phrase.of(
                            "The text has {}, the book has room for {}: the last {} stay white.",
                            pages(text.size()),
                            places,
                            -over),
                    asLong("Plan the book for {}")));
        }
    }

    /** The book as long as the text, where it can be and then has room for just that. */
    private List<Mend<BookSpec>> asLong(String words) {
        try {
            BookSpec other = spec.withPages(text.size());
            int room = new TextOrder(PagePlan.of(WorkedBook.of(other))).places();
            return room == text.size() ? List.of(new Mend<>(Phrase.of(words, pages(text.size())), other)) : List.of();
        } catch (UnfitValueException unfit) {
            return List.of();
        }
    }

    private void sizes() {
        Map<SourcePage, Integer> sizes = new LinkedHashMap<>();
        text.forEach(page -> sizes.merge(rounded(page), 1, Integer::sum));
        if (sizes.size() < 2) {
            return;
        }
        Phrase told = Phrase.EMPTY;
        int named = 0;
        for (Map.Entry<SourcePage, Integer> size : sizes.entrySet()) {
            if (named == 3) {
                told = Phrase.of("{}, and {} more sizes", told, sizes.size() - named);
                break;
            }
            Phrase one = Phrase.of(
                    "{} of {} by {}",
                    size.getValue(),
                    size.getKey().width().at(Fineness.CUT),
                    size.getKey().height().at(Fineness.CUT));
            told = named == 0 ? one : Phrase.of("{}, {}", told, one);
            named++;
        }
        say(Weight.NOTE, "text-sizes", Phrase.of("The pages of the text are not alike: {}.", told));
    }

    /** To half a millimetre: what is told apart. */
    private static SourcePage rounded(SourcePage page) {
        return new SourcePage(rounded(page.width()), rounded(page.height()));
    }

    private static Length rounded(Length length) {
        return Length.ofMm(Math.round(length.mm() * 2) / 2.0);
    }

    private static String pages(int number) {
        return number == 1 ? "1 page" : number + " pages";
    }

    private void say(Weight weight, String key, Phrase words) {
        said.add(new Remark<>(weight, Stage.PAGES, key, words, List.of()));
    }
}
