package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.cover.CoverChoices;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverKinds;
import itomichi.cover.CoverLook;
import itomichi.cover.CoverOrder;
import itomichi.cover.CoverPiece;
import itomichi.cover.Dimension;
import itomichi.cover.Outline;
import itomichi.cover.PieceStuff;
import itomichi.cover.Setting;
import itomichi.cover.SewnBlock;
import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.plan.CoverPlan;
import itomichi.plan.CutList;
import itomichi.server.plan.CoveringView.BlockMeasureView;
import itomichi.server.plan.CoveringView.CoverSettingView;
import itomichi.server.plan.CoveringView.Settled;
import java.util.List;

/** Makes the view of how a block is covered. */
final class CoverViews {

    private CoverViews() {}

    static CoveringView of(BookPlan plan) {
        CoverPlan covering = plan.covering();
        return new CoveringView(
                covering.kind().key(),
                CoverKinds.fitting(covering.base()).stream()
                        .map(CoverViews::kind)
                        .toList(),
                covering.kind().settings().stream()
                        .filter(setting -> covering.kind().counts(setting, covering.base(), covering.choices()))
                        .map(setting -> setting.match(new Settings(covering.choices())))
                        .toList(),
                block(covering.base().block(), covering.kind().boards()),
                covering.work().pieces().stream().map(CoverViews::piece).toList(),
                covering.work().pieces().stream()
                        .map(CoverPiece::stuff)
                        .filter(PieceStuff::inSheets)
                        .distinct()
                        .map(stuff -> new CoveringView.CoverStuffView(stuff, stuff.words()))
                        .toList(),
                covering.work().jigs().stream().map(CoverViews::piece).toList(),
                covering.work().looks().stream().map(CoverViews::look).toList(),
                CoverOrder.of(covering.work().steps()).stream()
                        .map(placed -> new CoveringView.CoverStepView(
                                placed.step().key(),
                                placed.step().part(),
                                InUnits.of(placed.step().words()),
                                placed.step().lying().words(),
                                placed.number(),
                                placed.waitsOn(),
                                placed.meanwhile()))
                        .toList(),
                CutList.CARE);
    }

    private static CoveringView.CoverKindView kind(CoverKind kind) {
        return new CoveringView.CoverKindView(kind.key(), kind.name(), kind.purpose());
    }

    /** How each kind of setting is shown. */
    private record Settings(CoverChoices choices) implements Setting.Cases<CoverSettingView> {

        @Override
        public CoverSettingView measure(Setting.Measure measure) {
            return new CoverSettingView(
                    measure.key(),
                    Settled.LENGTH,
                    measure.words(),
                    InUnits.of(choices.length(measure).at(Fineness.MARK)),
                    null,
                    null,
                    null,
                    List.of());
        }

        @Override
        public CoverSettingView measured(Setting.Measured measured) {
            return new CoverSettingView(
                    measured.key(),
                    Settled.MEASURED,
                    measured.words(),
                    choices.measured(measured)
                            .map(length -> InUnits.of(length.at(Fineness.MARK)))
                            .orElse(new InUnits("", "")),
                    null,
                    null,
                    null,
                    List.of());
        }

        @Override
        public CoverSettingView share(Setting.Share share) {
            double number = choices.share(share);
            return new CoverSettingView(
                    share.key(),
                    Settled.PERCENT,
                    share.words(),
                    InUnits.of(new Quantity.Plain(number, "%", 1)),
                    number,
                    share.of(),
                    null,
                    List.of());
        }

        @Override
        public CoverSettingView school(Setting.School school) {
            String chosen = choices.school(school);
            String words = school.options().stream()
                    .filter(option -> option.key().equals(chosen))
                    .findFirst()
                    .orElseThrow()
                    .words();
            return new CoverSettingView(
                    school.key(),
                    Settled.WAY,
                    school.words(),
                    new InUnits(words, words),
                    null,
                    null,
                    chosen,
                    school.options().stream()
                            .map(option -> new CoveringView.CoverWayView(option.key(), option.words()))
                            .toList());
        }
    }

    private static List<BlockMeasureView> block(SewnBlock block, boolean boards) {
        List<BlockMeasureView> all = List.of(
                dimension("heightMm", "Height", block.height()),
                dimension("widthMm", "Width", block.width()),
                dimension("spineMm", "At the spine", block.spine()),
                dimension("foreEdgeMm", "At the fore edge", block.foreEdge()),
                dimension("boardMm", "A board", block.board()));
        return boards ? all : all.subList(0, all.size() - 1);
    }

    private static BlockMeasureView dimension(String key, String words, Dimension dimension) {
        return new BlockMeasureView(
                key,
                words,
                InUnits.of(dimension.shown(dimension.planned())),
                InUnits.of(dimension.shown(dimension.low())),
                InUnits.of(dimension.shown(dimension.high())),
                dimension
                        .measured()
                        .map(length -> InUnits.of(dimension.shown(length)))
                        .orElse(null),
                dimension.unexpected());
    }

    private static CoveringView.CoverPieceView piece(CoverPiece piece) {
        return new CoveringView.CoverPieceView(
                piece.key(),
                piece.name(),
                piece.stuff().words(),
                piece.count(),
                InUnits.of(piece.width().result()),
                InUnits.of(piece.height().result()),
                piece.stuff().inSheets());
    }

    private static CoveringView.CoverLookView look(CoverLook look) {
        return new CoveringView.CoverLookView(
                look.view(),
                look.view().words(),
                look.widthMm(),
                look.heightMm(),
                look.outlines().stream().map(CoverViews::outline).toList(),
                InUnits.of(look.words()),
                look.grips().stream()
                        .map(grip -> new CoveringView.CoverGripView(
                                grip.setting(),
                                grip.words(),
                                grip.xMm(),
                                grip.yMm(),
                                grip.across(),
                                grip.number(),
                                grip.perMm(),
                                grip.least(),
                                grip.most()))
                        .toList());
    }

    private static CoveringView.CoverOutlineView outline(Outline outline) {
        return new CoveringView.CoverOutlineView(
                outline.role(),
                outline.name(),
                outline.points().stream()
                        .map(point -> new CoveringView.FlatPointView(point.xMm(), point.yMm()))
                        .toList(),
                outline.hidden());
    }
}
