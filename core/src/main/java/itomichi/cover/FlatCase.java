package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Formula;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Back;
import itomichi.measure.Fineness;
import itomichi.structure.Covering;
import java.util.List;
import java.util.Optional;

/** A case with a stiff spine piece over a flat back. */
final class FlatCase extends CasedKind {

    static final Option AS_SEWN = new Option("SEWN", "as wide as the spine");
    static final Option OVER_BOARDS = new Option("BOARDS", "over both boards");
    static final School SPINE = new School("case-spine", "The spine piece", List.of(AS_SEWN, OVER_BOARDS));

    private static final Formula SEWN = Formula.of("T");
    private static final Formula BOARDS = Formula.of("T + 2 × b");

    FlatCase() {
        super(
                "case-flat",
                "Case, flat back",
                "Boards and cloth made apart, the block glued in by its endpapers. For use every day.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.takes(Covering.CASE) && base.back() == Back.FLAT;
    }

    @Override
    public List<Setting> settings() {
        return CaseSettings.settings(SPINE);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return CaseSettings.counts(setting, base, choices);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        boolean overBoards = choices.is(SPINE, OVER_BOARDS);
        Working spine = spine(base.block(), overBoards);
        CaseParts parts = new CaseParts(base, choices, spine, overBoards ? 2 : 1);
        CaseLooks looks = new CaseLooks(parts);
        double board = base.block().board().length().mm();
        double half = spine.length().mm() / 2;
        Outline behind = Outline.rectangle(
                Role.BOARD, "spine piece", -board, -half, board, spine.length().mm());
        return new CoverWork(
                parts.pieces(PieceStuff.BOARD),
                parts.jigs(),
                parts.figures(),
                looks.all(looks.fromHead(behind, board)),
                CaseSteps.of(parts, "Crease both joints with a bone before the glue is dry."),
                parts.faults(),
                Optional.empty(),
                parts.shape(base.block().board().length()));
    }

    private static Working spine(SewnBlock block, boolean overBoards) {
        Working.Builder working = Working.by(overBoards ? BOARDS : SEWN)
                .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE));
        if (overBoards) {
            working.with("b", block.board().meaning(), block.board().at(Fineness.CALIPER));
        }
        return working.from(Source.COMMON_PRACTICE).gives(Sizes.MARK);
    }
}
