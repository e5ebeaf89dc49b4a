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
import itomichi.spec.BookSpec;
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
        holes.match(this::folds, this::side);
        figures.add("holes", "Holes to make", number(holes));
        widest(holes.groups());
    }

    private Figures folds(Holes.InFolds folds) {
        stations(folds.stations(), "Stations");
        folds.cover().ifPresent(this::rows);
        folds.kerf().ifPresent(kerf -> figures.add("kerf", "Kerf, if sawn", kerf));
        return figures;
    }

    private Figures side(Holes.ThroughSide side) {
        if (spec.holes().side().byHand().isEmpty()) {
            stations(side.main(), "Along the spine");
        }
        return figures.add("crease", "Creases open at", side.crease());
    }

    private static Working number(Holes holes) {
        int cover = holes.groups().stream()
                .filter(group -> group.through() == HoleGroup.Through.COVER)
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
                .max(Comparator.comparing((HoleGroup group) -> group.size().length())
                        .thenComparing(HoleGroup::passes))
                .ifPresent(widest -> figures.add(new Figure("hole", "Hole width", widest.size())));
    }

    private static Quantity mark(Length length) {
        return Quantity.of(length, Fineness.MARK);
    }

    private void stations(Stations stations, String label) {
        StationScheme scheme = spec.stations();
        Working working = scheme.unfit(spec.leaf().height()).isPresent()
                ? span(stations).gives(MARK)
                : scheme.match(new Gaps(spec.leaf().height(), stations)).gives(MARK);
        boolean placed = working.formula() == SPAN;
        figures.add(Figure.shownAs(
                "stations",
                label,
                working,
                Phrase.of(
                        placed ? "{} over {}" : "{}, {} apart",
                        stations.count(),
                        working.length().at(Fineness.MARK))));
    }

    /** How far stations lie apart, by the school that placed them. */
    private record Gaps(Length height, Stations stations) implements StationScheme.Cases<Working.Builder> {

        private Working.Builder by(Formula formula) {
            return Working.by(formula).with("H", "height of the fold", mark(height));
        }

        private Quantity count() {
            return Quantity.count(stations.count());
        }

        @Override
        public Working.Builder margins(StationScheme.Margins margins) {
            return by(GAP).with("a", "from the head", mark(margins.headMargin()))
                    .with("b", "from the tail", mark(margins.tailMargin()))
                    .with("m", "stations", count());
        }

        @Override
        public Working.Builder share(StationScheme.Share share) {
            return by(GAP_BY_SHARE)
                    .with("q", "share of the height at each end", Quantity.ratio(share.share(), 3))
                    .with("m", "stations", count());
        }

        @Override
        public Working.Builder equal(StationScheme.Equal equal) {
            return by(GAP_EQUAL).with("m", "stations", count());
        }

        @Override
        public Working.Builder pairs(StationScheme.Pairs pairs) {
            return by(GAP_OF_PAIRS)
                    .with("k", "from each end to its kettle", mark(pairs.kettle()))
                    .with("n", "pairs", Quantity.count(pairs.pairs()))
                    .with("a", "between the two of a pair", mark(pairs.width()))
                    .note(Phrase.of("The clear space between kettle and pair, and between two pairs."));
        }

        @Override
        public Working.Builder exemplar(StationScheme.Exemplar exemplar) {
            return span(stations);
        }

        @Override
        public Working.Builder placed(StationScheme.Placed placed) {
            return span(stations);
        }
    }

    private static Working.Builder span(Stations stations) {
        return Working.by(SPAN)
                .with("z", "last station, from the head", mark(stations.at(stations.count())))
                .with("a", "first station, from the head", mark(stations.at(1)))
                .note(Phrase.of("From the first station to the last; each has its own place."));
    }

    private void rows(Holes.InCover cover) {
        boolean laid = cover.unfit().isEmpty() && cover.rows().count() > 1;
        Working working = laid
                ? spec.holes().rows().match(new RowGaps(cover)).gives(MARK)
                : new RowGaps(cover).span().gives(MARK);
        boolean apart = working.formula() != ROWS_SPAN;
        figures.add(Figure.shownAs(
                "rows",
                "Rows",
                working,
                Phrase.of(
                        apart ? "{}, {} apart" : "{} over {}",
                        cover.rows().count(),
                        working.length().at(Fineness.MARK))));
    }

    /** How far rows lie apart, by the school that divided the spine. */
    private record RowGaps(Holes.InCover cover) implements RowScheme.Cases<Working.Builder> {

        private Working.Builder by(Formula formula) {
            return Working.by(formula)
                    .with("w", "width of the spine", mark(cover.width()))
                    .with("n", "rows", Quantity.count(cover.rows().count()));
        }

        Working.Builder span() {
            return Working.by(ROWS_SPAN)
                    .with(
                            "z",
                            "last row, from the left seen from outside",
                            mark(cover.rows().at(1)))
                    .with("a", "first row", mark(cover.rows().at(cover.rows().count())));
        }

        @Override
        public Working.Builder equalGaps(RowScheme.EqualGaps equal) {
            return by(ROWS_EQUAL).note(Phrase.of("n rows leave n + 1 gaps, those at the edges included."));
        }

        @Override
        public Working.Builder edgeMargin(RowScheme.EdgeMargin edge) {
            return by(ROWS_MARGIN).with("m", "from each edge", mark(edge.margin()));
        }

        @Override
        public Working.Builder pitch(RowScheme.Pitch pitch) {
            return span();
        }

        @Override
        public Working.Builder ownThickness(RowScheme.OwnThickness thickness) {
            return span();
        }

        @Override
        public Working.Builder placed(RowScheme.Placed placed) {
            return span();
        }
    }
}
