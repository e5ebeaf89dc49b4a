package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.cover.Setting.Share;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The spine of a limp cover: its holes, the plates on it, and the long stitches as they lie or are woven.
 *
 * @param base the block
 * @param soft the cover
 * @param choices what is settled
 */
record LimpSpine(CoverBase base, SoftCover soft, CoverChoices choices) {

    static final Option NO_PLATES = new Option("NONE", "none");
    static final Option ONE_PLATE = new Option("ONE", "one, as high as the cover");
    static final Option EACH_GROUP = new Option("EACH", "one for each group of long stitches");
    static final School PLATES = new School("limp-plates", "Spine plates", List.of(NO_PLATES, ONE_PLATE, EACH_GROUP));
    static final Measure PLATE_PAST = new Measure("limp-plate-past", "A plate past its stitches", 8, 2, 60);
    static final Measure PLATE_THICK = new Measure("limp-plate-thick", "Thickness of a plate", 1.5, 0.3, 8);
    static final Option AS_SEWN = new Option("NONE", "as they are sewn");
    static final Option WOVEN = new Option("WOVEN", "woven with a second thread");
    static final School STITCHES = new School("limp-stitches", "The long stitches", List.of(AS_SEWN, WOVEN));
    static final Share FILLED = new Share("limp-filled", "Woven", "of their length", 80, 5, 100);
    private static final Formula SPINE = Formula.of("S");
    private static final Formula AS_HIGH = Formula.of("H");
    private static final Formula PAST_BOTH = Formula.of("L + 2 × x");
    private static final Formula ROWS_WOVEN = Formula.of("p ÷ 100 × L ÷ d");
    private static final Formula WOVEN_LONG = Formula.of("R × G × 1.2 + e");
    /** To begin and to end with: common practice. */
    private static final Length BESIDES = Length.ofMm(200);

    /** Whether a setting of it makes a difference. */
    static boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        boolean longs = !base.sewing().longs().isEmpty();
        if (setting.equals(PLATE_THICK)) {
            return !choices.is(PLATES, NO_PLATES);
        }
        if (setting.equals(PLATE_PAST)) {
            return longs && choices.is(PLATES, EACH_GROUP);
        }
        if (setting.equals(STITCHES)) {
            return longs;
        }
        return !setting.equals(FILLED) || (longs && choices.is(STITCHES, WOVEN));
    }

    /** The head of the block below the head of the cover. */
    double headMm() {
        return base.sewing().head().mm();
    }

    /** The plates as settled, on a cover that is not folded in. */
    static AtSpine plated(CoverChoices choices) {
        return choices.is(PLATES, NO_PLATES)
                ? AtSpine.COVER_ALONE
                : new AtSpine(choices.length(PLATE_THICK), choices.is(PLATES, EACH_GROUP), 0);
    }

    List<Figure> wovenFigures() {
        return woven().stream()
                .flatMap(group -> Stream.of(
                        new Figure("woven-rows-" + group.number(), group.named("Rows woven"), group.rows()),
                        new Figure("woven-" + group.number(), group.named("Thread to weave with"), group.length())))
                .toList();
    }

    List<Outline> holes(double left, double top, Predicate<Length> which) {
        return HoleGrid.holes(base.sewing(), left, top, which);
    }

    List<CoverPiece> plates() {
        if (choices.is(PLATES, NO_PLATES)) {
            return List.of();
        }
        Working wide = Working.by(SPINE)
                .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                .gives(Sizes.MARK);
        if (onePlate()) {
            Working high = Working.by(AS_HIGH)
                    .with("H", "height of the cover", Sizes.cut(soft.height()))
                    .gives(Sizes.CUT);
            return List.of(CoverPiece.rectangle("plate", "Spine plate", PieceStuff.BOARD, 1, wide, high)
                    .folded(holes(0, headMm(), station -> true)));
        }
        List<CoverPiece> plates = new ArrayList<>();
        for (SpineSewing.Group group : base.sewing().longs()) {
            Working high = Working.by(PAST_BOTH)
                    .with("L", "length of its stitches", Sizes.mark(group.length()))
                    .with("x", "past them", Sizes.mark(choices.length(PLATE_PAST)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.CUT);
            int number = plates.size() + 1;
            plates.add(CoverPiece.rectangle("plate-" + number, "Spine plate " + number, PieceStuff.BOARD, 1, wide, high)
                    .folded(holes(
                            0,
                            choices.length(PLATE_PAST).mm() - group.from().mm(),
                            station -> !station.isLessThan(group.from()) && !station.isMoreThan(group.to()))));
        }
        return plates;
    }

    /** Where the plates lie. */
    List<CoverShape.Plate> lying() {
        List<CoverShape.Plate> lying = new ArrayList<>();
        for (CoverPiece plate : plates()) {
            Length from = onePlate()
                    ? Length.ZERO
                    : base.sewing()
                            .head()
                            .plus(base.sewing().longs().get(lying.size()).from())
                            .minus(choices.length(PLATE_PAST));
            lying.add(new CoverShape.Plate(from, plate.high(), choices.length(PLATE_THICK)));
        }
        return lying;
    }

    /** Whether there is one along the whole spine. */
    private boolean onePlate() {
        return choices.is(PLATES, ONE_PLATE) || base.sewing().longs().isEmpty();
    }

    /**
     * A group of long stitches, woven.
     *
     * @param number which, from 1 at the head
     */
    record Woven(int number, int groups, SpineSewing.Group stitches, Working rows, Working length) {
        String named(String what) {
            return groups == 1 ? what : what + ", group " + number;
        }
    }

    private List<Woven> woven() {
        List<Woven> woven = new ArrayList<>();
        if (!choices.is(STITCHES, WOVEN)) {
            return woven;
        }
        SpineSewing sewing = base.sewing();
        for (SpineSewing.Group group : sewing.longs()) {
            Working rows = Working.by(ROWS_WOVEN)
                    .with("p", "share of their length, in percent", Quantity.ratio(choices.share(FILLED), 0))
                    .with("L", "length of the stitches", Sizes.mark(group.length()))
                    .with("d", "thickness of the thread", Quantity.of(sewing.strand(), Fineness.CALIPER))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Quantity.count(0));
            Working length = Working.by(WOVEN_LONG)
                    .with(
                            "R",
                            "rows woven",
                            Quantity.count(Math.round(rows.result().number())))
                    .with("G", "width of the group", Sizes.mark(across()))
                    .with("e", "to begin and to end with", Sizes.cut(BESIDES))
                    .from(Source.COMMON_PRACTICE)
                    .note(Phrase.of("A fifth more than straight across, for over and under."))
                    .gives(Quantity.of(Length.ZERO, Fineness.THREAD));
            woven.add(new Woven(woven.size() + 1, sewing.longs().size(), group, rows, length));
        }
        return woven;
    }

    /** From the first row to the last. */
    private Length across() {
        List<Length> rows = base.sewing().rows();
        return rows.isEmpty() ? Length.ZERO : rows.get(rows.size() - 1).minus(rows.get(0));
    }

    /** The long stitches, and what is woven through them, on the cover opened flat from outside. */
    List<Outline> sewn(double left) {
        List<Outline> drawn = new ArrayList<>();
        for (SpineSewing.Group group : base.sewing().longs()) {
            for (Length row : base.sewing().rows()) {
                double x = left + row.mm();
                drawn.add(Outline.line(
                        Role.THREAD,
                        "",
                        x,
                        headMm() + group.from().mm(),
                        x,
                        headMm() + group.to().mm()));
            }
        }
        for (Woven group : woven()) {
            double rows = group.rows().result().number();
            double filled = group.stitches().length().mm() * choices.share(FILLED) / 100;
            double top = headMm()
                    + group.stitches().from().mm()
                    + (group.stitches().length().mm() - filled) / 2;
            drawn.add(Outline.rectangle(
                    Role.THREAD,
                    "",
                    left + base.sewing().rows().get(0).mm(),
                    top,
                    Math.max(0.1, across().mm()),
                    Math.max(0.1, filled)));
            for (int i = 1; i < rows; i += Math.max(1, (int) (rows / 12))) {
                double y = top + filled * i / rows;
                drawn.add(Outline.line(
                        Role.THREAD,
                        "",
                        left + base.sewing().rows().get(0).mm(),
                        y,
                        left + base.sewing().rows().get(0).plus(across()).mm(),
                        y));
            }
        }
        return drawn;
    }

    /** What is done about plates, where there are any. */
    Optional<CoverStep> plateStep() {
        return choices.is(PLATES, NO_PLATES)
                ? Optional.empty()
                : Optional.of(CoverStep.of(
                                "plates",
                                Part.MAKE,
                                "Punch plates and cover by the same template; the plates lie outside, under the long stitches.")
                        .withBlade());
    }

    /** The thread to weave with, for each group. */
    List<CoverPiece> threads() {
        return woven().stream()
                .map(group ->
                        SoftFlap.cord("weaving-" + group.number(), group.named("Thread to weave with"), group.length()))
                .toList();
    }

    /** What is done about each group that is woven. */
    List<CoverStep> weaveSteps() {
        return woven().stream()
                .map(group -> CoverStep.of(
                        "weave-" + group.number(),
                        Part.FINISH,
                        Phrase.of(
                                "{}: with a blunt needle and {} of thread, over the first of {} stitches, under the next, to the last; back the other way round, {} rows. Push each row against the last, and hide both ends behind.",
                                group.named("Weave"),
                                group.length().length().at(Fineness.THREAD),
                                group.stitches().number(),
                                Math.round(group.rows().result().number()))))
                .toList();
    }
}
