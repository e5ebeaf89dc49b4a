package itomichi.plan;

import itomichi.cutting.CuttingPlan;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.gathering.Block;
import itomichi.gathering.Extent;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.spec.BookSpec;
import itomichi.structure.ThumbRule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Gathers the figures of the band in the order of the work. */
public final class Figures {

    private static final Formula DOUBLE = Formula.of("2 × (W + a)");
    private static final Formula ONE = Formula.of("W + a");
    private static final Formula SHEETS = Formula.of("⌈P ÷ e⌉");
    private static final Formula BY_SPLIT = Formula.of("a + b");
    private static final Formula SHORT = Formula.of("N − h");
    private static final Formula STOCK = Formula.of("⌈s ÷ e⌉");
    private static final Formula BY_PLAN = Formula.of("N");
    private static final Formula THREAD_BY_RULE = Formula.of("k × r × H");
    private static final Quantity COUNT = Quantity.count(0);

    private final BookSpec spec;
    private final List<Figure> figures = new ArrayList<>();
    private Stage stage = Stage.PAPER;

    private Figures(BookSpec spec) {
        this.spec = spec;
    }

    /** The figures of a book, each with its working, in the order of the work. */
    public static List<Figure> of(WorkedBook worked) {
        Figures figures = new Figures(worked.spec());
        figures.addSheets(worked.gathered(), worked.papers());
        figures.addThickness(worked.gathered(), worked.papers());
        figures.at(Stage.STATIONS);
        worked.holes().ifPresent(made -> new HoleFigures(worked.spec(), figures).add(made));
        figures.at(Stage.THREAD);
        if (worked.sewing().isPresent()) {
            figures.add(
                    "thread-thickness", "Thread thickness", worked.thicknesses().thread());
        }
        thread(worked)
                .ifPresent(thread -> figures.add(
                        "thread", worked.sewing().isPresent() ? "Thread to cut" : "Thread, by rule", thread));
        figures.at(Stage.GATHER);
        worked.gathered()
                .folded()
                .filter(folded -> worked.covering().base().soft().isPresent()
                        && worked.spec().cover().spine().isEmpty())
                .flatMap(folded -> CoverRows.toLooseStack(worked.spec(), folded.block()))
                .ifPresent(spine -> figures.add("cover-spine", "Spine of the cover", spine));
        figures.at(Stage.SEW).add("time", "At the bench", worked.time());
        figures.at(Stage.COVER);
        worked.covering().work().figures().forEach(figures::add);
        figures.figures.sort(Comparator.comparing(Figure::stage));
        return figures.figures;
    }

    /** What is added next belongs to that stage. */
    private Figures at(Stage next) {
        stage = next;
        return this;
    }

    Figures add(Figure figure) {
        figures.add(figure.at(stage));
        return this;
    }

    Figures add(String key, String label, Working working) {
        return add(new Figure(key, label, working));
    }

    private void addSheets(Gathered gathered, List<PaperPlan> papers) {
        boolean folded = gathered.folded().isPresent();
        boolean creased = gathered.match(signatures -> true, Gathered.Singly::doubled);
        gathered.folded()
                .filter(signatures -> signatures.sheets() != spec.extent().sheets(true))
                .ifPresentOrElse(
                        signatures -> add(splitSheets(signatures)), () -> addSheetsByPages(gathered, folded, creased));
        gathered.folded()
                .filter(signatures -> spec.bound().form().most() > 1)
                .ifPresent(signatures ->
                        at(Stage.GATHER).add(signatures(signatures)).at(Stage.PAPER));
        addSheetSize(gathered, creased);
        addStock(papers);
    }

    private void addSheetsByPages(Gathered gathered, boolean folded, boolean creased) {
        Working.Builder working = Working.by(SHEETS)
                .with("P", "pages wanted", Quantity.count(spec.pages()))
                .with(
                        "e",
                        "pages of a sheet"
                                + (folded ? ", folded once" : creased ? ", printed on one side and folded" : ""),
                        Quantity.count(Extent.pagesPerSheet(folded)))
                .from(Source.DEFINITION);
        String blanks = Blanks.of(spec, gathered).named();
        if (!blanks.isEmpty()) {
            working.note(Phrase.of("Blank: {}.", blanks));
        }
        add("sheets", creased ? "Sheets to fold" : "Sheets", working.gives(COUNT));
    }

    /** Where blank pages or a recipe make it other than the pages alone would. */
    private static Figure splitSheets(Gathered.InSignatures gathered) {
        int fuller = gathered.sharing().fuller().size() * gathered.sharing().most();
        return new Figure(
                "sheets",
                "Sheets to fold",
                Working.by(BY_SPLIT)
                        .with("a", "in the fuller signatures", Quantity.count(fuller))
                        .with("b", "in the others", Quantity.count(gathered.sheets() - fuller))
                        .from(Source.DEFINITION)
                        .note(Phrase.of("Signatures: {}.", gathered.sharing().words()))
                        .gives(COUNT));
    }

    private static Figure signatures(Gathered.InSignatures gathered) {
        int ends = gathered.block().signatures().size() - gathered.sharing().signatures();
        Working.Builder working = Working.by(BY_SPLIT)
                .with(
                        "a",
                        "of pages: " + gathered.sharing().words() + " sheets",
                        Quantity.count(gathered.sharing().signatures()))
                .with("b", "endpaper sections", Quantity.count(ends))
                .from(Source.DEFINITION);
        if (!gathered.sharing().even()) {
            working.note(Phrase.of("A sheet more: {}.", gathered.sharing().fullerWords()));
        }
        return Figure.shownAs(
                "signatures",
                "Signatures",
                working.gives(COUNT),
                Phrase.of("{}{}", gathered.sharing().words(), ends > 0 ? " + 2 ends" : ""));
    }

    private void addSheetSize(Gathered gathered, boolean folded) {
        Working working = Working.by(folded ? DOUBLE : ONE)
                .with("W", "width of the leaf", Quantity.of(spec.leaf().width(), Fineness.CUT))
                .with("a", "to be trimmed", Quantity.of(spec.papers().trim(), Fineness.CUT))
                .note(Phrase.of(
                        "{} of them, {} high{}; the grain runs along the height.",
                        gathered.sheets(),
                        cutHeight().at(Fineness.CUT),
                        spec.papers().trim().equals(Length.ZERO) ? "" : " with the trim"))
                .gives(Quantity.of(Length.ZERO, Fineness.CUT));
        add(Figure.shownAs(
                "unfolded",
                folded ? "Sheet, unfolded" : "Sheet",
                working,
                Phrase.of(
                        "{} × {}",
                        Length.ofMm(working.result().number()).at(Fineness.CUT),
                        cutHeight().at(Fineness.CUT))));
    }

    private Length cutHeight() {
        return spec.leaf().height().plus(spec.papers().trim().times(2));
    }

    /** Stock sheets to take from the drawer, and what it is short of. */
    private void addStock(List<PaperPlan> papers) {
        for (int i = 0; i < papers.size(); i++) {
            PaperPlan paper = papers.get(i);
            String end = i == 0 ? "" : "-" + (i + 1);
            String of = papers.size() == 1 ? "" : ", " + paper.paper().paper().name();
            paper.cutting().filter(CuttingPlan::possible).ifPresent(cutting -> {
                add("stock" + end, "Stock sheets" + of, stock(paper, cutting));
                cutting.supply().have().ifPresent(have -> {
                    if (cutting.shortOf() > 0) {
                        Working lacking = Working.by(SHORT)
                                .with("N", "stock sheets to take", Quantity.count(cutting.stockSheets()))
                                .with("h", "in the drawer", Quantity.count(have))
                                .from(Source.DEFINITION)
                                .gives(COUNT);
                        add("short" + end, "Short by" + of, lacking);
                    }
                });
            });
        }
    }

    private static Working stock(PaperPlan paper, CuttingPlan cutting) {
        Phrase waste = Phrase.of("{} % of the paper is left over.", Math.round(cutting.waste() * 100));
        boolean plain = paper.demands().size() == 1;
        int each = cutting.layouts().get(0).pieces().size();
        if (plain && (paper.sheets() + each - 1) / each == cutting.stockSheets()) {
            return Working.by(STOCK)
                    .with("s", "sheets wanted", Quantity.count(paper.sheets()))
                    .with("e", "out of a stock sheet", Quantity.count(each))
                    .from(Source.GEOMETRY)
                    .note(waste)
                    .gives(COUNT);
        }
        return Working.by(BY_PLAN)
                .with("N", "stock sheets of the cutting plan", Quantity.count(cutting.stockSheets()))
                .from(Source.GEOMETRY)
                .note(Phrase.of(
                        cutting.fewest()
                                ? "No plan with fewer stock sheets exists for cuts of this kind."
                                : "A plan with fewer stock sheets may exist."))
                .note(waste)
                .gives(COUNT);
    }

    private void addThickness(Gathered gathered, List<PaperPlan> papers) {
        for (int i = 0; i < papers.size(); i++) {
            add(
                    i == 0 ? "paper-thickness" : "paper-thickness-" + (i + 1),
                    papers.size() == 1
                            ? "Sheet thickness"
                            : papers.get(i).paper().paper().name(),
                    papers.get(i).thickness());
        }
        at(Stage.GATHER);
        gathered.match(this::addFolds, singly -> add("block", "Stack, pressed", singly.thickness()));
    }

    private Figures addFolds(Gathered.InSignatures folded) {
        add(
                "fold",
                "Folded thickness",
                folded.thickest().foldThickness(spec.bound().form().comfort()));
        add("creep", "Creep", folded.thickest().creep());
        return spec.bound().form().most() > 1 ? addBlock(folded.block()) : this;
    }

    private Figures addBlock(Block block) {
        add("block", "Block, pressed", block.pressed());
        if (block.foreEdge().result().number() != block.pressed().result().number()) {
            add("fore-edge", "At the fore edge", block.foreEdge());
        }
        return add("swell", "Swell", block.swell())
                .add("spine", "Spine", block.spine())
                .add("wedge", "Wedge", block.wedge());
    }

    /** Thread to cut: by the path, or by the rule of thumb where the path cannot be worked out; nothing where none is used. */
    static Optional<Working> thread(WorkedBook worked) {
        return worked.sewing()
                .map(sewing -> sewing.need().cut())
                .or(() -> threadByRule(worked.spec(), worked.gathered()));
    }

    private static Optional<Working> threadByRule(BookSpec spec, Gathered gathered) {
        ThumbRule rule = spec.bound().threadRule(spec.stations().count(), gathered.signatures(), spec.variant());
        if (rule.highHeights() <= 0) {
            return Optional.empty();
        }
        Quantity thread = Quantity.of(Length.ZERO, Fineness.THREAD);
        double heightMm = spec.leaf().height().mm() * spec.thread().strands();
        return Optional.of(Working.by(THREAD_BY_RULE)
                .with("k", "strands", Quantity.count(spec.thread().strands()))
                .with("r", "heights of the book", Quantity.ratio(rule.heights(), 1))
                .with("H", "height of the book", Quantity.of(spec.leaf().height(), Fineness.CUT))
                .from(Source.COMMON_PRACTICE)
                .between(thread.with(rule.lowHeights() * heightMm), thread.with(rule.highHeights() * heightMm))
                .note(Phrase.of("Rule of thumb: {}.", rule.words()))
                .gives(thread));
    }
}
