package itomichi.plan;

import itomichi.cover.CoverPiece;
import itomichi.cover.CoverStock;
import itomichi.cover.SewnBlock;
import itomichi.cutting.Demand;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Everything that is cut for a book: its sheets, what is sewn on with them, its cover. */
public final class CutList {

    private static final Formula CORD = Formula.of("H + 2 × h");
    private static final Formula TAPE = Formula.of("T + 2 × r");
    /** A cord hangs out by so much: common practice. */
    public static final Length CORD_OUT = Length.ofMm(60);
    /** A tape on to each board: common practice. */
    private static final Length TAPE_OVER = Length.ofMm(30);

    /** The usual caution about a knife. */
    public static final String KNIFE = "Cut to a metal edge, away from the hand that holds it; change blades often.";
    /** The usual caution beside every list of what is cut. */
    public static final String CARE = KNIFE
            + " Glues: the maker\u2019s sheet, and air. Old leather, cloth and papers may hold poison: ask who knows. Local rules and trained practice come first.";

    private CutList() {}

    /** What a size was worked out from. */
    public enum From {
        PLAN("the plan"),
        BLOCK("the sewn block"),
        PART("the sewn block in part, else the plan");

        private final String words;

        From(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Pieces of one size.
     *
     * @param key a name that does not change
     * @param name what a binder calls it
     * @param stuff what it is cut from
     * @param stock which sheet of it, where that is settled
     * @param count how many of it
     * @param width across the grain
     * @param height along the grain
     * @param from what its size was worked out from
     */
    public record Row(
            String key,
            String name,
            String stuff,
            Optional<String> stock,
            int count,
            Quantity width,
            Quantity height,
            From from) {

        /** What it is cut from, and which sheet of it. */
        public String source() {
            return stock.map(sheet -> stuff + ": " + sheet).orElse(stuff);
        }
    }

    /** The rows in the order in which they are cut. */
    public static List<Row> of(WorkedBook worked) {
        List<Row> rows = new ArrayList<>();
        sheets(worked, rows);
        sewnOn(worked).ifPresent(rows::add);
        From from = from(worked.covering().base().block());
        for (CoverPiece piece : worked.covering().work().pieces()) {
            rows.add(new Row(
                    piece.key(),
                    piece.name(),
                    piece.stuff().words(),
                    Optional.ofNullable(worked.spec().covering().stocks().get(piece.stuff()))
                            .map(CoverStock::name),
                    piece.count(),
                    piece.width().result(),
                    piece.height().result(),
                    // a soft cover is on before there is a block to measure
                    worked.covering().work().size().isPresent() ? From.PLAN : from));
        }
        return List.copyOf(rows);
    }

    private static void sheets(WorkedBook worked, List<Row> rows) {
        boolean folded = worked.gathered().folded().isPresent();
        boolean ends = worked.spec().gathering().wish().endpapersApart();
        int number = 0;
        for (PaperPlan paper : worked.papers()) {
            for (Demand demand : paper.forSheets()) {
                number++;
                rows.add(sheets(
                        "sheets-" + number,
                        folded ? (ends ? "Sheets to fold, ends among them" : "Sheets to fold") : "Sheets",
                        paper,
                        demand));
            }
        }
        number = 0;
        for (PaperPlan paper : worked.papers()) {
            for (PaperPlan.Pasted pasted : paper.pasted()) {
                number++;
                String name = pasted.kind().words(pasted.demand().number());
                rows.add(sheets(
                        "pasted-" + number,
                        name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1),
                        paper,
                        pasted.demand()));
            }
        }
    }

    private static Row sheets(String key, String name, PaperPlan paper, Demand demand) {
        return new Row(
                key,
                name,
                paper.paper().paper().name(),
                Optional.empty(),
                demand.number(),
                Quantity.of(demand.width(), Fineness.CUT),
                Quantity.of(demand.height(), Fineness.CUT),
                From.PLAN);
    }

    /** What the thread goes over: tapes lie between the two stations of a pair, and end on the boards. */
    static Optional<Row> sewnOn(WorkedBook worked) {
        return switch (worked.covering().base().sewnOn()) {
            case TAPES -> worked.holes().flatMap(Holes::inFolds).flatMap(folds -> tapes(worked, folds.stations()));
            case CORD -> Optional.of(cord(worked));
            case BOARDS, NOTHING -> Optional.empty();
        };
    }

    /** A cord lies along the fold and hangs out at head and tail. */
    private static Row cord(WorkedBook worked) {
        Working length = Working.by(CORD)
                .with(
                        "H",
                        "height of the leaf",
                        Quantity.of(worked.spec().leaf().height(), Fineness.CUT))
                .with("h", "hanging out at each end", Quantity.of(CORD_OUT, Fineness.CUT))
                .from(Source.COMMON_PRACTICE)
                .gives(Quantity.of(Length.ZERO, Fineness.CUT));
        return new Row(
                "cord",
                "Cord in the fold",
                "cord",
                Optional.empty(),
                1,
                Quantity.of(worked.spec().stitch().cord(), Fineness.MARK),
                length.result(),
                From.PLAN);
    }

    private static Optional<Row> tapes(WorkedBook worked, Stations stations) {
        Set<Integer> after = worked.spec()
                .stitching()
                .map(sewn -> sewn.tapedAfter(stations.count(), worked.spec().variant()))
                .orElse(Set.of());
        return after.stream()
                .findFirst()
                .map(station -> new Row(
                        "tape",
                        "Tapes",
                        "tape",
                        Optional.empty(),
                        after.size(),
                        Quantity.of(stations.at(station + 1).minus(stations.at(station)), Fineness.MARK),
                        tapeLength(worked.covering().base().block()).result(),
                        From.PLAN));
    }

    private static Working tapeLength(SewnBlock block) {
        return Working.by(TAPE)
                .with(
                        "T",
                        "thickness at the spine, as planned",
                        Quantity.of(block.spine().planned(), Fineness.BUNDLE))
                .with("r", "on to each board", Quantity.of(TAPE_OVER, Fineness.CUT))
                .from(Source.COMMON_PRACTICE)
                .gives(Quantity.of(Length.ZERO, Fineness.CUT));
    }

    private static From from(SewnBlock block) {
        long measured = block.all().stream()
                .filter(dimension -> dimension.measured().isPresent())
                .count();
        return measured == 0 ? From.PLAN : measured == block.all().size() ? From.BLOCK : From.PART;
    }
}
