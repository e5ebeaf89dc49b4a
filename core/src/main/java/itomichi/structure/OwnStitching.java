package itomichi.structure;

import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.PathBuilder;
import itomichi.path.Run;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.path.Wrap;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternOrder;
import java.util.Map;
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

    /** How it is sewn, or what it wants. */
    public PatternOrder order() {
        return order;
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return order instanceof PatternOrder.Sewn && count == pattern.places().size();
    }

    @Override
    public String stationsWanted(String variant) {
        if (order instanceof PatternOrder.Unsewable unsewable) {
            return unsewable.reason();
        }
        return order instanceof PatternOrder.Lacking
                ? "no single thread leaves just these stitches"
                : "the pattern has " + pattern.places().size() + " holes";
    }

    private PatternOrder.Sewn sewn() {
        if (order instanceof PatternOrder.Sewn sewn) {
            return sewn;
        }
        throw new IllegalArgumentException(
                "The pattern “" + pattern.name() + "” cannot be sewn: " + stationsWanted(""));
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        PatternOrder.Sewn sewn = sewn();
        PathBuilder path = new PathBuilder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Hole start = new Hole(signature, sewn.start().station());
            path.from(start, sewn.ends(), Tail.Side.FREE)
                    .then(new Pass(start, sewn.ends().opposite()));
            for (Move move : sewn.lies()) {
                path.then(in(move, signature));
            }
            if (sewn.throughAtEnd()) {
                path.pass(start, sewn.ends());
            }
            path.tie(choice.turns()).cut();
        }
        return path.end();
    }

    private static Move in(Move move, int signature) {
        Hole from = new Hole(signature, move.start().hole().station());
        if (move instanceof Run run) {
            return new Run(from, new Hole(signature, run.to().station()), run.face());
        }
        return move instanceof Wrap wrap
                ? new Wrap(from, wrap.edge(), wrap.to())
                : new Pass(from, move.end().face());
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder show = new StitchPattern.Builder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            show.leave(pattern.lies(signature));
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
