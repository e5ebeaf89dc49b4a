package itomichi.plan;

import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.punching.HoleGroup;
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import java.util.Comparator;
import java.util.List;

/** Figures of the holes: where they lie, how many, how wide. */
final class HoleFigures {

    private static final Formula GAP = Formula.of("(H − a − b) ÷ (m − 1)");
    private static final Formula GAP_BY_SHARE = Formula.of("(H − 2 × q × H) ÷ (m − 1)");
    private static final Formula GAP_EQUAL = Formula.of("H ÷ (m + 1)");
    private static final Formula GAP_OF_PAIRS = Formula.of("(H − 2 × k − n × a) ÷ (n + 1)");
    private static final Formula SPAN = Formula.of("z − a");
    private static final Formula ROWS_EQUAL = Formula.of("w ÷ (n + 1)");
    private static final Formula ROWS_MARGIN = Formula.of("(w − 2 × m) ÷ (n − 1)");
    private static final Formula ROWS_SPAN = Formula.of("z − a");
    private static final Formula HOLES = Formula.of("f + c");
    private static final Quantity MARK = Quantity.of(Length.ZERO, Fineness.MARK);

    private final BookSpec spec;
    private final Figures figures;

    HoleFigures(BookSpec spec, Figures figures) {
        this.spec = spec;
        this.figures = figures;
    }

    void add(Holes holes) {
        if (holes instanceof Holes.InFolds folds) {
            stations(folds.stations(), "Stations");
            folds.cover().ifPresent(this::rows);
            folds.kerf().ifPresent(kerf -> figures.add("kerf", "Kerf, if sawn", kerf));
        } else if (holes instanceof Holes.ThroughSide side) {
            if (spec.holes().side().byHand().isEmpty()) {
                stations(side.main(), "Along the spine");
            }
            figures.add("crease", "Creases open at", side.crease());
        }
        figures.add("holes", "Holes to make", number(holes));
        widest(holes.groups());
    }

    private static Working number(Holes holes) {
        int cover = holes.groups().stream()
                .filter(group -> group.place() == HoleGroup.Place.COVER)
                .mapToInt(HoleGroup::number)
                .sum();
        return Working.by(HOLES)
                .with(
                        "f",
                        "through folds or sheets",
                        Quantity.count(holes.list().holes() - cover))
                .with("c", "through the cover", Quantity.count(cover))
                .from(Source.DEFINITION)
                .gives(Quantity.count(0));
    }

    private void widest(List<HoleGroup> groups) {
        groups.stream()
                .max(Comparator.comparing(group -> group.size().length()))
                .ifPresent(widest -> figures.all().add(new Figure("hole", "Hole width", widest.size())));
    }

    private static Quantity mark(Length length) {
        return Quantity.of(length, Fineness.MARK);
    }

    private void stations(Stations stations, String label) {
        Quantity height = mark(spec.leaf().height());
        Quantity count = Quantity.count(stations.count());
        StationScheme scheme = spec.stations();
        Working working;
        if (scheme.unfit(spec.leaf().height()).isPresent()) {
            working = span(stations).gives(MARK);
        } else if (scheme instanceof StationScheme.Margins margins) {
            working = Working.by(GAP)
                    .with("H", "height of the fold", height)
                    .with("a", "from the head", mark(margins.headMargin()))
                    .with("b", "from the tail", mark(margins.tailMargin()))
                    .with("m", "stations", count)
                    .gives(MARK);
        } else if (scheme instanceof StationScheme.Share share) {
            working = Working.by(GAP_BY_SHARE)
                    .with("H", "height of the fold", height)
                    .with("q", "share of the height at each end", Quantity.ratio(share.share(), 3))
                    .with("m", "stations", count)
                    .gives(MARK);
        } else if (scheme instanceof StationScheme.Equal) {
            working = Working.by(GAP_EQUAL)
                    .with("H", "height of the fold", height)
                    .with("m", "stations", count)
                    .gives(MARK);
        } else if (scheme instanceof StationScheme.Pairs pairs) {
            working = Working.by(GAP_OF_PAIRS)
                    .with("H", "height of the fold", height)
                    .with("k", "from each end to its kettle", mark(pairs.kettle()))
                    .with("n", "pairs", Quantity.count(pairs.pairs()))
                    .with("a", "between the two of a pair", mark(pairs.width()))
                    .note(Phrase.of("The clear space between kettle and pair, and between two pairs."))
                    .gives(MARK);
        } else {
            working = span(stations).gives(MARK);
        }
        boolean placed = working.formula() == SPAN;
        figures.all()
                .add(Figure.shownAs(
                        "stations",
                        label,
                        working,
                        Phrase.of(
                                placed ? "{} over {}" : "{}, {} apart",
                                stations.count(),
                                working.length().at(Fineness.MARK))));
    }

    private static Working.Builder span(Stations stations) {
        return Working.by(SPAN)
                .with("z", "last station, from the head", mark(stations.at(stations.count())))
                .with("a", "first station, from the head", mark(stations.at(1)))
                .note(Phrase.of("From the first station to the last; each has its own place."));
    }

    private void rows(Holes.InCover cover) {
        int n = cover.rows().count();
        Quantity width = mark(cover.width());
        Working working;
        boolean apart = cover.unfit().isEmpty() && n > 1;
        if (apart && spec.holes().rows() instanceof RowScheme.EqualGaps) {
            working = Working.by(ROWS_EQUAL)
                    .with("w", "width of the spine", width)
                    .with("n", "rows", Quantity.count(n))
                    .note(Phrase.of("n rows leave n + 1 gaps, those at the edges included."))
                    .gives(MARK);
        } else if (apart && spec.holes().rows() instanceof RowScheme.EdgeMargin edge) {
            working = Working.by(ROWS_MARGIN)
                    .with("w", "width of the spine", width)
                    .with("m", "from each edge", mark(edge.margin()))
                    .with("n", "rows", Quantity.count(n))
                    .gives(MARK);
        } else {
            apart = false;
            working = Working.by(ROWS_SPAN)
                    .with(
                            "z",
                            "last row, from the left seen from outside",
                            mark(cover.rows().at(1)))
                    .with("a", "first row", mark(cover.rows().at(n)))
                    .gives(MARK);
        }
        figures.all()
                .add(Figure.shownAs(
                        "rows",
                        "Rows",
                        working,
                        Phrase.of(
                                apart ? "{}, {} apart" : "{} over {}",
                                n,
                                working.length().at(Fineness.MARK))));
    }
}
