package itomichi.cover;

import itomichi.finding.Figure;
import itomichi.gathering.Back;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.structure.Covering;
import itomichi.structure.Stitching.SewnOn;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Sewn blocks for tests, and what is asked of their covers. */
final class Blocks {

    private Blocks() {}

    static Dimension planned(String name, double mm) {
        Length length = Length.ofMm(mm);
        return new Dimension(name, Fineness.BUNDLE, length, length.times(0.9), length.times(1.1), Optional.empty());
    }

    static SewnBlock block(double high, double wide, double spine, double fore, double board) {
        return new SewnBlock(
                planned("height of the block", high),
                planned("width of the block", wide),
                planned("thickness at the spine", spine),
                planned("thickness at the fore edge", fore),
                planned("thickness of a board", board));
    }

    /** A5, 20 mm thick at the spine and 18 mm at the fore edge, boards of 2 mm. */
    static SewnBlock a5() {
        return block(210, 148, 20, 18, 2);
    }

    /** Four stations, six rows, long stitches between the second and third stations. */
    static final SpineSewing SEWING = new SpineSewing(
            Stream.of(15, 75, 135, 195).map(Length::ofMm).toList(),
            Stream.of(3, 6, 9, 12, 15, 18).map(Length::ofMm).toList(),
            Length.ofMm(3),
            List.of(new SpineSewing.Group(Length.ofMm(75), Length.ofMm(135), 6)),
            Length.ofMm(8),
            Length.ofMm(0.6));

    static CoverBase cased(SewnBlock block, Back back) {
        return base(block, Covering.CASE, back, SewnOn.NOTHING, Optional.empty(), false);
    }

    static CoverBase boarded(SewnBlock block) {
        return base(block, Covering.BOARDS, Back.FLAT, SewnOn.BOARDS, Optional.empty(), false);
    }

    static CoverBase stabbed(SewnBlock block) {
        return base(block, Covering.SIDE, Back.FLAT, SewnOn.NOTHING, Optional.empty(), true);
    }

    /** In a soft cover of 0.5 mm that stands out 3 mm, its creep 1 mm. */
    static CoverBase soft(SewnBlock block, Covering covering) {
        return base(
                block,
                covering,
                Back.FLAT,
                SewnOn.NOTHING,
                Optional.of(new SoftCover(
                        block.width().length(),
                        block.height().length(),
                        Length.ofMm(1),
                        block.spine().length(),
                        Length.ofMm(3),
                        Length.ofMm(0.5),
                        CoverStuff.CLOTH,
                        Optional.empty())),
                false);
    }

    private static CoverBase base(
            SewnBlock block, Covering covering, Back back, SewnOn sewnOn, Optional<SoftCover> soft, boolean pierced) {
        return new CoverBase(block, Set.of(covering), back, sewnOn, soft, pierced, Length.ofMm(12), false, SEWING);
    }

    /** Settings by their keys, as {@code turn-in=20}. */
    static CoverChoices settled(String... settings) {
        Map<String, String> all = Arrays.stream(settings)
                .map(setting -> setting.split("="))
                .collect(Collectors.toMap(parts -> parts[0], parts -> parts[1]));
        Map<Boolean, Map<String, String>> parted = all.entrySet().stream()
                .collect(Collectors.partitioningBy(
                        entry -> entry.getValue().matches("[0-9.]+"),
                        Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
        return new CoverChoices(
                parted.get(true).entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, entry -> Double.valueOf(entry.getValue()))),
                parted.get(false));
    }

    static CoverPiece piece(CoverWork work, String key) {
        return work.pieces().stream()
                .filter(piece -> piece.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    static double figureMm(CoverWork work, String key) {
        return work.figures().stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .map(Figure::length)
                .orElseThrow()
                .mm();
    }
}
