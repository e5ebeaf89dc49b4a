package itomichi.recovery;

import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Link;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.path.SewingStep;
import itomichi.path.SewingStep.Kind;
import itomichi.path.Spot;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import itomichi.plan.SewingPlan;
import java.util.ArrayList;
import java.util.List;

/** Judges what a learner says the next step is. */
public final class Rehearsal {

    private Rehearsal() {}

    /**
     * Judges an answer.
     *
     * @param plan the sewing
     * @param done steps that are sewn
     * @param kind what the learner would do
     * @param station the hole pressed, for a pass
     * @throws IllegalArgumentException if all is sewn, or there is no such hole
     */
    public static Misstep judge(SewingPlan plan, int done, Kind kind, int station) {
        List<SewingStep> steps = SewingStep.of(plan.path());
        if (done < 0 || done >= steps.size()) {
            throw new IllegalArgumentException("Of " + steps.size() + " steps, read " + done + " done");
        }
        SewingStep next = steps.get(done);
        if (kind != next.kind()) {
            return new Misstep(false, otherKind(plan, next, kind));
        }
        if (kind != Kind.PASS) {
            return new Misstep(true, Phrase.of("Right."));
        }
        if (station < 1 || station > plan.holes()) {
            throw new IllegalArgumentException("Hole " + station + " is not there");
        }
        if (station == next.target().station()) {
            return new Misstep(true, Phrase.of("Right."));
        }
        return new Misstep(false, done == 0 ? first(next, station) : wrongHole(plan, steps, done, station));
    }

    private static Phrase first(SewingStep next, int station) {
        return Phrase.of(
                "Beginning at hole {}, both ends would not meet where the knot belongs; the way begins {}.",
                station,
                next.moves().get(1).end().face() == Face.OUTSIDE ? "inside" : "outside");
    }

    private static Phrase otherKind(SewingPlan plan, SewingStep next, Kind said) {
        return switch (next.kind()) {
            case KETTLE ->
                Phrase.of(
                        "A kettle stitch comes first: without it signature {} is not held to the one below at this end.",
                        next.target().signature());
            case TIE ->
                Phrase.of(
                        "Here ends are knotted: sewn on without it, the first stitches loosen at signature {}.",
                        next.target().signature());
            case JOIN ->
                Phrase.of("Here a new thread is tied on: what is left of this one is too short to sew on with.");
            case PASS ->
                said == Kind.KETTLE
                        ? Phrase.of("No kettle stitch here: this signature is not sewn to its end yet.")
                        : Phrase.of("No knot here: {} holes of this thread are still to be sewn.", left(plan, next));
        };
    }

    private static long left(SewingPlan plan, SewingStep next) {
        return SewingStep.of(plan.path()).stream()
                .filter(step -> step.number() >= next.number() && step.thread() == next.thread())
                .map(SewingStep::target)
                .distinct()
                .count();
    }

    private static Phrase wrongHole(SewingPlan plan, List<SewingStep> steps, int done, int station) {
        List<Move> sewn = new ArrayList<>();
        steps.subList(0, done).forEach(step -> sewn.addAll(step.moves()));
        Spot here = sewn.get(sewn.size() - 1).end();
        int signature = steps.get(done).target().signature();
        Hole pressed = new Hole(signature, station);
        if (here.hole().station() == station && here.hole().signature() == signature) {
            return Phrase.of(
                    "The thread would go back through its own hole and hold nothing: pulled, it comes out again.");
        }
        if (here.hole().signature() != signature) {
            return Phrase.of(
                    "From hole {} the thread climbs to the same place of signature {}: slanting to hole {} it pulls the folds out of line.",
                    here.hole().station(),
                    signature,
                    station);
        }
        Run run = new Run(here.hole(), pressed, here.face());
        return stitch(plan, sewn, run);
    }

    private static Phrase stitch(SewingPlan plan, List<Move> sewn, Run run) {
        StitchPattern.Stitch stitch = new StitchPattern.Stitch(run.face(), run.from(), run.to());
        String where = "on the " + run.face().word() + " between holes "
                + Math.min(run.from().station(), run.to().station()) + " and "
                + Math.max(run.from().station(), run.to().station());
        long wanted = plan.stitching().pattern(plan.choice()).stitches().stream()
                .filter(stitch::equals)
                .count();
        long there = StitchPattern.leftBy(new ThreadPath(sewn)).stitches().stream()
                .filter(stitch::equals)
                .count();
        if (wanted > there && sewn.get(sewn.size() - 1).passes()) {
            WayBack way = RecoverySearch.find(plan.path(), sewn.size(), List.of(run.to()), plan.frame());
            return way.unpicked() == 0
                    ? Phrase.of("It would come out the same by another way; the usual order goes elsewhere first.")
                    : Phrase.of(
                            "A stitch is wanted {}, but not yet: sewn now, the thread could not get to all the rest.",
                            where);
        }
        if (there > 0) {
            return Phrase.of(
                    "A stitch lies there already, {}: it would lie double, and another place would stay empty.", where);
        }
        int past = Math.abs(run.from().station() - run.to().station()) - 1;
        boolean fold = plan.frame().match(folds -> true, block -> false);
        if (fold && past > 0) {
            return Phrase.of(
                    "It would lie long and loose {}, past {} hole{} that then hold{} nothing there.",
                    where,
                    past,
                    past == 1 ? "" : "s",
                    past == 1 ? "s" : "");
        }
        boolean link = !plan.path().moves(Link.class).isEmpty();
        return Phrase.of(
                "No stitch lies {} in this pattern{}.",
                where,
                link && run.face() == Face.OUTSIDE ? ": the links stand free between the holes" : "");
    }
}
