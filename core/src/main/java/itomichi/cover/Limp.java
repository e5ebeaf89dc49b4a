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
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A limp cover that is folded and not glued, its long stitches seen on the spine: with stiff plates under them or without, with a flap and a
 * cord wound round a button on the spine, with a second thread woven through the stitches.
 */
final class Limp extends ToldKind {

    static final Option FOUR = new Option("FOUR", "on all four sides");
    static final Option THREE = new Option("THREE", "at head, tail and front");
    static final Option NO_TURNS = new Option("NONE", "none, cut to size");
    static final School TURNS = new School("limp-turns", "Folded in", List.of(FOUR, THREE, NO_TURNS));
    static final Measure WIDE = new Measure("limp-wide", "So wide", 35, 10, 300);

    static final Option NO_PLATES = new Option("NONE", "none");
    static final Option ONE_PLATE = new Option("ONE", "one, as high as the cover");
    static final Option EACH_GROUP = new Option("EACH", "one for each group of long stitches");
    static final School PLATES = new School("limp-plates", "Spine plates", List.of(NO_PLATES, ONE_PLATE, EACH_GROUP));
    static final Measure PLATE_PAST = new Measure("limp-plate-past", "A plate past its stitches", 8, 2, 60);

    static final Measure PLATE_THICK = new Measure("limp-plate-thick", "Thickness of a plate", 1.5, 0.3, 8);

    static final Option NO_FLAP = new Option("NONE", "none");
    static final Option OVER_FRONT = new Option("FRONT", "over the front");
    static final School FLAPPED = new School("limp-flap", "A flap", List.of(NO_FLAP, OVER_FRONT));

    static final Option OPEN = new Option("NONE", "nothing");
    static final Option BUTTON = new Option("BUTTON", "a cord round a button on the spine");
    static final School SHUT = new School("limp-closing", "Held shut", List.of(OPEN, BUTTON));

    static final Option AS_SEWN = new Option("NONE", "as they are sewn");
    static final Option WOVEN = new Option("WOVEN", "woven with a second thread");
    static final School STITCHES = new School("limp-stitches", "The long stitches", List.of(AS_SEWN, WOVEN));
    static final Share FILLED = new Share("limp-filled", "Woven", "of their length", 80, 5, 100);

    private static final Formula WIDTH = Formula.of("2 × F + S + p");
    private static final Formula TURNED = Formula.of("A + n × t");
    private static final Formula SPINE = Formula.of("S");
    private static final Formula AS_HIGH = Formula.of("H");
    private static final Formula PAST_BOTH = Formula.of("L + 2 × x");
    private static final Formula THROUGH_PLATES = Formula.of("n × b");
    private static final Formula ROWS_WOVEN = Formula.of("p ÷ 100 × L ÷ d");
    private static final Formula WOVEN_LONG = Formula.of("R × G × 1.2 + e");
    /** To begin and to end with: common practice. */
    private static final Length BESIDES = Length.ofMm(200);
    /** The patch behind a button's holes: common practice. */
    private static final Length PATCH = Length.ofMm(25);

    private static final double HOLE_MM = 1.2;

    Limp() {
        super(
                "limp",
                "Limp, folded and not glued",
                "One piece folded in at its edges, sewn through; the long stitches stay to be seen, with plates under them or woven.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.sewnThrough();
    }

    @Override
    public List<Setting> settings() {
        return List.of(TURNS, WIDE, PLATES, PLATE_THICK, PLATE_PAST, FLAPPED, SoftFlap.FLAP, SHUT, STITCHES, FILLED);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        boolean longs = !base.sewing().longs().isEmpty();
        if (setting.equals(WIDE)) {
            return !choices.is(TURNS, NO_TURNS);
        }
        if (setting.equals(PLATE_THICK)) {
            return !choices.is(PLATES, NO_PLATES);
        }
        if (setting.equals(PLATE_PAST)) {
            return longs && choices.is(PLATES, EACH_GROUP);
        }
        if (setting.equals(SoftFlap.FLAP)) {
            return choices.is(FLAPPED, OVER_FRONT);
        }
        if (setting.equals(STITCHES)) {
            return longs;
        }
        return !setting.equals(FILLED) || (longs && choices.is(STITCHES, WOVEN));
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Folded(base, base.soft().orElseThrow(), choices).work();
    }

    /** One such cover. */
    private static final class Folded {
        private final CoverBase base;
        private final SoftCover soft;
        private final CoverChoices choices;
        private final SoftFlap flap;
        private final Working width;
        private final Working cutWidth;
        private final Working cutHeight;

        Folded(CoverBase base, SoftCover soft, CoverChoices choices) {
            this.base = base;
            this.soft = soft;
            this.choices = choices;
            this.flap = new SoftFlap(base, soft, choices);
            this.width = Working.by(WIDTH)
                    .with("F", "width of front and back", Sizes.cut(soft.front().length()))
                    .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                    .with("p", "round the fore edge and over the front", Sizes.cut(past()))
                    .gives(Sizes.CUT);
            this.cutWidth = turned(width, "width, folded", ends());
            this.cutHeight = turned(soft.workedHeight(), "height, folded", turns() ? 2 : 0);
        }

        private boolean flapped() {
            return choices.is(FLAPPED, OVER_FRONT);
        }

        private Length past() {
            return flapped() ? flap.past() : Length.ZERO;
        }

        private boolean turns() {
            return !choices.is(TURNS, NO_TURNS);
        }

        /** How many of the two ends are folded in. */
        private int ends() {
            return choices.is(TURNS, FOUR) ? 2 : turns() ? 1 : 0;
        }

        private Length turn() {
            return turns() ? choices.length(WIDE) : Length.ZERO;
        }

        private Working turned(Working folded, String what, int number) {
            return number == 0
                    ? folded
                    : Working.by(TURNED)
                            .with("A", what, Sizes.cut(folded.length()))
                            .with("n", "edges folded in", Quantity.count(number))
                            .with("t", "folded in at each", Sizes.cut(turn()))
                            .from(Source.COMMON_PRACTICE)
                            .gives(Sizes.CUT);
        }

        /** Where the folded cover begins on the piece: the back's end is folded in only where all four sides are. */
        private double leftMm() {
            return ends() == 2 ? turn().mm() : 0;
        }

        private double spineLeftMm() {
            return past().mm() + soft.front().length().mm();
        }

        /** The head of the block below the head of the cover. */
        private double headMm() {
            return (soft.height().mm() - soft.pageHeight().mm()) / 2;
        }

        CoverWork work() {
            SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), past(), Length.ZERO);
            List<CoverPiece> pieces = new ArrayList<>();
            pieces.add(cover());
            pieces.addAll(plates());
            List<Figure> figures = new ArrayList<>();
            figures.add(SoftParts.figure(cutWidth, cutHeight));
            if (flapped()) {
                figures.add(new Figure("cover-wrap", "Round the fore edge", flap.wrap()));
                figures.add(new Figure("cover-flap", "Flap", flap.flap()));
            }
            throughPlates()
                    .ifPresent(more -> figures.add(new Figure("plate-thread", "Thread more, for the plates", more)));
            cord().ifPresent(length -> {
                figures.add(new Figure("tie", "Cord to cut", length));
                pieces.add(SoftFlap.cord("tie", "Cord", length));
            });
            woven().forEach(group -> {
                figures.add(new Figure("woven-rows-" + group.number(), group.named("Rows woven"), group.rows()));
                figures.add(new Figure("woven-" + group.number(), group.named("Thread to weave with"), group.length()));
            });
            List<Outline> flat = new ArrayList<>(flapped() ? flap.flat() : List.of());
            flat.addAll(sewn());
            return new CoverWork(
                    pieces,
                    figures,
                    parts.looks(
                            flat,
                            foldedIn(),
                            flapped() ? List.of(flap.onFront()) : List.of(),
                            flapped() ? flap.flap().length().mm() : 0,
                            flapped() ? new Grip[] {flap.grip()} : new Grip[0]),
                    steps(),
                    faults(),
                    Optional.of(parts.size()));
        }

        /** What is folded in, seen from inside. */
        private List<Outline> foldedIn() {
            List<Outline> edges = new ArrayList<>();
            double wide = width.length().mm();
            double high = soft.height().mm();
            double t = Math.min(turn().mm(), Math.min(wide, high) / 2);
            if (!turns()) {
                return edges;
            }
            edges.add(Outline.rectangle(Role.COVERING, "", 0, 0, wide, t));
            edges.add(Outline.rectangle(Role.COVERING, "", 0, high - t, wide, t));
            edges.add(Outline.rectangle(Role.COVERING, "folded in", wide - t, 0, t, high));
            if (ends() == 2) {
                // on a flap its name would lie over the flap's
                edges.add(Outline.rectangle(Role.COVERING, flapped() ? "" : "folded in", 0, 0, t, high));
            }
            return edges;
        }

        private CoverPiece cover() {
            double high = cutHeight.length().mm();
            double wide = cutWidth.length().mm();
            List<Outline> folds = new ArrayList<>();
            for (double x :
                    new double[] {spineLeftMm(), spineLeftMm() + soft.spine().mm()}) {
                folds.add(Outline.line(Role.FOLD, "", leftMm() + x, 0, leftMm() + x, high));
            }
            if (flapped()) {
                for (double x : new double[] {flap.flap().length().mm(), past().mm()}) {
                    folds.add(Outline.line(Role.FOLD, "", leftMm() + x, 0, leftMm() + x, high));
                }
            }
            if (turns()) {
                folds.addAll(Flat.headAndTail(wide, high, turn().mm()));
                double right = wide - turn().mm();
                folds.add(Outline.line(Role.FOLD, "", right, 0, right, high));
            }
            if (ends() == 2) {
                folds.add(Outline.line(Role.FOLD, "", leftMm(), 0, leftMm(), high));
            }
            folds.addAll(holes(leftMm() + spineLeftMm(), turn().mm() + headMm(), station -> true));
            return CoverPiece.rectangle("cover", "Cover", PieceStuff.of(soft.stuff()), 1, cutWidth, cutHeight)
                    .folded(folds);
        }

        private List<Outline> holes(double left, double top, Predicate<Length> which) {
            List<Outline> holes = new ArrayList<>();
            for (Length row : base.sewing().rows()) {
                for (Length station : base.sewing().stations()) {
                    if (which.test(station)) {
                        holes.add(Outline.hole(left + row.mm(), top + station.mm(), HOLE_MM));
                    }
                }
            }
            return holes;
        }

        private List<CoverPiece> plates() {
            if (choices.is(PLATES, NO_PLATES)) {
                return List.of();
            }
            Working wide = Working.by(SPINE)
                    .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                    .gives(Sizes.MARK);
            if (choices.is(PLATES, ONE_PLATE) || base.sewing().longs().isEmpty()) {
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
                plates.add(CoverPiece.rectangle(
                                "plate-" + number, "Spine plate " + number, PieceStuff.BOARD, 1, wide, high)
                        .folded(holes(
                                0,
                                choices.length(PLATE_PAST).mm() - group.from().mm(),
                                station -> !station.isLessThan(group.from()) && !station.isMoreThan(group.to()))));
            }
            return plates;
        }

        /** Thread that is cut more, because it goes through plates too. */
        private Optional<Working> throughPlates() {
            if (choices.is(PLATES, NO_PLATES)) {
                return Optional.empty();
            }
            SpineSewing sewing = base.sewing();
            boolean each = choices.is(PLATES, EACH_GROUP) && !sewing.longs().isEmpty();
            int passes = each
                    ? sewing.longs().stream()
                            .mapToInt(SpineSewing.Group::passes)
                            .sum()
                    : sewing.passes();
            return Optional.of(Working.by(THROUGH_PLATES)
                    .with("n", "passes through a plate", Quantity.count(passes))
                    .with("b", "thickness of a plate", Quantity.of(choices.length(PLATE_THICK), Fineness.CALIPER))
                    .note(Phrase.of("Beside what is cut of thread at Thread, of each strand."))
                    .gives(Quantity.of(Length.ZERO, Fineness.THREAD)));
        }

        private Optional<Working> cord() {
            return choices.is(SHUT, BUTTON)
                    ? Optional.of(flap.tie(
                            Phrase.of("Twice round the closed book, begun and ended at the button on the spine.")))
                    : Optional.empty();
        }

        /**
         * A group of long stitches, woven.
         *
         * @param number which, from 1 at the head
         */
        private record Woven(int number, int groups, SpineSewing.Group stitches, Working rows, Working length) {
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
        private List<Outline> sewn() {
            List<Outline> drawn = new ArrayList<>();
            double left = spineLeftMm();
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

        private List<CoverStep> steps() {
            List<CoverStep> steps = new ArrayList<>();
            steps.add(SoftParts.GRAIN);
            if (turns()) {
                steps.add(
                        CoverStep.of(
                                "fold-in",
                                Part.MAKE,
                                "Score and fold head and tail in, then the ends; nothing is glued, the corners are folded like a parcel\u2019s."));
            }
            steps.add(SoftParts.FOLD);
            if (!choices.is(PLATES, NO_PLATES)) {
                steps.add(CoverStep.of(
                        "plates",
                        Part.MAKE,
                        Phrase.of(
                                "Punch plates and cover by the same template; the plates lie outside, under the long stitches. Cut {} of thread more.",
                                throughPlates()
                                        .map(Working::length)
                                        .orElse(Length.ZERO)
                                        .at(Fineness.THREAD))));
            }
            if (flapped()) {
                steps.add(CoverStep.of(
                        "wrap",
                        Part.DRY,
                        Phrase.of(
                                "With the block in it, fold it round the fore edge: {} there, the flap lies flat on the front.",
                                flap.wrap().length().at(Fineness.MARK))));
            }
            if (choices.is(SHUT, BUTTON)) {
                steps.add(CoverStep.of(
                        "closing",
                        Part.MAKE,
                        Phrase.of(
                                "Glue a patch {} square inside the spine at half its height, set the button through both, knot the cord under it.",
                                PATCH.at(Fineness.CUT))));
            }
            for (Woven group : woven()) {
                steps.add(CoverStep.of(
                        "weave-" + group.number(),
                        Part.FINISH,
                        Phrase.of(
                                "{}: with a blunt needle and {} of thread, over the first of {} stitches, under the next, to the last; back the other way round, {} rows. Push each row against the last, and hide both ends behind.",
                                group.named("Weave"),
                                group.length().length().at(Fineness.THREAD),
                                group.stitches().number(),
                                Math.round(group.rows().result().number()))));
            }
            steps.add(SoftParts.PRESS);
            return steps;
        }

        private List<CoverFault> faults() {
            List<CoverFault> faults = new ArrayList<>(flapped() ? flap.faults() : List.of());
            if (turns() && !Length.ofMm(soft.height().mm() / 2).isMoreThan(turn())) {
                faults.add(new CoverFault(
                        Weight.STOP,
                        "cover-edge",
                        Phrase.of(
                                "Edges of {} folded in meet in the middle of a cover {} high.",
                                turn().at(Fineness.CUT),
                                soft.height().at(Fineness.CUT)),
                        List.of(WIDE.key())));
            }
            return faults;
        }
    }
}
