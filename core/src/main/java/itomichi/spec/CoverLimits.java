package itomichi.spec;

import itomichi.cover.CoverChoices;
import itomichi.cover.CoverKinds;
import itomichi.cover.CoverStock;
import itomichi.cover.PieceStuff;
import itomichi.cover.Setting;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What no cover can be, and no block can measure. */
final class CoverLimits {

    /** Nothing that is more can be a length. */
    private static final double MOST_MM = 1e6;

    private static final int MOST_TICKS = 200;
    private static final int LONGEST_KEY = 40;

    private static final Map<String, Setting> SETTINGS =
            CoverKinds.settings().collect(Collectors.toMap(Setting::key, Function.identity(), (one, same) -> one));

    private CoverLimits() {}

    static void check(CoverWish wish, Unit unit) {
        if (!wish.kind().isEmpty() && CoverKinds.keyed(wish.kind()).isEmpty()) {
            throw new UnfitValueException("covering.kind", "Read “" + wish.kind() + "”; no cover has that name.");
        }
        settings(wish.choices(), unit);
        measured(wish.measured(), unit);
        checkStocks("covering.stocks", wish.stocks(), unit);
        ticked(wish.ticked());
    }

    private static void settings(CoverChoices choices, Unit unit) {
        choices.numbers().forEach((key, number) -> {
            String field = "covering.numbers." + key;
            known(key, field).match(new Setting.Cases<Void>() {
                @Override
                public Void measure(Setting.Measure measure) {
                    length(field, measure.words(), number, measure.leastMm(), measure.mostMm(), unit);
                    return null;
                }

                @Override
                public Void measured(Setting.Measured measured) {
                    length(field, measured.words(), number, measured.leastMm(), measured.mostMm(), unit);
                    return null;
                }

                @Override
                public Void share(Setting.Share share) {
                    Limits.number(field, share.words(), number, share.least(), share.most(), "\u202f%");
                    return null;
                }

                @Override
                public Void school(Setting.School school) {
                    throw new UnfitValueException(field, "Read a number; “" + school.words() + "” is one of its ways.");
                }
            });
        });
        choices.schools().forEach((key, way) -> {
            String field = "covering.schools." + key;
            boolean taken = known(key, field).options().stream()
                    .anyMatch(option -> option.key().equals(way));
            if (!taken) {
                throw new UnfitValueException(field, "Read “" + cut(way) + "”; a cover is not made so.");
            }
        });
    }

    private static void length(String field, String words, double mm, double leastMm, double mostMm, Unit unit) {
        if (!(Math.abs(mm) < MOST_MM)) {
            Limits.number(field, words, mm, leastMm, mostMm, "\u202fmm");
        }
        Limits.length(field, words, Length.ofMm(mm), leastMm, mostMm, unit);
    }

    private static Setting known(String key, String field) {
        return Optional.ofNullable(SETTINGS.get(key))
                .orElseThrow(
                        () -> new UnfitValueException(field, "Read “" + cut(key) + "”; no cover is settled by that."));
    }

    private static void measured(CoverWish.Measured measured, Unit unit) {
        Limits.lengthIfAny("covering.block.heightMm", "The height of a block", measured.height(), 5, 3000, unit);
        Limits.lengthIfAny("covering.block.widthMm", "The width of a block", measured.width(), 5, 3000, unit);
        Limits.lengthIfAny("covering.block.spineMm", "A block at the spine", measured.spine(), 0.1, 1000, unit);
        Limits.lengthIfAny(
                "covering.block.foreEdgeMm", "A block at the fore edge", measured.foreEdge(), 0.1, 1000, unit);
        Limits.lengthIfAny("covering.block.boardMm", "A board", measured.board(), 0.3, 10, unit);
    }

    static void checkStocks(String field, Map<PieceStuff, CoverStock> stocks, Unit unit) {
        stocks.forEach((stuff, stock) -> stock(field, stuff, stock, unit));
    }

    private static void stock(String field, PieceStuff stuff, CoverStock stock, Unit unit) {
        if (!stuff.inSheets()) {
            throw new UnfitValueException(
                    field, "A " + stuff.words() + " is bought by the length; it is not cut from a sheet.");
        }
        Limits.text(field + ".name", "A name", stock.name(), 1, 60);
        Limits.length(field + ".widthMm", "A sheet’s width", stock.width(), 20, 10_000, unit);
        Limits.length(field + ".heightMm", "A sheet’s height", stock.height(), 20, 10_000, unit);
    }

    private static void ticked(Set<String> ticked) {
        Limits.number("covering.ticked", "A cover", ticked.size(), 0, MOST_TICKS, " steps");
        ticked.forEach(key -> {
            if (!key.matches("[a-z][a-z0-9-]{0," + (LONGEST_KEY - 1) + "}")) {
                throw new UnfitValueException("covering.ticked", "Read “" + cut(key) + "”; no step has that name.");
            }
        });
    }

    private static String cut(String read) {
        return read.length() <= LONGEST_KEY ? read : String.format(Locale.ROOT, "%.40s …", read);
    }
}
