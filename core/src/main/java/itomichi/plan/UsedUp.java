package itomichi.plan;

import itomichi.cover.CoverPiece;
import itomichi.cover.PieceStuff;
import itomichi.cutting.Cutter;
import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Demand;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What copies of a book use up, what is spare among them.
 *
 * @param papers each of its papers that comes in stock sheets
 * @param threads what is cut of it, by what copies are made of; nothing where its sewing is not planned
 * @param pieces what its cover is cut from sheets, by what it is cut from
 * @param lengths what is bought by the length: tapes, ribbons, headbands
 */
public record UsedUp(
        List<PaperUse> papers,
        List<ThreadUse> threads,
        Map<PieceStuff, List<PieceUse>> pieces,
        List<LengthUse> lengths) {

    /** Sheets that are cut in one go: common practice, and as many as are planned at once. */
    private static final long MOST_TOGETHER = 5000;

    public UsedUp {
        papers = List.copyOf(papers);
        threads = List.copyOf(threads);
        lengths = List.copyOf(lengths);
    }

    /**
     * A paper.
     *
     * @param paper which of the book's, from 0
     * @param sheets stock sheets for all copies
     */
    public record PaperUse(int paper, int sheets) {}

    /**
     * Thread.
     *
     * @param kind of which kind of copies, from 1; 0 of those that are as the book is
     * @param length for all of them
     */
    public record ThreadUse(int kind, Length length) {}

    /**
     * Pieces of a cover.
     *
     * @param kind of which kind of copies, from 1; 0 of those that are as the book is
     * @param name what a binder calls them
     * @param demand their size, and how many for all copies of the kind
     */
    public record PieceUse(int kind, String name, Demand demand) {}

    /**
     * Something bought by the length.
     *
     * @param name what a binder calls it
     * @param width of it
     * @param length for all copies, end to end
     */
    public record LengthUse(String name, Length width, Length length) {}

    /**
     * Copies of one kind.
     *
     * @param kind from 1; 0 of those that are as the book is
     * @param copies how many, none at the least
     */
    public record Copies(int kind, int copies) {}

    /** What all copies of a book use up, and what is spare. */
    public static UsedUp of(WorkedBook book) {
        return of(
                book,
                book.spec().copyRuns().stream()
                        .map(run -> new Copies(run.number(), run.made()))
                        .toList());
    }

    /** What so many copies of a book use up. */
    public static UsedUp of(WorkedBook book, List<Copies> wanted) {
        List<Copies> made = wanted.stream().filter(one -> one.copies() > 0).toList();
        int copies = made.stream().mapToInt(Copies::copies).sum();
        if (copies == 0) {
            return new UsedUp(List.of(), List.of(), Map.of(), List.of());
        }
        return new UsedUp(papers(book, copies), threads(book, made), pieces(book, made), lengths(book, copies));
    }

    /** All that is cut of thread; nothing where the sewing is not planned. */
    public Optional<Length> thread() {
        return threads.stream().map(ThreadUse::length).reduce(Length::plus);
    }

    private static List<ThreadUse> threads(WorkedBook book, List<Copies> made) {
        return book.sewing().stream()
                .flatMap(sewn -> made.stream()
                        .map(one -> new ThreadUse(
                                one.kind(), sewn.need().cut().length().times(one.copies()))))
                .toList();
    }

    private static Map<PieceStuff, List<PieceUse>> pieces(WorkedBook book, List<Copies> made) {
        return book.covering().work().pieces().stream()
                .filter(piece -> piece.stuff().inSheets())
                .collect(Collectors.groupingBy(
                        CoverPiece::stuff,
                        TreeMap::new,
                        Collectors.flatMapping(
                                piece -> made.stream().map(one -> use(piece, one)), Collectors.toList())));
    }

    private static List<PaperUse> papers(WorkedBook book, int copies) {
        List<PaperUse> papers = new ArrayList<>();
        for (int i = 0; i < book.papers().size(); i++) {
            PaperPlan plan = book.papers().get(i);
            int paper = i;
            plan.cutting().ifPresent(one -> papers.add(new PaperUse(paper, sheets(book, plan, one, copies))));
        }
        return papers;
    }

    /** For all copies together, as far as they are cut in one go; what the last sheet of each copy leaves then serves the next. */
    private static int sheets(WorkedBook book, PaperPlan plan, CuttingPlan one, int copies) {
        if (copies == 1 || (long) copies * plan.sheets() > MOST_TOGETHER) {
            return one.stockSheets() * copies;
        }
        return Cutter.plan(
                        one.supply(),
                        plan.demands().stream()
                                .map(demand -> new Demand(demand.width(), demand.height(), demand.number() * copies))
                                .toList(),
                        book.spec().papers().cutting())
                .stockSheets();
    }

    private static PieceUse use(CoverPiece piece, Copies of) {
        return new PieceUse(
                of.kind(), piece.name(), new Demand(piece.wide(), piece.high(), piece.count() * of.copies()));
    }

    private static List<LengthUse> lengths(WorkedBook book, int copies) {
        List<LengthUse> lengths = new ArrayList<>();
        CutList.sewnOn(book)
                .ifPresent(under -> lengths.add(new LengthUse(
                        under.name(),
                        Length.ofMm(under.width().number()),
                        Length.ofMm(under.height().number() * under.count() * copies))));
        book.covering().work().pieces().stream()
                .filter(piece -> !piece.stuff().inSheets())
                .forEach(piece -> lengths.add(byLength(piece, copies)));
        return lengths;
    }

    private static LengthUse byLength(CoverPiece piece, int copies) {
        boolean upright = piece.high().isMoreThan(piece.wide());
        return new LengthUse(
                piece.name(),
                upright ? piece.wide() : piece.high(),
                (upright ? piece.high() : piece.wide()).times(piece.count() * copies));
    }
}
