package itomichi.course;

import itomichi.advice.Use;
import itomichi.book.BookPlan;
import itomichi.gathering.Pressing;
import itomichi.habit.Habit;
import itomichi.material.Fibre;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.PunchRoom;
import itomichi.punching.HoleGroup;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.spec.Slack;
import itomichi.structure.Hands;
import itomichi.structure.Skill;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A book as the hands of a class make it. */
final class AsMade {

    /** Turns of a yarn that are wound side by side to measure it. */
    private static final int TURNS = 10;
    /** The eye of a blunt needle, in yarns: common practice, no published source. */
    private static final double EYE = 1.3;

    private AsMade() {}

    /**
     * By those hands and with as much more thread as they need; what is folded in class is not pressed overnight. Children sew with a yarn,
     * and where they punch, holes lie so that a paper punch has room for them.
     */
    static BookSpec of(CourseWish wish) {
        BookSpec book = wish.book();
        BookSpec.Sewing thread = thread(wish);
        double slack = thread.slackPercent() + CourseTime.moreSlack(wish.hands());
        BookSpec by = book.with(made -> made.use(new Use(book.use().needs(), 1, punchers(wish)))
                .edition(EditionWish.ALIKE)
                .done(Set.of())
                .learned(book.learned().without(Habit.Kind.SLACK))
                .thread(thread.withSlackPercent(Math.min(Slack.MOST_PERCENT, slack))));
        BookSpec pressed = wish.ahead().contains(Ahead.FOLDED)
                ? by
                : by.withGathering(by.gathering().withPressing(Pressing.FRESH));
        return PunchRoom.laid(pressed).orElse(pressed);
    }

    /** Holes that are made before are not made by children. */
    private static Hands punchers(CourseWish wish) {
        return wish.ahead().contains(Ahead.PUNCHED) ? Hands.PRACTISED : wish.hands();
    }

    private static BookSpec.Sewing thread(CourseWish wish) {
        BookSpec.Sewing own = wish.book().thread();
        if (wish.hands() != Hands.CHILDREN) {
            return own;
        }
        Length yarn = wish.yarn();
        Length eye = yarn.times(EYE);
        return own.withThread(new SewingThread("yarn", Fibre.COTTON, new ThreadCount.Wound(TURNS, yarn.times(TURNS))))
                .withStrands(1)
                .withNeedleEye(eye.isMoreThan(own.needleEye()) ? eye : own.needleEye());
    }

    /** What is otherwise than at the binder's own table. */
    static List<Phrase> otherwise(CourseWish wish, BookPlan plan) {
        List<Phrase> all = new ArrayList<>();
        if (wish.hands() != Hands.CHILDREN) {
            return all;
        }
        all.add(Phrase.of(
                "sewn with yarn {} thick, of which {} turns side by side are {}, and a blunt needle, instead of {}",
                wish.yarn().at(Fineness.BUNDLE),
                TURNS,
                wish.yarn().times(TURNS).at(Fineness.MARK),
                wish.book().thread().thread().name()));
        plan.holes().ifPresent(holes -> all.add(holes(wish, holes, plan.spec())));
        return all;
    }

    private static Phrase holes(CourseWish wish, Holes holes, BookSpec made) {
        HoleGroup first = holes.groups().get(0);
        Length widest = holes.match(Holes.InFolds::hole, Holes.ThroughSide::hole);
        int before = wish.book().stations().count();
        int now = made.stations().count();
        Phrase laid = made.stations().equals(wish.book().stations())
                ? Phrase.EMPTY
                : now == before
                        ? Phrase.of(", laid so that it has room for them")
                        : Phrase.of(", {} instead of {}, so that it has room for them", now, before);
        return Phrase.of(
                "holes {} wide ({}){}", widest.at(Fineness.BUNDLE), first.tool().words(), laid);
    }

    /** Why hands of that kind cannot make it; nothing where they can. */
    static Optional<Phrase> unfit(CourseWish wish, BookPlan plan) {
        if (wish.hands() != Hands.CHILDREN) {
            return Optional.empty();
        }
        String name = plan.spec().bound().name();
        if (plan.spec().bound().skill() == Skill.MUCH_PRACTICE) {
            return Optional.of(Phrase.of("{}: it asks much practice, which children do not have.", name));
        }
        return PunchRoom.fault(plan.spec())
                .map(fault ->
                        Phrase.of("{}: children cannot punch it. {}, and no other arrangement gives it.", name, fault))
                .or(() -> plan.holes().stream()
                        .flatMap(holes -> holes.groups().stream())
                        .filter(HoleGroup::tooWideForPunch)
                        .findFirst()
                        .map(group -> Phrase.of(
                                "{}: through {} this yarn needs {}, and a paper punch makes less.",
                                name,
                                group.names(),
                                group.size().length().at(Fineness.BUNDLE))));
    }
}
