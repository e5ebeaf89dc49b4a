package itomichi.book;

import itomichi.advice.Use;
import itomichi.cover.CoverChoices;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverKinds;
import itomichi.cover.CoverStock;
import itomichi.cover.CoverStuff;
import itomichi.cover.PieceStuff;
import itomichi.cover.Setting;
import itomichi.gathering.Back;
import itomichi.gathering.Extent;
import itomichi.gathering.Pressing;
import itomichi.gathering.SplitWish;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.material.ThreadCount;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import itomichi.spec.GatherWish;
import itomichi.spec.StitchWish;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import itomichi.structure.Need;
import itomichi.structure.Stitching;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Books that nobody thought of, the same at every run. */
final class RandomBooks {

    private static final List<Structure> STRUCTURES = Structures.all().stream()
            .filter(structure -> !structure.wantsPattern())
            .toList();

    private final SplittableRandom dice;
    /** Apart from the others, so that books stay the same whatever is drawn of their covers. */
    private final SplittableRandom coverDice;

    private RandomBooks(long seed) {
        dice = new SplittableRandom(seed);
        coverDice = new SplittableRandom(seed + 1);
    }

    /** Books as binders make them: usual papers and sizes, here and there a wish. */
    static Stream<BookSpec> sane(int number) {
        RandomBooks books = new RandomBooks(20261126);
        return Stream.generate(books::sane).limit(number);
    }

    /** Books with holes off the sheet, threads like ropes, leaves like stamps: whatever can be typed. */
    static Stream<BookSpec> wild(int number) {
        RandomBooks books = new RandomBooks(1126);
        return Stream.generate(() -> books.covered(books.wild())).limit(number);
    }

    private double between(double low, double high) {
        return low + dice.nextDouble() * (high - low);
    }

    private boolean once(int in) {
        return dice.nextInt(in) == 0;
    }

    private <T> T one(List<T> of) {
        return of.get(dice.nextInt(of.size()));
    }

    private <E extends Enum<E>> E one(E[] of) {
        return of[dice.nextInt(of.length)];
    }

    private Length mm(double low, double high) {
        return Length.ofMm(Math.round(between(low, high) * 10) / 10.0);
    }

    private BookSpec sane() {
        Structure structure = one(STRUCTURES);
        boolean one = structure.form().most() == 1;
        int pages = structure.form().folded() && one ? 4 * (2 + dice.nextInt(12)) : 4 * (16 + dice.nextInt(90));
        double widthMm = one(List.of(74.0, 105.0, 140.0, 148.0, 170.0, 210.0));
        Paper paper = new Paper(
                "Paper",
                Grammage.ofGsm(one(List.of(60.0, 80.0, 90.0, 100.0, 120.0, 150.0))),
                one(List.of(BulkKind.OFFICE, BulkKind.BOOK_WOVE, BulkKind.DRAWING, BulkKind.BULKY_BOOK)),
                Optional.empty(),
                once(6) ? Grain.UNKNOWN : Grain.WITH_FOLD);
        Set<Need> needs = EnumSet.noneOf(Need.class);
        if (once(3)) {
            needs.add(one(List.of(Need.WRITE, Need.CARRY, Need.LIE_FLAT, Need.PASTE_IN)));
        }
        BookSpec start = Books.sound()
                .withUse(new Use(needs, 1, once(4) ? Hands.NEW : Hands.PRACTISED))
                .withPaper(paper)
                .withLeaf(new BookSpec.Leaf(
                        Length.ofMm(widthMm), Length.ofMm(Math.rint(widthMm * Math.sqrt(2))), once(3)))
                .withThread(thread(one(List.of(18.0, 25.0, 30.0, 40.0, 60.0)), 1));
        BookSpec bound = Binding.as(start, structure)
                .withExtent(new Extent(
                        structure.form().folded() ? Extent.By.PAGES : Extent.By.SHEETS,
                        structure.form().folded() ? pages : pages / 4));
        GatherWish gathering = bound.gathering().withPressing(once(3) ? one(Pressing.values()) : Pressing.OVERNIGHT);
        return bound.withGathering(once(3) ? gathering.withBack(Back.ROUNDED) : gathering)
                .withStitch(bound.stitch().withVariant(variant(structure)));
    }

    private String variant(Structure structure) {
        return structure
                .stitching(Optional.empty())
                .map(sewn -> one(sewn.variants()).key())
                .orElse(Stitching.USUAL);
    }

    private static BookSpec.Sewing thread(double count, int strands) {
        return new BookSpec.Sewing(
                new SewingThread("linen", Fibre.LINEN, new ThreadCount.Linen(count, 3)),
                strands,
                Length.ofMm(75),
                3,
                Length.ofMm(1.2),
                Face.INSIDE,
                2);
    }

    /** In any cover, settled in any way, on a block that was measured or not. */
    private BookSpec covered(BookSpec book) {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> schools = new HashMap<>();
        CoverKinds.settings()
                .filter(setting -> coverDice.nextInt(4) == 0)
                .forEach(setting -> setting.match(new Setting.Cases<Void>() {
                    @Override
                    public Void measure(Setting.Measure measure) {
                        numbers.put(measure.key(), coverDice.nextDouble(measure.leastMm(), measure.mostMm()));
                        return null;
                    }

                    @Override
                    public Void share(Setting.Share share) {
                        numbers.put(share.key(), coverDice.nextDouble(share.least(), share.most()));
                        return null;
                    }

                    @Override
                    public Void measured(Setting.Measured measured) {
                        if (coverDice.nextBoolean()) {
                            numbers.put(measured.key(), coverDice.nextDouble(measured.leastMm(), measured.mostMm()));
                        }
                        return null;
                    }

                    @Override
                    public Void school(Setting.School school) {
                        schools.put(
                                school.key(),
                                school.options()
                                        .get(coverDice.nextInt(school.options().size()))
                                        .key());
                        return null;
                    }
                }));
        List<CoverKind> kinds = CoverKinds.all();
        return book.withCovering(new CoverWish(
                kinds.get(coverDice.nextInt(kinds.size())).key(),
                new CoverChoices(numbers, schools),
                new CoverWish.Measured(
                        measured(20, 600), measured(20, 500), measured(0.5, 90), measured(0.5, 120), measured(0.3, 10)),
                stocks(),
                Set.of()));
    }

    /** A sheet of any size for any stuff, or none. */
    private Map<PieceStuff, CoverStock> stocks() {
        Map<PieceStuff, CoverStock> stocks = new EnumMap<>(PieceStuff.class);
        for (PieceStuff stuff : PieceStuff.values()) {
            if (stuff.inSheets() && coverDice.nextInt(3) == 0) {
                SheetGrain[] grains = SheetGrain.values();
                stocks.put(
                        stuff,
                        new CoverStock(
                                "Sheet",
                                Length.ofMm(coverDice.nextDouble(30, 1200)),
                                Length.ofMm(coverDice.nextDouble(30, 1200)),
                                grains[coverDice.nextInt(grains.length)]));
            }
        }
        return stocks;
    }

    private Optional<Length> measured(double leastMm, double mostMm) {
        return coverDice.nextInt(3) == 0
                ? Optional.of(Length.ofMm(coverDice.nextDouble(leastMm, mostMm)))
                : Optional.empty();
    }

    private BookSpec wild() {
        BookSpec sane = sane();
        Length height = mm(30, 500);
        StationScheme stations = switch (dice.nextInt(4)) {
            case 0 ->
                new StationScheme.Placed(IntStream.rangeClosed(1, 2 + dice.nextInt(11))
                        .mapToObj(i -> Length.ofMm(i * between(5, 60)))
                        .sorted()
                        .distinct()
                        .toList());
            case 1 -> new StationScheme.Equal(2 + dice.nextInt(14));
            case 2 -> new StationScheme.Margins(2 + dice.nextInt(14), mm(0, 300), mm(0, 300));
            default -> sane.stations();
        };
        BookSpec wild = sane.withLeaf(new BookSpec.Leaf(mm(30, 400), height, once(2)))
                .withStations(stations)
                .withPages(1 + dice.nextInt(900))
                .withPaper(new Paper(
                        "Paper",
                        Grammage.ofGsm(Math.rint(between(8, 600))),
                        one(BulkKind.values()),
                        Optional.empty(),
                        one(Grain.values())))
                .withThread(thread(between(3, 90), 1 + dice.nextInt(2)))
                .withCover(new BookSpec.Cover(once(2), mm(0.1, 4), mm(0, 12))
                        .withStuff(one(CoverStuff.values()))
                        .withSpine(once(3) ? Optional.of(mm(1, 90)) : Optional.empty())
                        .withHeight(once(5) ? Optional.of(mm(20, 500)) : Optional.empty())
                        .withLoose(once(5) ? Optional.of(mm(1, 120)) : Optional.empty()))
                .withGathering(new GatherWish(
                        once(3) ? Optional.of(new GatherWish.Chosen(1 + dice.nextInt(40), once(2))) : Optional.empty(),
                        once(4)
                                ? new SplitWish(
                                        once(2),
                                        Optional.empty(),
                                        Optional.of(1 + dice.nextInt(9)),
                                        Optional.empty(),
                                        once(2))
                                : SplitWish.NONE,
                        one(Pressing.values()),
                        one(Back.values()),
                        once(4) ? mm(0, 60) : Length.ZERO,
                        List.of(),
                        Map.of()))
                .withStitch(sane.stitch()
                        .withThreads(one(StitchWish.Threads.values()))
                        .withTape(mm(0.1, 2)));
        wild = once(3) ? Books.from(wild, stock()) : wild;
        return once(3) ? holesByHand(wild) : wild;
    }

    private Supply stock() {
        return new Supply(
                mm(100, 1200),
                mm(100, 1200),
                one(SheetGrain.values()),
                mm(0, 10),
                Optional.of(dice.nextInt(40)),
                Optional.empty());
    }

    private BookSpec holesByHand(BookSpec spec) {
        List<SideHole> placed = IntStream.rangeClosed(1, 2 + dice.nextInt(6))
                .mapToObj(i -> new SideHole(one(List.of(Role.BY_HAND, Role.CORNER)), mm(0, 520), mm(0, 80)))
                .toList();
        return spec.withHoles(spec.holes().withSide(spec.holes().side().withByHand(Optional.of(placed))));
    }
}
