package itomichi.server.plan;

import itomichi.material.Supply;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.spec.BookPaper;
import itomichi.spec.BookSpec;
import itomichi.spec.HoleWish;
import itomichi.station.StationScheme;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the measures of a document read as, by their names. */
final class Measures {

    private Measures() {}

    static Map<String, InUnits> of(BookSpec spec) {
        Map<String, InUnits> measures = new LinkedHashMap<>();
        measures.put("leaf.widthMm", InUnits.of(spec.leaf().width().at(Fineness.CUT)));
        measures.put("leaf.heightMm", InUnits.of(spec.leaf().height().at(Fineness.CUT)));
        measures.put("cover.thicknessMm", InUnits.of(spec.cover().thickness().at(Fineness.CALIPER)));
        measures.put("cover.squareMm", InUnits.of(spec.cover().square().at(Fineness.CUT)));
        measures.put("cutting.trimMm", InUnits.of(spec.papers().trim().at(Fineness.CUT)));
        measures.put(
                "gathering.pasteInsMm", InUnits.of(spec.gathering().pasteIns().at(Fineness.BUNDLE)));
        measures.put("thread.tailMm", InUnits.of(spec.thread().tail().at(Fineness.THREAD)));
        measures.put("thread.needleEyeMm", InUnits.of(spec.thread().needleEye().at(Fineness.CALIPER)));
        measures.put("stitch.tapeMm", InUnits.of(spec.stitch().tape().at(Fineness.CALIPER)));
        mark(measures, "stitch.cordMm", spec.stitch().cord());
        mark(measures, "stitch.boardMm", spec.stitch().board());
        mark(measures, "stitch.boardHoleMm", spec.stitch().boardHole());
        holes(measures, spec);
        spec.thread().thread().count().wound().ifPresent(width -> mark(measures, "thread.count.widthMm", width));
        List<BookPaper> papers = spec.papers().all();
        for (int i = 0; i < papers.size(); i++) {
            paper(measures, i == 0 ? "paper" : "otherPapers." + (i - 1), papers.get(i));
        }
        recipes(measures, spec);
        return measures;
    }

    private static void holes(Map<String, InUnits> measures, BookSpec spec) {
        measures.putAll(spec.stations().match(STATIONS));
        spec.holes().rows().toldMargin().ifPresent(margin -> mark(measures, "rows.marginMm", margin));
        spec.holes().rows().toldPitch().ifPresent(pitch -> mark(measures, "rows.pitchMm", pitch));
        HoleWish.Side side = spec.holes().side();
        mark(measures, "side.edgeMm", side.edge());
        mark(measures, "side.alongMm", side.along());
        mark(measures, "side.extraEdgeMm", side.extraEdge());
        mark(measures, "side.innerEdgeMm", side.innerEdge());
        spec.cover().height().ifPresent(height -> mark(measures, "cover.heightMm", height));
        spec.cover().spine().ifPresent(spine -> mark(measures, "cover.spineMm", spine));
        spec.cover().headSquare().ifPresent(square -> mark(measures, "cover.headSquareMm", square));
        spec.gathering().heights().forEach((number, height) -> mark(measures, "gathering.unlike." + number, height));
    }

    /** The measures that each school of stations is told. */
    private static final StationScheme.Cases<Map<String, InUnits>> STATIONS = new StationScheme.Cases<>() {
        @Override
        public Map<String, InUnits> margins(StationScheme.Margins margins) {
            Map<String, InUnits> told = new LinkedHashMap<>();
            mark(told, "stations.headMm", margins.headMargin());
            mark(told, "stations.tailMm", margins.tailMargin());
            return told;
        }

        @Override
        public Map<String, InUnits> share(StationScheme.Share share) {
            return Map.of();
        }

        @Override
        public Map<String, InUnits> equal(StationScheme.Equal equal) {
            return Map.of();
        }

        @Override
        public Map<String, InUnits> pairs(StationScheme.Pairs pairs) {
            Map<String, InUnits> told = new LinkedHashMap<>();
            mark(told, "stations.pairMm", pairs.width());
            mark(told, "stations.kettleMm", pairs.kettle());
            return told;
        }

        @Override
        public Map<String, InUnits> exemplar(StationScheme.Exemplar exemplar) {
            Map<String, InUnits> told = new LinkedHashMap<>();
            mark(told, "stations.exemplarHeightMm", exemplar.height());
            for (int i = 0; i < exemplar.count(); i++) {
                mark(told, "stations.exemplarMm." + i, exemplar.fromHead().get(i));
            }
            return told;
        }

        @Override
        public Map<String, InUnits> placed(StationScheme.Placed placed) {
            return Map.of();
        }
    };

    private static void mark(Map<String, InUnits> measures, String field, Length length) {
        measures.put(field, InUnits.of(length.at(Fineness.MARK)));
    }

    private static void paper(Map<String, InUnits> measures, String field, BookPaper paper) {
        paper.paper()
                .measured()
                .ifPresent(stack -> measures.put(
                        field + ".stack.totalMm", InUnits.of(stack.total().at(Fineness.CALIPER))));
        paper.supply().ifPresent(supply -> stock(measures, field + ".stock", supply));
    }

    private static void stock(Map<String, InUnits> measures, String field, Supply supply) {
        measures.put(field + ".widthMm", InUnits.of(supply.width().at(Fineness.CUT)));
        measures.put(field + ".heightMm", InUnits.of(supply.height().at(Fineness.CUT)));
        measures.put(field + ".deckleMm", InUnits.of(supply.deckle().at(Fineness.CUT)));
    }

    private static void recipes(Map<String, InUnits> measures, BookSpec spec) {
        var recipes = spec.gathering().recipes();
        for (int r = 0; r < recipes.size(); r++) {
            for (int i = 0; i < recipes.get(r).size(); i++) {
                String field = "gathering.recipes." + r + "." + i;
                recipes.get(r)
                        .get(i)
                        .first()
                        .ifPresent(width -> measures.put(field + ".firstMm", InUnits.of(width.at(Fineness.CUT))));
                recipes.get(r)
                        .get(i)
                        .second()
                        .ifPresent(width -> measures.put(field + ".secondMm", InUnits.of(width.at(Fineness.CUT))));
            }
        }
    }
}
