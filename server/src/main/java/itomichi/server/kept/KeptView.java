package itomichi.server.kept;

import itomichi.documents.drawing.Ink;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.server.plan.InUnits;
import itomichi.server.platform.BenchDay;
import itomichi.station.SideHole;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept template for the screen.
 *
 * @param ink what it is marked in on a shared card
 * @param colour of the ink, as {@code #rrggbb}
 * @param structure what it was made for
 * @param size what it fits, in a sentence
 * @param heightMm of the fold or the block
 * @param stationsMm from the head
 * @param cover the part that is laid on a cover; left out where there is none
 * @param side holes through the side of a block; none for folds
 * @param keptOn the day it was kept, in words
 */
public record KeptView(
        UUID id,
        long version,
        String name,
        String notes,
        Ink ink,
        String colour,
        String structure,
        InUnits size,
        double heightMm,
        List<Double> stationsMm,
        @Nullable CoverPart cover,
        List<SidePoint> side,
        String keptOn) {

    /** The part that is laid on a cover, in mm; rows from the left edge seen from outside. */
    public record CoverPart(double heightMm, double spineMm, double headMm, List<Double> rowsMm) {}

    /** A hole through the side, in mm. */
    public record SidePoint(double fromHeadMm, double fromSpineMm) {}

    static KeptView of(StoredTemplate stored, Clock clock) {
        KeptTemplate template = stored.template();
        return new KeptView(
                stored.id(),
                stored.version(),
                stored.name(),
                stored.notes(),
                stored.ink(),
                "#" + stored.ink().hex(),
                Structures.keyed(template.structure()).map(Structure::name).orElse(template.structure()),
                InUnits.of(size(template)),
                template.height().mm(),
                template.stations().fromHead().stream().map(Length::mm).toList(),
                template.cover()
                        .map(cover -> new CoverPart(
                                cover.height().mm(),
                                cover.spine().mm(),
                                cover.head().mm(),
                                cover.rows().stream().map(Length::mm).toList()))
                        .orElse(null),
                template.side().stream().map(KeptView::point).toList(),
                BenchDay.told(BenchDay.local(stored.keptAt(), clock)));
    }

    private static SidePoint point(SideHole hole) {
        return new SidePoint(hole.fromHead().mm(), hole.fromSpine().mm());
    }

    private static Phrase size(KeptTemplate template) {
        if (template.cover().isPresent()) {
            KeptTemplate.OfCover cover = template.cover().get();
            return Phrase.of(
                    "cover {} high, spine {}: {} rows of {} stations",
                    cover.height().at(Fineness.CUT),
                    cover.spine().at(Fineness.MARK),
                    cover.rows().size(),
                    template.stations().count());
        }
        return template.side().isEmpty()
                ? Phrase.of(
                        "fold {} high: {} stations",
                        template.height().at(Fineness.CUT),
                        template.stations().count())
                : Phrase.of(
                        "block {} high: {} holes through the side",
                        template.height().at(Fineness.CUT),
                        template.side().size());
    }
}
