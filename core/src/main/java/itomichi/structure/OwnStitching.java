package itomichi.structure;

import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternOrder;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** How a pattern of a binder's own is sewn: by the order that was found for it, every signature by itself. */
public final class OwnStitching implements Stitching {

    private final OwnPattern pattern;
    private final PatternOrder order;

    /** The sewing of a pattern; one that cannot be sewn takes no stations at all. */
    public OwnStitching(OwnPattern pattern) {
        this.pattern = pattern;
        this.order = PatternOrder.of(pattern);
    }

    /** The pattern. */
    public OwnPattern pattern() {
        return pattern;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OwnStitching own && own.pattern.equals(pattern);
    }

    @Override
    public int hashCode() {
        return pattern.hashCode();
    }

    @Override
    public Optional<OwnStitching> ofPattern() {
        return Optional.of(this);
    }

    /** How it is sewn, or what it wants. */
    public PatternOrder order() {
        return order;
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return order.sewn().isPresent() && count == pattern.places().size();
    }

    @Override
    public String stationsWanted(String variant) {
        return order.match(
                sewn -> "the pattern has " + pattern.places().size() + " holes",
                lacking -> "no single thread leaves just these stitches",
                PatternOrder.Unsewable::reason);
    }

    private PatternOrder.Sewn sewn() {
        return order.sewn()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The pattern “" + pattern.name() + "” cannot be sewn: " + stationsWanted(USUAL)));
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        PatternOrder.Sewn sewn = sewn();
        PathBuilder path = new PathBuilder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Hole start = new Hole(signature, sewn.start().station());
            path.from(start, sewn.ends(), Tail.Side.FREE)
                    .then(new Pass(start, sewn.ends().opposite()));
            int here = signature;
            for (Move move : sewn.segments()) {
                path.then(move.at(hole -> new Hole(here, hole.station())));
            }
            if (sewn.throughAtEnd()) {
                path.pass(start, sewn.ends());
            }
            path.tie(choice.turns()).cut();
        }
        return path.end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder show = new StitchPattern.Builder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            show.leave(pattern.segments(signature));
            show.hold(Tie.KNOT, signature, sewn().start().station());
        }
        return show.apart();
    }

    /** As often as ends lie on the face that has more of them. */
    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        StitchPattern shows = pattern(choice);
        Map<Hole, Integer> outer = shows.endsOn(pattern.face(true));
        Map<Hole, Integer> inner = shows.endsOn(pattern.face(false));
        return hole -> Math.max(outer.getOrDefault(hole, 0), inner.getOrDefault(hole, 0));
    }
}
