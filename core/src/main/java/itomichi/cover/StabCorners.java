package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/** Cloth round head and tail of the spine of a stab-bound block, under its covers: where leaves wear first. */
final class StabCorners extends Extra {

    static final Option NONE = new Option("NONE", "none");
    static final Option CLOTH = new Option("CLOTH", "cloth round head and tail of the spine");
    static final School WANTED = new School("stab-corners", "Corner pieces", List.of(NONE, CLOTH));
    static final Measure ALONG = new Measure("stab-corner-along", "Along the spine", 20, 5, 200);

    private static final Formula WIDTH = Formula.of("2 × (e − k) + T");
    private static final Formula HEIGHT = Formula.of("l + T");
    /** Short of the line of holes, so that no thread lies on its edge: common practice. */
    private static final Length SHORT_OF_HOLES = Length.ofMm(2);

    StabCorners() {
        super(WANTED, ALONG);
    }

    @Override
    CoverWork onto(CoverWork work, CoverBase base, CoverChoices choices) {
        Quantity thick = base.block().spine().at(Fineness.BUNDLE);
        Working width = Working.by(WIDTH)
                .with("e", "from the spine to the holes", Sizes.mark(base.sideEdge()))
                .with("k", "short of the holes", Sizes.mark(SHORT_OF_HOLES))
                .with("T", base.block().spine().meaning(), thick)
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.MARK);
        Working height = Working.by(HEIGHT)
                .with("l", "along the spine", Sizes.cut(choices.length(ALONG)))
                .with("T", "folded over head or tail, as thick as the block", thick)
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.MARK);
        double w = width.length().mm();
        double h = height.length().mm();
        double t = base.block().spine().length().mm();
        double left = (w - t) / 2;
        CoverPiece piece = CoverPiece.rectangle("stab-corner", "Corner pieces", PieceStuff.CLOTH, 2, width, height)
                .folded(List.of(
                        Outline.line(Role.FOLD, "", left, 0, left, h),
                        Outline.line(Role.FOLD, "", left + t, 0, left + t, h),
                        Outline.line(Role.FOLD, "", 0, t, w, t)));
        return work.with(new CoverWork.More(
                List.of(piece),
                List.of(),
                List.of(Sizes.sized("stab-corner", "Corner pieces", width, height)),
                List.of(),
                List.of(CoverStep.of(
                        "stab-corners",
                        Part.MAKE,
                        Phrase.of(
                                "Before the covers: glue a corner piece round the spine at head and tail, fold the {} over the edge of the leaves, snip where it would crease.",
                                base.block().spine().length().at(Fineness.BUNDLE)))),
                List.of()));
    }
}
