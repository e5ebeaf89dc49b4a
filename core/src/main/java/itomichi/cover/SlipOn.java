package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Formula;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** A loose wrapper of paper that is slipped on to the finished book, and held by its flaps. */
final class SlipOn extends Extra {

    static final Option NONE = new Option("NONE", "none");
    static final Option WRAPPER = new Option("PAPER", "a loose one of paper");
    static final School WANTED = new School("slip-on", "Slip-on wrapper", List.of(NONE, WRAPPER));
    static final Measure FLAP = new Measure("slip-on-flap", "Its flaps", 70, 15, 600);

    private static final Formula WIDTH = Formula.of("2 × (W + r + f) + T");
    private static final Formula HEIGHT = Formula.of("H");
    /** What the folds of each side take: common practice. */
    private static final Length FOLDS = Length.ofMm(1);

    SlipOn() {
        super(WANTED, FLAP);
    }

    @Override
    CoverWork onto(CoverWork work, CoverBase base, CoverChoices choices) {
        ClosedSize book = work.closed(base);
        Length flap = choices.length(FLAP);
        Working width = Working.by(WIDTH)
                .with("W", "from the spine to the fore edge, over all", Sizes.cut(book.width()))
                .with("r", "what the folds take", Sizes.cut(FOLDS))
                .with("f", "flap", Sizes.cut(flap))
                .with("T", "thickness of the book, over all", Sizes.mark(book.thickness()))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("Measure the finished book, and fold the wrapper round it."))
                .gives(Sizes.CUT);
        Working height = Working.by(HEIGHT)
                .with("H", "height of the book, over all", Sizes.cut(book.height()))
                .gives(Sizes.CUT);
        List<Outline> parts = parts(book, flap);
        List<Outline> folds = parts.stream()
                .skip(1)
                .map(part -> {
                    double x = part.points().get(0).xMm();
                    return Outline.line(Role.FOLD, "", x, 0, x, book.height().mm());
                })
                .toList();
        CoverPiece piece = CoverPiece.rectangle("slip-on", "Slip-on wrapper", PieceStuff.PAPER, 1, width, height)
                .folded(folds);
        List<Outline> drawn = new ArrayList<>(parts);
        drawn.addAll(folds);
        CoverLook look = new CoverLook(
                        CoverLook.View.WRAPPER,
                        width.length().mm(),
                        height.length().mm(),
                        drawn,
                        Phrase.of(
                                "The slip-on wrapper from outside, {} × {}, with flaps of {}.",
                                width.length().at(Fineness.CUT),
                                height.length().at(Fineness.CUT),
                                flap.at(Fineness.CUT)))
                .moved(Grip.across(choices, FLAP, flap.mm(), book.height().mm() / 4, 1));
        return work.slipped(flap)
                .with(new CoverWork.More(
                        List.of(piece),
                        List.of(),
                        List.of(Sizes.sized("slip-on", "Slip-on wrapper", width, height)),
                        List.of(look),
                        List.of(
                                CoverStep.of(
                                        "slip-on",
                                        Part.FINISH,
                                        "Fold the wrapper round the finished book, spine first, then the fore edges; the flaps lie inside the covers.")),
                        faults(book, flap)));
    }

    /** Flap, back, spine, front, flap, from outside. */
    private static List<Outline> parts(ClosedSize book, Length flap) {
        double side = book.width().plus(FOLDS).mm();
        double thick = Math.max(0.1, book.thickness().mm());
        double high = book.height().mm();
        String[] names = {"flap", "back", "spine", "front", "flap"};
        double[] wide = {flap.mm(), side, thick, side, flap.mm()};
        List<Outline> parts = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < names.length; i++) {
            parts.add(Outline.rectangle(Role.PAPER, names[i], x, 0, wide[i], high));
            x += wide[i];
        }
        return parts;
    }

    private static List<CoverFault> faults(ClosedSize book, Length flap) {
        if (book.width().isMoreThan(flap)) {
            return List.of();
        }
        return List.of(new CoverFault(
                Weight.STOP,
                "cover-slip-on",
                Phrase.of(
                        "Flaps of {} reach the spine of a book {} wide.",
                        flap.at(Fineness.CUT),
                        book.width().at(Fineness.CUT)),
                List.of(FLAP.key())));
    }
}
