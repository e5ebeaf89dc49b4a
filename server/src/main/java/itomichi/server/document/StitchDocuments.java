package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.pattern.OwnPattern;
import itomichi.spec.StitchWish;
import itomichi.spec.UnfitValueException;
import itomichi.station.SidePosition;
import itomichi.structure.OwnStitching;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a book is sewn, as it travels and as it is planned with. */
public final class StitchDocuments {

    private StitchDocuments() {}

    static StitchWish stitch(BookDocument.Stitch stitch) {
        BookDocument.@Nullable Pattern pattern = stitch.pattern();
        return new StitchWish(
                given("stitch.variant", stitch.variant()),
                mm("stitch.tapeMm", stitch.tapeMm()),
                mm("stitch.cordMm", stitch.cordMm()),
                mm("stitch.boardMm", stitch.boardMm()),
                mm("stitch.boardHoleMm", stitch.boardHoleMm()),
                given("stitch.threads", stitch.threads()),
                stitch.workHeights(),
                pattern == null ? Optional.empty() : Optional.of(new OwnStitching(pattern(pattern))));
    }

    /**
     * A pattern of the binder's own.
     *
     * @throws UnfitValueException if it is none
     */
    public static OwnPattern pattern(BookDocument.Pattern pattern) {
        String field = "stitch.pattern";
        String name = given(field, pattern.name()).strip();
        if (name.isEmpty() || name.length() > 60 || name.chars().anyMatch(letter -> letter < ' ')) {
            throw new UnfitValueException(field, "A pattern has a name of 1 to 60 letters; read “" + name + "”.");
        }
        try {
            return new OwnPattern(
                    name,
                    pattern.side(),
                    mm(field, pattern.heightMm()),
                    whole(field, given(field, pattern.holes())).stream()
                            .map(hole -> new SidePosition(mm(field, hole.fromHeadMm()), mm(field, hole.fromSpineMm())))
                            .toList(),
                    whole(field, given(field, pattern.lines())).stream()
                            .map(line -> new OwnPattern.Line(line.outer(), line.from(), line.to()))
                            .toList(),
                    whole(field, given(field, pattern.turns())).stream()
                            .map(turn -> new OwnPattern.Turn(turn.hole(), given(field, turn.edge())))
                            .toList());
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException(field, String.valueOf(unfit.getMessage()));
        }
    }

    /** A pattern as it travels. */
    public static BookDocument.Pattern document(OwnPattern pattern) {
        return new BookDocument.Pattern(
                pattern.name(),
                pattern.side(),
                pattern.height().mm(),
                pattern.places().stream()
                        .map(place -> new BookDocument.PatternHole(
                                place.fromHead().mm(), place.fromSpine().mm()))
                        .toList(),
                pattern.lines().stream()
                        .map(line -> new BookDocument.PatternLine(line.outer(), line.from(), line.to()))
                        .toList(),
                pattern.turns().stream()
                        .map(turn -> new BookDocument.PatternTurn(turn.hole(), turn.edge()))
                        .toList());
    }

    static BookDocument.Stitch document(StitchWish wish) {
        return new BookDocument.Stitch(
                wish.variant(),
                wish.tape().mm(),
                wish.cord().mm(),
                wish.board().mm(),
                wish.boardHole().mm(),
                wish.threads(),
                wish.workHeights(),
                wish.own().map(own -> document(own.pattern())).orElse(null));
    }
}
