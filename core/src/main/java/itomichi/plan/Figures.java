package itomichi.plan;

import itomichi.cover.SoftCover;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Signature;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;

/** Gathers the figures of the band in the order of the work. */
final class Figures {

    private static final Formula DOUBLE = Formula.of("2 × W");
    private static final Formula GAP = Formula.of("(H − a − b) ÷ (m − 1)");
    private static final Formula GAP_BY_SHARE = Formula.of("(H − 2 × q × H) ÷ (m − 1)");
    private static final Formula SPAN = Formula.of("z − a");
    private static final Quantity MARK = Quantity.of(Length.ZERO, Fineness.MARK);

    private final BookSpec spec;
    private final Signature signature;
    private final List<Figure> figures = new ArrayList<>();

    Figures(BookSpec spec, Signature signature) {
        this.spec = spec;
        this.signature = signature;
    }

    List<Figure> all() {
        return figures;
    }

    Figures add(String key, String label, Working working) {
        figures.add(new Figure(key, label, working));
        return this;
    }

    Figures addSheetSize() {
        Working working = Working.by(DOUBLE)
                .with("W", "width of the leaf", Quantity.of(spec.leaf().width(), Fineness.CUT))
                .from(Source.GEOMETRY)
                .note(Phrase.of(
                        "Cut {} sheets {} wide and {} high; the grain runs along the height.",
                        signature.sheets(),
                        spec.leaf().width().times(2).at(Fineness.CUT),
                        spec.leaf().height().at(Fineness.CUT)))
                .gives(Quantity.of(Length.ZERO, Fineness.CUT));
        figures.add(Figure.shownAs(
                "unfolded",
                "Sheet, unfolded",
                working,
                Phrase.of(
                        "{} × {}",
                        spec.leaf().width().times(2).at(Fineness.CUT),
                        spec.leaf().height().at(Fineness.CUT))));
        return this;
    }

    Figures addStations(Stations stations) {
        Quantity height = Quantity.of(spec.leaf().height(), Fineness.MARK);
        Quantity count = Quantity.count(stations.count());
        Working working;
        if (spec.stations() instanceof StationScheme.Margins margins && Remarks.marginsFit(spec)) {
            working = Working.by(GAP)
                    .with("H", "height of the fold", height)
                    .with("a", "from the head", Quantity.of(margins.headMargin(), Fineness.MARK))
                    .with("b", "from the tail", Quantity.of(margins.tailMargin(), Fineness.MARK))
                    .with("m", "stations", count)
                    .gives(MARK);
        } else if (spec.stations() instanceof StationScheme.Share share) {
            working = Working.by(GAP_BY_SHARE)
                    .with("H", "height of the fold", height)
                    .with("q", "share of the height at each end", Quantity.ratio(share.share(), 3))
                    .with("m", "stations", count)
                    .gives(MARK);
        } else {
            working = Working.by(SPAN)
                    .with("z", "last station, from the head", Quantity.of(stations.at(stations.count()), Fineness.MARK))
                    .with("a", "first station, from the head", Quantity.of(stations.at(1), Fineness.MARK))
                    .note(Phrase.of("From the first station to the last; the stations are placed by hand."))
                    .gives(MARK);
        }
        boolean placed = working.formula() == SPAN;
        figures.add(Figure.shownAs(
                "stations",
                "Stations",
                working,
                Phrase.of(
                        placed ? "{} over {}" : "{}, {} apart",
                        stations.count(),
                        Length.ofMm(working.result().number()).at(Fineness.MARK))));
        return this;
    }

    void addCover(SoftCover cover) {
        figures.add(Figure.shownAs(
                "cover",
                "Soft cover, flat",
                cover.width(),
                Phrase.of(
                        "{} × {}",
                        Length.ofMm(cover.width().result().number()).at(Fineness.CUT),
                        cover.height().at(Fineness.CUT))));
    }
}
