package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.finding.Working;
import itomichi.measure.Length;
import java.util.List;
import java.util.Optional;

/** A folded cover that the thread goes through: front, spine, back, nothing more. */
final class SoftSewn extends ToldKind {

    SoftSewn() {
        super("soft", "Soft, front and back", "One piece folded round the spine and sewn on with the sheets.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.soft().isPresent() && !base.pleated();
    }

    @Override
    public List<Setting> settings() {
        return List.of();
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SoftCover soft = base.soft().orElseThrow();
        Working width = soft.width();
        SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), Length.ZERO, Length.ZERO);
        return new CoverWork(
                List.of(parts.piece(width, soft.workedHeight(), Length.ZERO)),
                List.of(SoftParts.figure(width, soft.workedHeight())),
                parts.looks(),
                List.of(
                        SoftParts.GRAIN,
                        SoftParts.FOLD,
                        CoverStep.of(
                                "round",
                                Part.DRY,
                                "Lay it round the block: it goes round the spine without pulling, and stands out evenly."),
                        SoftParts.PRESS),
                List.of(),
                Optional.of(parts.size()),
                CoverShape.Soft.plain(soft.square()));
    }
}
