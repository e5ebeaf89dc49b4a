package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.station.Level;
import itomichi.station.Role;
import itomichi.station.Rows;
import itomichi.station.SideFault;
import itomichi.station.StationFault;
import itomichi.station.Stations;
import itomichi.structure.Holing;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Makes views of holes. */
final class HoleViews {

    private HoleViews() {}

    static HolesView of(BookPlan plan, Holes holes) {
        return holes.match(folds -> folds(plan, folds), side -> side(plan, side));
    }

    private static HolesView folds(BookPlan plan, Holes.InFolds folds) {
        return new HolesView(
                folds.height().mm(),
                folds.hole().mm(),
                stations(
                        folds.stations(),
                        folds.roles(),
                        folds.height(),
                        number -> folds.passes().get(number - 1),
                        stationFaults(folds)),
                folds.folds().stream()
                        .map(fold -> new HolesView.FoldView(
                                fold.height().mm(),
                                fold.head().mm(),
                                mark(fold.height(), Fineness.CUT),
                                fold.stations()))
                        .toList(),
                folds.level(),
                folds.collation()
                        .map(marks -> new HolesView.CollationView(
                                marks.fromHead().stream().map(Length::mm).toList(),
                                marks.step().mm()))
                        .orElse(null),
                folds.cover().map(cover -> rows(cover, loose(plan))).orElse(null),
                null,
                groups(folds),
                ticks(folds),
                folds.list().holes());
    }

    private static HolesView side(BookPlan plan, Holes.ThroughSide side) {
        Holing holing = plan.spec().bound().holing();
        List<Role> roles = holing.roles(side.main().count());
        Map<Integer, HolesView.FaultView> faults = sideFaults(side);
        return new HolesView(
                side.height().mm(),
                side.hole().mm(),
                stations(side.main(), roles, side.height(), number -> holing.passes(Role.MAIN), Map.of()),
                List.of(),
                Level.HEAD,
                null,
                null,
                new HolesView.SideView(
                        IntStream.range(0, side.holes().size())
                                .mapToObj(i -> sideHole(side, i, faults.get(i + 1)))
                                .toList(),
                        side.width().mm(),
                        side.thickness().mm(),
                        side.crease().length().mm(),
                        mark(side.crease().length(), Fineness.MARK),
                        side.loose().stream().map(one -> loose(side, one)).toList()),
                groups(side),
                ticks(side),
                side.list().holes());
    }

    private static InUnits mark(Length length, Fineness fineness) {
        return InUnits.of(length.at(fineness));
    }

    private static InUnits mark(Length length) {
        return mark(length, Fineness.MARK);
    }

    private static List<HolesView.StationView> stations(
            Stations stations,
            List<Role> roles,
            Length height,
            IntUnaryOperator passes,
            Map<Integer, HolesView.FaultView> faults) {
        return IntStream.rangeClosed(1, stations.count())
                .mapToObj(number -> {
                    Length place = stations.at(number);
                    Length before = number == 1 ? Length.ZERO : stations.at(number - 1);
                    Role role = roles.get(number - 1);
                    return new HolesView.StationView(
                            number,
                            place.mm(),
                            mark(place),
                            mark(height.minus(place)),
                            mark(place.minus(before)),
                            passes.applyAsInt(number),
                            role,
                            role.words(),
                            faults.get(number));
                })
                .toList();
    }

    private static Map<Integer, HolesView.FaultView> stationFaults(Holes.InFolds folds) {
        Map<Integer, HolesView.FaultView> faults = new HashMap<>();
        boolean trimmed = folds.trim().micrometres() > 0;
        StationFault.judge(folds.stations(), folds.height(), folds.roles(), trimmed)
                .forEach(fault -> note(
                        faults, fault.station(), fault.words(), fault.kind().impossible(), false));
        return faults;
    }

    private static HolesView.@Nullable FaultView rowFault(Holes.InCover cover, Rows rows) {
        return cover.faults(rows).stream()
                .map(fault -> new HolesView.FaultView(
                        Remark.Weight.of(fault.kind().impossible(), fault.kind().minor()), InUnits.of(fault.words())))
                .max(Comparator.comparing(HolesView.FaultView::weight))
                .orElse(null);
    }

    private static Map<Integer, HolesView.FaultView> sideFaults(Holes.ThroughSide side) {
        Map<Integer, HolesView.FaultView> faults = new HashMap<>();
        SideFault.judge(side.holes(), side.height(), side.width())
                .forEach(fault -> note(faults, fault.hole(), fault.words(), fault.impossible(), true));
        return faults;
    }

    /** The gravest of what is wrong with one hole. */
    private static void note(
            Map<Integer, HolesView.FaultView> faults, int number, Phrase words, boolean impossible, boolean minor) {
        faults.merge(
                number,
                new HolesView.FaultView(Remark.Weight.of(impossible, minor), InUnits.of(words)),
                (before, now) -> now.weight().compareTo(before.weight()) > 0 ? now : before);
    }

    /** As it was measured, or as thick as the signatures come out before any pressing. */
    private static Length loose(BookPlan plan) {
        return plan.spec()
                .cover()
                .loose()
                .or(() -> plan.gathered()
                        .folded()
                        .map(folded -> folded.block()
                                .spineLoose()
                                .length()
                                .plus(folded.block().pasteIns())))
                .orElse(Length.ZERO);
    }

    private static HolesView.RowsView rows(Holes.InCover cover, Length loose) {
        return new HolesView.RowsView(
                cover.pairs(),
                IntStream.rangeClosed(1, cover.rows().count())
                        .mapToObj(number -> {
                            Length at = cover.rows().at(number);
                            Length inside = cover.width().minus(at);
                            return new HolesView.RowView(number, at.mm(), mark(at), inside.mm(), mark(inside));
                        })
                        .toList(),
                cover.width().mm(),
                mark(cover.width()),
                cover.height().mm(),
                mark(cover.height(), Fineness.CUT),
                cover.head().mm(),
                mark(cover.head()),
                cover.tail().mm(),
                mark(cover.tail()),
                mark(cover.natural()),
                cover.hole().mm(),
                loose.mm(),
                mark(loose, Fineness.BUNDLE),
                cover.schools().stream().map(school -> school(school, cover)).toList(),
                rowFault(cover, cover.rows()),
                cover.unfit().map(InUnits::of).orElse(null));
    }

    private static HolesView.SchoolView school(Holes.School school, Holes.InCover cover) {
        return new HolesView.SchoolView(
                school.key(),
                InUnits.of(school.words()),
                school.rows()
                        .map(rows -> rows.fromLeft().stream().map(Length::mm).toList())
                        .orElse(List.of()),
                mark(school.material()),
                school.rows().map(rows -> rowFault(cover, rows)).orElse(null));
    }

    private static HolesView.SideHoleView sideHole(
            Holes.ThroughSide side, int index, HolesView.@Nullable FaultView fault) {
        var hole = side.holes().get(index);
        return new HolesView.SideHoleView(
                index + 1,
                hole.role(),
                hole.role().words(),
                hole.fromHead().mm(),
                hole.fromSpine().mm(),
                mark(hole.fromHead()),
                mark(hole.fromSpine()),
                fault);
    }

    private static HolesView.LooseView loose(Holes.ThroughSide side, Holes.Caught one) {
        return new HolesView.LooseView(
                one.sheet().name(),
                InUnits.of(Phrase.of(
                        "{} × {}",
                        one.sheet().width().at(Fineness.CUT),
                        one.sheet().height().at(Fineness.CUT))),
                one.sheet().width().mm(),
                mark(one.sheet().width(), Fineness.CUT),
                one.sheet().height().mm(),
                mark(one.sheet().height(), Fineness.CUT),
                one.sheet()
                        .level()
                        .headBelow(side.height(), one.sheet().height())
                        .mm(),
                one.catching().caught(),
                InUnits.of(one.catching().words()));
    }

    private static List<HolesView.GroupView> groups(Holes holes) {
        return holes.groups().stream()
                .map(group -> new HolesView.GroupView(
                        group.through().words(),
                        group.names(),
                        group.number(),
                        group.passes(),
                        mark(group.size().length(), Fineness.BUNDLE),
                        group.size().length().mm(),
                        group.tool().words(),
                        group.tool().care()))
                .toList();
    }

    private static List<HolesView.TickView> ticks(Holes holes) {
        return holes.list().ticks().stream()
                .map(tick -> new HolesView.TickView(InUnits.of(tick.words()), tick.holes()))
                .toList();
    }
}
