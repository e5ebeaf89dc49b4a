package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/** The cover of a double pamphlet: a strip with a pleat in its middle that one section sits in, or two covers laid fold to fold. */
final class PleatedStrip extends ToldKind {

    static final Option STRIP = new Option("STRIP", "one strip with a pleat");
    static final Option TWO = new Option("TWO", "two covers, fold to fold");
    static final School MADE = new School("pleat-made", "Made of", List.of(STRIP, TWO));
    static final Measure PLEAT = new Measure("pleat", "Depth of the pleat", 15, 5, 60);

    private static final Formula STRIP_WIDTH = Formula.of("2 × F + 2 × p + f");
    private static final Formula EACH_WIDTH = Formula.of("2 × F + f ÷ 2");

    PleatedStrip() {
        super(
                "pleated",
                "Strip with a pleat",
                "One section sits in the pleat, the other round it; both are sewn at once.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.soft().isPresent() && base.pleated();
    }

    @Override
    public List<Setting> settings() {
        return List.of(MADE, PLEAT);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return !setting.equals(PLEAT) || choices.is(MADE, STRIP);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SoftCover soft = base.soft().orElseThrow();
        boolean strip = choices.is(MADE, STRIP);
        Working width = width(soft, choices, strip);
        Length pleat = choices.length(PLEAT);
        Length spine = strip ? pleat.times(2).plus(soft.spine()) : soft.spine().times(0.5);
        SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), Length.ZERO, Length.ZERO, spine);
        double high = soft.height().mm();
        double middle = width.length().mm() / 2;
        List<Outline> more = strip ? List.of(Outline.line(Role.FOLD, "", middle, 0, middle, high)) : List.of();
        CoverPiece piece = parts.piece(width, soft.workedHeight(), Length.ZERO)
                .folded(more)
                .called(strip ? "Strip" : "Covers", strip ? 1 : 2);
        return new CoverWork(
                List.of(piece),
                List.of(
                        SoftParts.figure(width, soft.workedHeight()),
                        new Figure("cover-front", "Each front", soft.front())),
                strip
                        ? parts.looks(
                                more, List.of(), 0, Grip.across(choices, PLEAT, middle + spine.mm() / 2, high / 4, 0.5))
                        : parts.looks(more, List.of()),
                List.of(
                        SoftParts.GRAIN,
                        CoverStep.of(
                                "pleat",
                                Part.MAKE,
                                strip
                                        ? Phrase.of(
                                                "Fold it at the middle, then back on either side {} from there: the pleat stands up inside.",
                                                pleat.at(Fineness.MARK))
                                        : Phrase.of(
                                                "Fold each at its middle and lay them fold to fold, one turned over.")),
                        CoverStep.of(
                                "sit",
                                Part.DRY,
                                "Lay one section into the pleat and the other round it, head to head: all stations in line, the fronts even."),
                        SoftParts.PRESS),
                List.of(),
                Optional.of(parts.size()),
                new CoverShape.Nothing());
    }

    private static Working width(SoftCover soft, CoverChoices choices, boolean strip) {
        Working.Builder working = Working.by(strip ? STRIP_WIDTH : EACH_WIDTH)
                .with("F", "each front", Sizes.cut(soft.front().length()))
                .with("f", "thickness it goes round", Quantity.of(soft.spine(), Fineness.BUNDLE));
        if (strip) {
            working.with("p", "depth of the pleat", Sizes.mark(choices.length(PLEAT)))
                    .note(Phrase.of(
                            "A pleat of {} to {} holds a section (common practice).",
                            Length.ofMm(12).at(Fineness.CUT),
                            Length.ofMm(19).at(Fineness.CUT)));
        }
        return working.from(Source.GEOMETRY).gives(Sizes.CUT);
    }
}
