package itomichi.remarks;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.spec.HoleWish;
import itomichi.station.SideFault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said about holes through the side of a block. */
final class SideRemarks {

    /** Less of a page to read and write on than this share, and the book is hard to use: common practice. */
    private static final double LEAF_LEFT = 0.6;

    private final BookSpec spec;
    private final Holes.ThroughSide holes;
    private final List<Draft> remarks = new ArrayList<>();

    private SideRemarks(BookSpec spec, Holes.ThroughSide holes) {
        this.spec = spec;
        this.holes = holes;
    }

    static List<Draft> of(BookSpec spec, Holes.ThroughSide holes) {
        SideRemarks said = new SideRemarks(spec, holes);
        said.room();
        said.places();
        said.crease();
        said.batches();
        said.loose();
        said.remarks.addAll(PunchRemarks.of(spec, holes));
        return said.remarks;
    }

    private BookSpec usual() {
        return spec.withHoles(
                HoleWish.of(spec.bound().holing().start(spec.bound().usualStations()))
                        .withSide(new HoleWish.Side(
                                HoleWish.Side.USUAL.edge(),
                                HoleWish.Side.USUAL.along(),
                                HoleWish.Side.USUAL.extraEdge(),
                                spec.holes().side().inner(),
                                HoleWish.Side.USUAL.innerEdge(),
                                Optional.empty(),
                                spec.holes().side().loose())));
    }

    private Phrase placeUsually() {
        return Phrase.of(
                "Place the holes afresh, {} from the spine",
                HoleWish.Side.USUAL.edge().at(Fineness.MARK));
    }

    private void room() {
        spec.stations()
                .unfit(spec.leaf().height())
                .ifPresent(reason -> remarks.add(Draft.stop(
                                "margins-too-wide",
                                Phrase.of("{}; the drawing shows a tenth of the height at each end instead.", reason))
                        .mendedBy(placeUsually(), usual())));
    }

    private void places() {
        for (SideFault fault : SideFault.judge(holes.holes(), holes.height(), holes.width())) {
            String key = "hole-" + fault.key() + "-" + fault.hole();
            remarks.add((fault.impossible() ? Draft.stop(key, fault.words()) : Draft.note(key, fault.words()))
                    .mendedBy(placeUsually(), usual()));
        }
    }

    private void crease() {
        Length left = holes.width().minus(holes.crease().length());
        if (left.mm() < LEAF_LEFT * holes.width().mm()) {
            Phrase read = left.isMoreThan(Length.ZERO)
                    ? Phrase.of("only {} can be read", left.at(Fineness.CUT))
                    : Phrase.of("nothing can be read");
            remarks.add(Draft.caution(
                    "crease-far",
                    Phrase.of(
                            "Pages crease open {} from the spine: of {} {}.",
                            holes.crease().length().at(Fineness.MARK),
                            holes.width().at(Fineness.CUT),
                            read)));
        }
    }

    private void batches() {
        Tool tool = holes.groups().get(0).tool();
        int batches = tool.batches(holes.thickness());
        if (batches > 1) {
            remarks.add(Draft.note(
                    "stack-thick",
                    Phrase.of(
                            "The stack is {} thick; a {} takes {} in one go: make the holes in {} batches, each with the template laid on.",
                            holes.thickness().at(Fineness.BUNDLE),
                            tool == Tool.DRILL ? "drill" : tool.words(),
                            tool.thickest().at(Fineness.CUT),
                            batches)));
        }
    }

    private void loose() {
        for (int i = 0; i < holes.loose().size(); i++) {
            Holes.Caught caught = holes.loose().get(i);
            if (!caught.catching().caught()) {
                remarks.add(Draft.caution(
                        "loose-" + (i + 1),
                        Phrase.of(
                                "{} is {}.",
                                caught.sheet().name(),
                                caught.catching().words())));
            }
        }
    }
}
