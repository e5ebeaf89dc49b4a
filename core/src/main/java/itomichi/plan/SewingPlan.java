package itomichi.plan;

import itomichi.cover.AtSpine;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import itomichi.spec.BookSpec;
import itomichi.structure.Stitching;
import itomichi.structure.ThumbRule;
import java.util.List;

/**
 * The thread of a book: its way, what was found wrong with it, how much of it is cut.
 *
 * @param spec the book
 * @param stitching how it is sewn
 * @param choice what was chosen of it
 * @param frame the work that the path lies in
 * @param path the thread's way
 * @param joins holes where the next thread is tied on
 * @param pathFaults what the independent checks found; empty for a sound path
 * @param need the thread to cut
 */
public record SewingPlan(
        BookSpec spec,
        Stitching stitching,
        Stitching.Choice choice,
        Frame frame,
        ThreadPath path,
        List<Hole> joins,
        List<PathFault> pathFaults,
        ThreadNeed need) {

    public SewingPlan {
        joins = List.copyOf(joins);
        pathFaults = List.copyOf(pathFaults);
    }

    /** The sewing of a book whose holes and whose order are known, and what lies at its spine. */
    static SewingPlan of(
            BookSpec spec, Gathered gathered, Holes holes, Length strand, ThreadOrder.Found order, AtSpine atSpine) {
        Frame frame = SewingFrame.of(spec, gathered, holes, strand, order, atSpine);
        Joins joins = ThreadParting.of(spec, order, frame);
        return checked(spec, order.stitching(), order.choice(), frame, joins);
    }

    private static SewingPlan checked(
            BookSpec spec, Stitching stitching, Stitching.Choice choice, Frame frame, Joins joins) {
        StitchPattern wanted = stitching.pattern(choice).joinedAt(joins.at());
        return new SewingPlan(
                spec,
                stitching,
                choice,
                frame,
                joins.path(),
                joins.at(),
                PathCheck.faults(joins.path(), wanted, frame, stitching.mostPasses(choice)),
                ThreadNeed.of(spec, choice, joins.path(), frame));
    }

    /** The same book sewn by another way through the same holes, as one that strayed may have to; that way is checked by itself. */
    public SewingPlan by(ThreadPath other) {
        return checked(spec, stitching, choice, frame, new Joins(other, joins));
    }

    /** The rule of thumb for its thread. */
    public ThumbRule rule() {
        return rule(spec, choice);
    }

    static ThumbRule rule(BookSpec spec, Stitching.Choice choice) {
        return spec.bound().threadRule(choice.stations(), choice.signatures(), choice.variant());
    }

    /** Holes of one signature, or of the block. */
    public int holes() {
        return choice.side().isEmpty() ? choice.stations() : choice.side().size();
    }

    /** Passes of the needle. */
    public int passes() {
        return path.passes().values().stream().mapToInt(Integer::intValue).sum();
    }
}
