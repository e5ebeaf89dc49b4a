package itomichi.plan;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.HoleSize;
import itomichi.punching.Collation;
import itomichi.punching.HoleGroup;
import itomichi.punching.PunchList;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.station.Role;
import itomichi.station.RowFault;
import itomichi.station.Stations;
import itomichi.structure.Hands;
import itomichi.structure.Holing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/** Works out holes through folds, and through a cover where one is sewn through. */
final class FoldHoles {

    /** A kerf goes this far past the innermost sheet, so that the needle finds it: common practice. */
    private static final Length PAST_INNERMOST = Length.ofMm(0.3);

    private static final Formula KERF = Formula.of("z + a");

    private final BookSpec spec;
    private final Gathered.InSignatures gathered;
    private final Length strand;
    private final Stations stations;
    private final IntUnaryOperator passes;
    private final List<Role> roles;
    private final Holing holing;
    private final List<HoleGroup> groups = new ArrayList<>();
    private final List<PunchList.Tick> ticks = new ArrayList<>();

    /** @param passes of the needle through a station of one signature, by its number */
    private FoldHoles(
            BookSpec spec,
            Gathered.InSignatures gathered,
            Length strand,
            HolePlaces.AlongFolds places,
            IntUnaryOperator passes) {
        this.spec = spec;
        this.gathered = gathered;
        this.strand = strand;
        this.stations = places.stations();
        this.passes = passes;
        this.holing = spec.bound().holing();
        this.roles = places.roles();
    }

    /** @param sewn passes of the needle through each station, where an order of sewing tells them */
    static Holes.InFolds of(
            BookSpec spec,
            Gathered.InSignatures gathered,
            Length strand,
            HolePlaces.AlongFolds places,
            Map<Integer, Integer> sewn) {
        Holing holing = spec.bound().holing();
        return new FoldHoles(
                        spec,
                        gathered,
                        strand,
                        places,
                        number -> sewn.getOrDefault(
                                number, holing.passes(places.roles().get(number - 1))))
                .plan();
    }

    private boolean children() {
        return spec.use().hands() == Hands.CHILDREN;
    }

    private Holes.InFolds plan() {
        List<Signature> signatures = gathered.block().signatures();
        List<Holes.Fold> folds = folds(signatures.size());
        groupHoles(HoleGroup.Through.FOLDS, 1, folds, gathered.thickest().laidFlat());
        for (int i = 0; i < folds.size(); i++) {
            tick(i, signatures.get(i), folds.get(i));
        }
        Optional<Holes.InCover> cover = cover();
        return new Holes.InFolds(
                stations,
                roles,
                IntStream.rangeClosed(1, stations.count()).map(passes).boxed().toList(),
                spec.leaf().height(),
                spec.papers().trim(),
                folds,
                spec.holes().level(),
                folds.size() > 1
                        ? Optional.of(Collation.of(folds.size(), spec.leaf().height()))
                        : Optional.empty(),
                holing.maySaw() ? Optional.of(kerf()) : Optional.empty(),
                cover,
                groups,
                new PunchList(ticks));
    }

    private List<Holes.Fold> folds(int signatures) {
        Length tall = spec.leaf().height();
        List<Integer> all = IntStream.rangeClosed(1, stations.count()).boxed().toList();
        Holes.Fold plain = new Holes.Fold(tall, Length.ZERO, all);
        List<Holes.Fold> folds = new ArrayList<>();
        for (int number = 1; number <= signatures; number++) {
            Length height = spec.height(number);
            folds.add(height.equals(tall) ? plain : unlike(height, tall, all));
        }
        return folds;
    }

    private Holes.Fold unlike(Length height, Length tall, List<Integer> all) {
        Length head = spec.holes().level().headBelow(tall, height);
        Length tail = head.plus(height);
        return new Holes.Fold(
                height,
                head,
                all.stream()
                        .filter(number -> stations.at(number).isMoreThan(head)
                                && stations.at(number).isLessThan(tail))
                        .toList());
    }

    private void tick(int index, Signature signature, Holes.Fold fold) {
        boolean one = gathered.block().signatures().size() == 1;
        Tool tool = groups.get(0).tool();
        int batches = tool.batches(signature.laidFlat());
        boolean apart = batches > 1 && signature.count() > 1;
        ticks.add(new PunchList.Tick(
                Phrase.of(
                        "{}{}: stations {}{}",
                        one ? "The signature" : "Signature ",
                        one ? "" : index + 1,
                        Numbered.of(fold.stations()),
                        apart ? Phrase.of(", in {} batches of sheets", batches) : Phrase.EMPTY),
                fold.stations().size(),
                tool.together(signature.laidFlat())));
    }

    /** Stations that the needle passes equally often are made alike. */
    private void groupHoles(HoleGroup.Through place, int share, List<Holes.Fold> folds, Length stack) {
        Map<Integer, List<Integer>> byPasses = new TreeMap<>();
        for (int number = 1; number <= stations.count(); number++) {
            byPasses.computeIfAbsent(passes.applyAsInt(number) * share, often -> new ArrayList<>())
                    .add(number);
        }
        byPasses.forEach((often, numbers) -> {
            Working wanted = HoleSize.of(
                    often * spec.thread().strands(), strand, spec.thread().needleEye());
            long holes = folds.stream()
                    .mapToLong(fold ->
                            fold.stations().stream().filter(numbers::contains).count())
                    .sum();
            Tool tool = place == HoleGroup.Through.COVER
                    ? Tool.throughCover(wanted.length())
                    : Tool.throughFold(wanted.length(), stack, children());
            groups.add(new HoleGroup(
                    place,
                    (numbers.size() == 1 ? "station " : "stations ") + Numbered.of(numbers),
                    (int) holes,
                    often,
                    tool.hole(wanted),
                    tool));
        });
    }

    private Optional<Holes.InCover> cover() {
        if (holing.rows() == Holing.RowsFor.NOTHING || !spec.cover().wanted()) {
            return Optional.empty();
        }
        int shared = holing.rows().signatures();
        int lines = (gathered.block().signatures().size() + shared - 1) / shared;
        Holes.Fold row = new Holes.Fold(
                spec.leaf().height(),
                Length.ZERO,
                IntStream.rangeClosed(1, stations.count()).boxed().toList());
        groupHoles(
                HoleGroup.Through.COVER,
                shared,
                Collections.nCopies(lines, row),
                spec.cover().thickness());
        List<HoleGroup> covers = groups.stream()
                .filter(group -> group.through() == HoleGroup.Through.COVER)
                .toList();
        int together = covers.get(0).tool().together(spec.cover().thickness());
        Length hole = covers.stream()
                .map(group -> group.size().length())
                .max(Length::compareTo)
                .orElseThrow();
        for (int line = 1; line <= lines; line++) {
            ticks.add(new PunchList.Tick(
                    Phrase.of("Cover, row {}, from the front: {} holes", line, stations.count()),
                    stations.count(),
                    together));
        }
        Length least = holing.rows() == Holing.RowsFor.EACH_BY_ITSELF
                ? RowFault.wideEnough(lines, hole, spec.cover().stuff().between())
                : Length.ZERO;
        return Optional.of(new CoverRows(spec, gathered.block(), shared > 1, least).plan(hole));
    }

    private Working kerf() {
        return Working.by(KERF)
                .with(
                        "z",
                        "sheets of the thickest signature laid on each other",
                        Quantity.of(gathered.thickest().laidFlat(), Fineness.CALIPER))
                .with("a", "past the innermost sheet", Quantity.of(PAST_INNERMOST, Fineness.CALIPER))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("Saw across all folds of the clamped block at once; try it on scrap first."))
                .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE));
    }
}
