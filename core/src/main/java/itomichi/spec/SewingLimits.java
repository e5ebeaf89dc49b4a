package itomichi.spec;

import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;

/** What no book is sewn with. */
final class SewingLimits implements ThreadCount.Cases<ThreadCount> {

    private SewingLimits() {}

    static void check(StitchWish wish, Unit unit) {
        Limits.text("stitch.variant", "A way of sewing", wish.variant(), 1, 60);
        Limits.length("stitch.tapeMm", "A tape’s thickness", wish.tape(), 0, 5, unit);
        Limits.length("stitch.cordMm", "A cord", wish.cord(), 0.2, 20, unit);
        Limits.length("stitch.boardMm", "A board’s thickness", wish.board(), 0.3, 20, unit);
        Limits.length("stitch.boardHoleMm", "A distance from the board’s edge", wish.boardHole(), 2, 60, unit);
        Limits.number("stitch.workHeights", "A thread in work", wish.workHeights(), 2, 60, " heights");
    }

    static void check(
            SewingThread thread,
            int strands,
            Length tail,
            double slackPercent,
            Length needleEye,
            Face knot,
            int turns) {
        Limits.text("thread.name", "A thread's name", thread.name(), 1, 60);
        thread.count().match(new SewingLimits());
        Limits.number("thread.strands", "A thread", strands, 1, 2, " strands");
        Limits.length("thread.tailMm", "A tail", tail, 10, 500, Unit.MM);
        Limits.number("thread.slackPercent", "Slack", slackPercent, 0, Slack.MOST_PERCENT, " %");
        Limits.length("thread.needleEyeMm", "A needle's eye", needleEye, 0.2, 6, Unit.MM);
        Limits.number("thread.turns", "A knot", turns, 1, 3, " turns");
        if (knot != Face.INSIDE && knot != Face.OUTSIDE) {
            throw new UnfitValueException(
                    "thread.knot", "Read " + knot.word() + "; the knot of a fold sits inside or outside.");
        }
    }

    @Override
    public ThreadCount tex(ThreadCount.Tex tex) {
        Limits.number("thread.tex", "A thread", tex.tex(), 5, 5000, " tex");
        return tex;
    }

    @Override
    public ThreadCount linen(ThreadCount.Linen linen) {
        Limits.number("thread.number", "A linen count", linen.count(), 1, 200, "");
        Limits.number("thread.ply", "A thread", linen.ply(), 1, 12, " plies");
        return linen;
    }

    @Override
    public ThreadCount cotton(ThreadCount.Cotton cotton) {
        Limits.number("thread.number", "A cotton count", cotton.count(), 1, 200, "");
        Limits.number("thread.ply", "A thread", cotton.ply(), 1, 12, " plies");
        return cotton;
    }

    @Override
    public ThreadCount wound(ThreadCount.Wound wound) {
        Limits.number("thread.turnsWound", "A winding", wound.turns(), 1, 500, " turns");
        Limits.length("thread.woundMm", "A winding", wound.width(), 0.1, 500, Unit.MM);
        return wound;
    }
}
