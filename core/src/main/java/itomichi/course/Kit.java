package itomichi.course;

import itomichi.cover.CoverPiece;
import itomichi.cutting.Demand;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.plan.PaperPlan;
import itomichi.plan.WorkedBook;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What lies in each envelope and on each table.
 *
 * @param envelope of one
 * @param tables on all tables together
 */
public record Kit(List<Item> envelope, List<Item> tables) {

    /** So many share a tool: common practice, no published source. */
    private static final int SHARE_AWL = 2;

    private static final int SHARE_PUNCH = 4;
    private static final int SHARE_BONE = 2;

    public Kit {
        envelope = List.copyOf(envelope);
        tables = List.copyOf(tables);
    }

    /**
     * Something in a kit, or on a table.
     *
     * @param what it is
     * @param number how many: in one envelope, or on all tables
     */
    public record Item(Phrase what, int number) {}

    /** The kits of a class. */
    static Kit of(CourseWish wish, WorkedBook book) {
        return new Kit(envelope(wish, book), tables(wish, book));
    }

    private static List<Item> envelope(CourseWish wish, WorkedBook book) {
        List<Item> items = new ArrayList<>();
        boolean folded = wish.ahead().contains(Ahead.FOLDED);
        boolean punched = wish.ahead().contains(Ahead.PUNCHED);
        for (PaperPlan paper : book.papers()) {
            paper.demands()
                    .forEach(demand -> items.add(new Item(
                            Phrase.of(
                                    "{}{}",
                                    sheets(paper, demand),
                                    (folded ? ", folded" : "") + (punched ? ", punched" : "")),
                            demand.number())));
        }
        for (CoverPiece piece : book.covering().work().pieces()) {
            items.add(new Item(
                    Phrase.of(
                            "{}, {}, {} × {}",
                            piece.name(),
                            piece.stuff().words(),
                            piece.wide().at(Fineness.CUT),
                            piece.high().at(Fineness.CUT)),
                    piece.count()));
        }
        book.sewing()
                .ifPresent(sewn -> sewn.need()
                        .pieces()
                        .forEach(piece -> items.add(new Item(
                                Phrase.of("{} of {}", piece.at(Fineness.THREAD), threadWords(wish, book)), 1))));
        items.add(new Item(Phrase.of(wish.hands() == Hands.CHILDREN ? "blunt needle" : "needle"), 1));
        if (!punched && book.holes().isPresent()) {
            items.add(new Item(Phrase.of("template"), 1));
        }
        items.add(new Item(Phrase.of("handout"), 1));
        return items;
    }

    private static Phrase sheets(PaperPlan paper, Demand demand) {
        return Phrase.of(
                "{} of {}, {} × {}",
                demand.number() == 1 ? "sheet" : "sheets",
                paper.paper().paper().name(),
                demand.width().at(Fineness.CUT),
                demand.height().at(Fineness.CUT));
    }

    /** Sheets of all envelopes that are cut from nothing the book knows of: they are to be had at their size. */
    static List<Item> uncut(CourseWish wish, WorkedBook book) {
        return book.papers().stream()
                .filter(paper -> paper.cutting().isEmpty())
                .flatMap(paper -> paper.demands().stream()
                        .map(demand -> new Item(sheets(paper, demand), demand.number() * wish.kits())))
                .toList();
    }

    private static Phrase threadWords(CourseWish wish, WorkedBook book) {
        return wish.hands() == Hands.CHILDREN
                ? Phrase.of("yarn, {} thick", wish.yarn().at(Fineness.BUNDLE))
                : Phrase.of(book.spec().thread().thread().name());
    }

    private static List<Item> tables(CourseWish wish, WorkedBook book) {
        List<Item> items = new ArrayList<>();
        Optional<HoleGroup> holes = book.holes().map(made -> made.groups().get(0));
        if (!wish.ahead().contains(Ahead.PUNCHED) && holes.isPresent()) {
            Tool tool = holes.get().tool();
            boolean punch = tool == Tool.PAPER_PUNCH;
            items.add(new Item(Phrase.of(tool.words()), shared(wish, punch ? SHARE_PUNCH : SHARE_AWL)));
            if (!punch && holes.get().through() == HoleGroup.Through.FOLDS) {
                items.add(new Item(Phrase.of("cradle to punch in"), shared(wish, SHARE_AWL)));
            }
        }
        boolean folds = book.gathered().match(signatures -> true, Gathered.Singly::doubled);
        if (folds && !wish.ahead().contains(Ahead.FOLDED)) {
            items.add(new Item(Phrase.of("bone folder"), shared(wish, SHARE_BONE)));
        }
        items.add(new Item(
                Phrase.of(wish.hands() == Hands.CHILDREN ? "scissors with round points" : "scissors"), wish.tables()));
        return items;
    }

    /** One for so many at each table; what is over at one table is not reached from another. */
    private static int shared(CourseWish wish, int by) {
        int full = wish.people() / wish.atTable();
        int rest = wish.people() % wish.atTable();
        return full * ((wish.atTable() + by - 1) / by) + (rest + by - 1) / by;
    }
}
