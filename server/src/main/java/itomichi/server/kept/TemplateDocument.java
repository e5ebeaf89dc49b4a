package itomichi.server.kept;

import itomichi.kept.KeptTemplate;
import itomichi.measure.Length;
import itomichi.server.document.BookDocument;
import itomichi.server.document.HoleDocuments;
import itomichi.station.Stations;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is on a kept template, as the database keeps it; lengths in mm. */
record TemplateDocument(
        String structure,
        double heightMm,
        List<Double> stationsMm,
        @Nullable OfCover cover,
        List<BookDocument.SidePlace> side) {

    /** The part that is laid on a cover. */
    record OfCover(double heightMm, double spineMm, double headMm, List<Double> rowsMm) {}

    static TemplateDocument of(KeptTemplate template) {
        return new TemplateDocument(
                template.structure(),
                template.height().mm(),
                mms(template.stations().fromHead()),
                template.cover()
                        .map(cover -> new OfCover(
                                cover.height().mm(),
                                cover.spine().mm(),
                                cover.head().mm(),
                                mms(cover.rows())))
                        .orElse(null),
                HoleDocuments.places(template.side()));
    }

    KeptTemplate template() {
        return new KeptTemplate(
                structure,
                Length.ofMm(heightMm),
                new Stations(lengths(stationsMm)),
                Optional.ofNullable(cover)
                        .map(kept -> new KeptTemplate.OfCover(
                                Length.ofMm(kept.heightMm()),
                                Length.ofMm(kept.spineMm()),
                                Length.ofMm(kept.headMm()),
                                lengths(kept.rowsMm()))),
                HoleDocuments.holes("template.side", side));
    }

    private static List<Double> mms(List<Length> places) {
        return places.stream().map(Length::mm).toList();
    }

    private static List<Length> lengths(List<Double> mms) {
        return mms.stream().map(Length::ofMm).toList();
    }
}
