package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.cover.CoverStock;
import itomichi.cover.PieceStuff;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How the copies of a book differ, and what is made ready besides.
 *
 * @param kinds copies that are unlike the book in what they are made of, in the order in which copies are numbered; those that are left come
 *     first and are as the book is
 * @param sparePercent how much more is cut, in percent of the copies, each kind rounded up
 * @param practicePercent of the time that a copy takes, so much is left where twice as many were made before it
 * @param names what copies are called or whom they are for, from the first on; empty where one has no name
 * @param colophon a line that is printed for every copy
 */
@RecordBuilder
public record EditionWish(List<Kind> kinds, int sparePercent, int practicePercent, List<String> names, String colophon)
        implements EditionWishBuilder.With {

    /** Of the time, so much is left at twice the number: common practice for handwork, no published source for this work. */
    public static final int USUAL_PRACTICE = 90;

    /** All alike, nothing to spare. */
    public static final EditionWish ALIKE = new EditionWish(List.of(), 0, USUAL_PRACTICE, List.of(), "");

    public EditionWish {
        kinds = List.copyOf(kinds);
        names = names.stream().map(String::strip).toList();
        colophon = colophon.strip();
    }

    /**
     * Copies that are unlike the book in what they are made of; what changes a measure is not among it.
     *
     * @param name what a binder calls them
     * @param copies how many
     * @param thread name of the thread, as fine as the book's; nothing where it is the book's
     * @param stocks the sheets pieces of the cover are cut from, where they are not the book's
     */
    @RecordBuilder
    public record Kind(String name, int copies, Optional<String> thread, Map<PieceStuff, CoverStock> stocks)
            implements EditionWishKindBuilder.With {
        public Kind {
            name = name.strip();
            stocks = Map.copyOf(stocks);
        }
    }

    /**
     * Copies that are made of the same.
     *
     * @param number which of the kinds, from 1; 0 of those that are as the book is
     * @param name what they are called; empty of those that are as the book is
     * @param first the number of their first copy, from 1
     * @param copies how many, none at the least
     * @param spares how many more are cut
     */
    public record CopyRun(int number, String name, int first, int copies, int spares) {
        /** How many are cut. */
        public int made() {
            return copies + spares;
        }

        /** Their numbers, from the first to the last. */
        public String numbers() {
            return copies == 1 ? "" + first : first + " to " + (first + copies - 1);
        }

        /** Whether a copy, from 1, is one of them. */
        public boolean has(int copy) {
            return copy >= first && copy < first + copies;
        }
    }

    /** So many copies by what they are made of, as they are numbered; those as the book is are first, even where there are none. */
    public List<CopyRun> runs(int copies) {
        int unlike = kinds.stream().mapToInt(Kind::copies).sum();
        List<CopyRun> runs = new ArrayList<>();
        runs.add(run(0, "", 1, copies - unlike));
        int first = 1 + copies - unlike;
        for (int i = 0; i < kinds.size(); i++) {
            Kind kind = kinds.get(i);
            runs.add(run(i + 1, kind.name(), first, kind.copies()));
            first += kind.copies();
        }
        return List.copyOf(runs);
    }

    private CopyRun run(int number, String name, int first, int copies) {
        return new CopyRun(number, name, first, copies, spares(copies, sparePercent));
    }

    /** How many are cut besides so many, for that share of them: a part of one is one. */
    public static int spares(int copies, int percent) {
        return (int) ((copies * (long) percent + 99) / 100);
    }

    /** The same, every cover cut from what the book's is: of a cover of another kind. */
    EditionWish withoutStocks() {
        return withKinds(kinds.stream().map(kind -> kind.withStocks(Map.of())).toList());
    }

    /** What a copy, from 1, is called; empty where it has no name. */
    public String name(int copy) {
        return copy <= names.size() ? names.get(copy - 1) : "";
    }
}
