package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.measure.Phrase;
import java.util.List;

/** Says that a number of stations, placed one by one, is not one that the structure can be sewn through. */
final class CountRemarks {

    private CountRemarks() {}

    static List<Remark<BookSpec>> of(BookSpec spec) {
        int count = spec.stations().count();
        return spec
                .bound()
                .stitching()
                .filter(sewn -> !sewn.takesStations(count))
                .map(sewn -> Remark.<BookSpec>caution(
                        "stations-unsewable",
                        Phrase.of(
                                "{} stations: {}. Holes are planned, the sewing is not.",
                                count,
                                sewn.stationsWanted())))
                .stream()
                .toList();
    }
}
