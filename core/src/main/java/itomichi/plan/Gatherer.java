package itomichi.plan;

import itomichi.gathering.Block;
import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Form;
import itomichi.gathering.Gathered;
import itomichi.gathering.SewnIn;
import itomichi.gathering.Sharing;
import itomichi.gathering.Signature;
import itomichi.gathering.Split;
import itomichi.gathering.SplitQuestion;
import itomichi.gathering.Splits;
import itomichi.measure.Length;
import itomichi.path.Hole;
import itomichi.path.HoleSize;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.station.RowFault;
import itomichi.station.RowScheme;
import itomichi.structure.FoldThreads;
import itomichi.structure.Holing;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/** Gathers a book's sheets as its binder wants it, or in the best way where nothing was settled. */
public final class Gatherer {

    /** Through a hole, where the way is not known. */
    private static final int USUAL_PASSES = 2;

    private final BookSpec spec;
    private final Thicknesses thicknesses;
    private final SewnIn thread;
    private final IntUnaryOperator threads;
    private final Optional<Way> way;

    /** How the book is sewn, its signatures being as few as its structure takes. */
    private record Way(Stitching stitching, Stitching.Choice choice) {
        private int mostPasses() {
            ToIntFunction<Hole> passes = stitching.mostPasses(choice);
            return IntStream.rangeClosed(1, choice.stations())
                    .map(station -> passes.applyAsInt(new Hole(1, station)))
                    .max()
                    .orElse(USUAL_PASSES);
        }
    }

    private Gatherer(BookSpec spec, Thicknesses thicknesses, HolePlaces places) {
        this.spec = spec;
        this.thicknesses = thicknesses;
        this.thread = SewnIn.of(
                thicknesses.strand(), spec.thread().strands(), spec.paper().kind(), spec.learned());
        int fewest = spec.bound().form().fewest();
        this.way = ThreadOrder.sewn(spec, places)
                .map(sewn -> new Way(sewn, ThreadOrder.choice(spec, sewn, fewest, places)));
        // where it cannot be sewn as it is, one thread in each fold is what most ways leave
        this.threads = way.<IntUnaryOperator>map(sewn -> new FoldThreads(sewn.stitching(), sewn.choice()))
                .orElse(IntUnaryOperator.identity());
    }

    /** The sheets of a book as they are gathered. */
    public static Gathered gather(BookSpec spec) {
        return gather(spec, Thicknesses.of(spec), HolePlaces.of(spec));
    }

    /** The sheets of a book as they are gathered, its papers and thread being so thick and its holes lying there. */
    static Gathered gather(BookSpec spec, Thicknesses thicknesses, HolePlaces places) {
        return new Gatherer(spec, thicknesses, places).gather();
    }

    /** Every sensible split of the book's pages into signatures, the best first; empty where its sheets are not folded. */
    public static List<Split> splits(BookSpec spec) {
        return spec.bound().form().folded()
                ? Splits.rank(new Gatherer(spec, Thicknesses.of(spec), HolePlaces.of(spec)).question())
                : List.of();
    }

    private SplitQuestion question() {
        return new SplitQuestion(
                spec.pages(),
                thicknesses.sheet(0),
                spec.bound().form(),
                spec.gathering().wish(),
                thread,
                spec.springs(),
                spec.back(),
                thicknesses.pastedIn(spec),
                rows(),
                threads);
    }

    /** Where a cover is cut to the book and its rows are not placed otherwise, they follow from the split. */
    private Optional<SplitQuestion.RowsWanted> rows() {
        Holing holing = spec.bound().holing();
        boolean follow = holing.rows() == Holing.RowsFor.EACH_SIGNATURE || holing.rows() == Holing.RowsFor.EACH_PAIR;
        boolean equal = spec.holes().rows().equals(new RowScheme.EqualGaps());
        if (!follow || !equal || !spec.cover().wanted() || spec.cover().spine().isPresent()) {
            return Optional.empty();
        }
        int signatures = holing.rows().signatures();
        int passes = way.map(Way::mostPasses).orElse(USUAL_PASSES);
        Length hole = HoleSize.of(
                        signatures * passes * spec.thread().strands(),
                        thicknesses.strand(),
                        spec.thread().needleEye())
                .length();
        return Optional.of(new SplitQuestion.RowsWanted(
                hole.plus(RowFault.torn(spec.cover().stuff().between())), signatures));
    }

    private Gathered gather() {
        Form form = spec.bound().form();
        if (!form.folded()) {
            return new Gathered.Singly(
                    spec.extent().sheets(false),
                    thicknesses.sheet(0),
                    thicknesses.pastedIn(spec),
                    spec.pageWish().doubled());
        }
        boolean byRecipe = !spec.gathering().recipes().isEmpty();
        List<Signature> signatures = byRecipe ? byRecipe(form) : plain(sharing(form));
        Sharing sharing = new Sharing(signatures.stream().map(Signature::count).toList());
        if (spec.gathering().wish().endpapersApart() && form.most() > 1) {
            Signature endpaper =
                    Signature.plain(1, thicknesses.sheet(0), spec.leaf().width());
            signatures.add(0, endpaper);
            signatures.add(endpaper);
        }
        return new Gathered.InSignatures(
                sharing,
                new Block(
                        signatures,
                        spec.leaf().width(),
                        spec.springs(),
                        thread,
                        threads.applyAsInt(signatures.size()),
                        thicknesses.pastedIn(spec)));
    }

    private Sharing sharing(Form form) {
        int sheets = spec.extent().sheets(true);
        if (form.most() == 1) {
            return Sharing.of(sheets, 1);
        }
        if (spec.gathering().chosen().isPresent()) {
            GatherWish.Chosen chosen = spec.gathering().chosen().get();
            int signatures = Math.min(Math.max(chosen.signatures(), form.fewest()), form.most());
            int full = Math.max(
                    (sheets + signatures - 1) / signatures,
                    chosen.filled() ? chosen.sheetsEach().orElse(1) : 1);
            return chosen.filled() || sheets < signatures
                    ? Sharing.of(signatures * full, signatures)
                    : Sharing.of(sheets, signatures);
        }
        List<Split> splits = Splits.rank(question());
        return splits.isEmpty()
                ? Sharing.of(Math.max(sheets, form.fewest()), form.fewest())
                : splits.get(0).sharing();
    }

    private List<Signature> plain(Sharing sharing) {
        List<Signature> signatures = new ArrayList<>();
        for (int sheets : sharing.sheetsEach()) {
            signatures.add(
                    Signature.plain(sheets, thicknesses.sheet(0), spec.leaf().width()));
        }
        return signatures;
    }

    /** The recipes in turn, until all pages are held or as many as were settled on. */
    private List<Signature> byRecipe(Form form) {
        List<List<GatherWish.RecipeSheet>> recipes = spec.gathering().recipes();
        int wanted = form.most() == 1
                ? 1
                : spec.gathering().chosen().map(GatherWish.Chosen::signatures).orElse(0);
        List<Signature> signatures = new ArrayList<>();
        int left = spec.pages();
        while (wanted > 0 ? signatures.size() < wanted : left > 0 || signatures.size() < form.fewest()) {
            Signature signature = signature(recipes.get(signatures.size() % recipes.size()));
            signatures.add(signature);
            // a recipe of stubs alone ends too
            left -= Math.max(1, signature.pages(spec.leaf().width()));
        }
        return signatures;
    }

    private Signature signature(List<GatherWish.RecipeSheet> recipe) {
        Length leaf = spec.leaf().width();
        return new Signature(recipe.stream()
                .map(sheet -> new FoldedSheet(
                        sheet.paper(),
                        thicknesses.sheet(sheet.paper()),
                        sheet.first().orElse(leaf),
                        sheet.second().orElse(leaf)))
                .toList());
    }
}
