package itomichi.plan;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.HoleSize;
import itomichi.punching.HoleGroup;
import itomichi.punching.PunchList;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.station.Catching;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Works out holes through the side of a block of single sheets. */
final class SideHoles {

    private static final Formula CREASE = Formula.of("e + T ÷ 2");

    private SideHoles() {}

    /** @param sewn passes of the needle through each hole, by its number, where an order of sewing tells them */
    static Holes.ThroughSide of(
            BookSpec spec,
            Gathered.Singly block,
            Length strand,
            HolePlaces.ThroughSide places,
            Map<Integer, Integer> sewn) {
        Length height = spec.leaf().height();
        List<SideHole> holes = places.holes();
        // the covers are pierced with the sheets
        Length covers = spec.cover().wanted() ? spec.cover().thickness().times(2) : Length.ZERO;
        Length thickness = block.thickness().length().plus(covers);
        List<HoleGroup> groups = groups(spec, holes, strand, thickness, sewn);
        return new Holes.ThroughSide(
                holes,
                places.main(),
                height,
                spec.leaf().width(),
                thickness,
                crease(spec, holes, thickness),
                spec.holes().side().loose().stream()
                        .map(sheet -> new Holes.Caught(
                                sheet, Catching.of(holes, height, sheet.width(), sheet.height(), sheet.level())))
                        .toList(),
                groups,
                list(groups, block, thickness, holes.size()));
    }

    /** A page turns about the line of holes farthest from the spine; half the block's thickness is lost to the curve. */
    private static Working crease(BookSpec spec, List<SideHole> holes, Length thickness) {
        Length farthest =
                holes.stream().map(SideHole::fromSpine).max(Length::compareTo).orElseThrow();
        Length crease = farthest.plus(thickness.times(0.5));
        return Working.by(CREASE)
                .with("e", "holes farthest from the spine", Quantity.of(farthest, Fineness.MARK))
                .with("T", "thickness of the block, its covers with it", Quantity.of(thickness, Fineness.BUNDLE))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of(
                        "Of a leaf {} wide, {} can be read and written on.",
                        spec.leaf().width().at(Fineness.CUT),
                        spec.leaf().width().isMoreThan(crease)
                                ? spec.leaf().width().minus(crease).at(Fineness.CUT)
                                : "nothing"))
                .gives(Quantity.of(Length.ZERO, Fineness.MARK));
    }

    private static List<HoleGroup> groups(
            BookSpec spec, List<SideHole> holes, Length strand, Length thickness, Map<Integer, Integer> sewn) {
        Map<Role, List<Integer>> byRole = new TreeMap<>();
        for (int i = 0; i < holes.size(); i++) {
            byRole.computeIfAbsent(holes.get(i).role(), role -> new ArrayList<>())
                    .add(i + 1);
        }
        List<HoleGroup> groups = new ArrayList<>();
        byRole.forEach((role, numbers) -> {
            int passes = numbers.stream()
                    .mapToInt(number ->
                            sewn.getOrDefault(number, spec.bound().holing().passes(role)))
                    .max()
                    .orElseThrow();
            Working wanted = HoleSize.of(
                    passes * spec.thread().strands(), strand, spec.thread().needleEye());
            Tool tool = Tool.throughSide(wanted.length(), thickness, spec.use().hands() == Hands.CHILDREN);
            groups.add(new HoleGroup(
                    HoleGroup.Through.SIDE,
                    role.words() + (numbers.size() == 1 ? " " : "s ") + Numbered.of(numbers),
                    numbers.size(),
                    passes,
                    tool.hole(wanted),
                    tool));
        });
        return groups;
    }

    /** Batches of sheets that the tool takes in one go, from the front of the book. */
    private static PunchList list(List<HoleGroup> groups, Gathered.Singly block, Length thickness, int holes) {
        Tool tool = groups.get(0).tool();
        int batches = Math.min(tool.batches(thickness), block.sheets());
        List<PunchList.Tick> ticks = new ArrayList<>();
        int from = 1;
        for (int batch = 0; batch < batches; batch++) {
            int to = block.sheets() * (batch + 1) / batches;
            ticks.add(new PunchList.Tick(
                    Phrase.of("Sheets {} to {}, the template laid on: {} holes", from, to, holes), holes, 1));
            from = to + 1;
        }
        return new PunchList(ticks);
    }
}
