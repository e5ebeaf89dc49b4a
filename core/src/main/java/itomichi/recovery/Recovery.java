package itomichi.recovery;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.Run;
import itomichi.path.SewingStep;
import itomichi.path.ThreadPath;
import itomichi.plan.SewingPlan;
import itomichi.spec.UnfitValueException;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Gets a binder who went through wrong holes back on the way: told in words, with the thread that is left.
 *
 * <p>Which holes can stay is found by {@link RecoverySearch}.
 */
public final class Recovery {

    private Recovery() {}

    /**
     * Finds the way back.
     *
     * @param plan the sewing
     * @param done steps sewn as they should be
     * @param strayed stations the needle went through since, in the signature in hand
     * @param measured thread left on the needle now, if the binder measured it
     * @throws UnfitValueException if the needle cannot have gone there
     */
    public static Straying find(SewingPlan plan, int done, List<Integer> strayed, Optional<Length> measured) {
        for (int station : strayed) {
            if (station < 1 || station > plan.holes()) {
                throw new UnfitValueException(
                        "holes", "Hole " + station + " is not one of the " + plan.holes() + " here.");
            }
        }
        List<StepLine> lines = StepLines.of(plan);
        lastPass(lines, done);
        int right = rightOnes(lines, done, strayed);
        int sewn = Math.min(done, lines.size()) + right;
        List<Integer> wrong = strayed.subList(right, strayed.size());
        if (wrong.isEmpty() || climbs(lines, sewn)) {
            return asPlanned(plan, lines, sewn, wrong, measured, strayed.isEmpty());
        }
        return astray(plan, lines, sewn, wrong, measured);
    }

    /** How many of the holes told are those that the plan has next. */
    private static int rightOnes(List<StepLine> lines, int done, List<Integer> strayed) {
        int right = 0;
        while (right < strayed.size() && done + right < lines.size()) {
            SewingStep next = lines.get(done + right).step();
            if (next.kind() != SewingStep.Kind.PASS || next.target().station() != strayed.get(right)) {
                break;
            }
            right++;
        }
        return right;
    }

    /** Whether the step that comes next leads into another signature: a wrong hole is then one of that, and never can stay. */
    private static boolean climbs(List<StepLine> lines, int sewn) {
        return sewn < lines.size()
                && lines.get(sewn).step().target().signature()
                        != lines.get(sewn - 1).step().target().signature();
    }

    /** All wrong holes are unpicked, and the plan goes on where it was. */
    private static Straying asPlanned(
            SewingPlan plan,
            List<StepLine> lines,
            int sewn,
            List<Integer> wrong,
            Optional<Length> measured,
            boolean nowhere) {
        Length needed = needed(plan, lines, sewn);
        int signature =
                lines.get(Math.min(sewn, lines.size() - 1)).step().target().signature();
        List<Hole> holes =
                wrong.stream().map(station -> new Hole(signature, station)).toList();
        Hole at = lines.get(lastPass(lines, sewn) - 1).step().target();
        Length left = measured.map(now -> now.plus(freed(plan, holes, at, wrong.size())))
                .orElse(lines.get(sewn - 1).left());
        return new Straying(
                wrong.size(),
                true,
                words(wrong.size(), true, holes, nowhere),
                order(lines, sewn),
                needed,
                left,
                thread(needed, left),
                plan.path(),
                sewn);
    }

    private static Straying astray(
            SewingPlan plan, List<StepLine> lines, int sewn, List<Integer> wrong, Optional<Length> measured) {
        int from = lastPass(lines, sewn);
        Hole at = lines.get(from - 1).step().target();
        List<Hole> holes =
                wrong.stream().map(station -> new Hole(at.signature(), station)).toList();
        int moves = 0;
        for (StepLine line : lines.subList(0, from)) {
            moves += line.step().moves().size();
        }
        WayBack way = RecoverySearch.find(plan.path(), moves, holes, plan.frame());
        if (way.asPlanned() && way.unpicked() == wrong.size()) {
            return asPlanned(plan, lines, sewn, wrong, measured, false);
        }
        SewingPlan other = plan.by(way.path());
        List<StepLine> after = StepLines.of(other);
        int step = steps(after, way.sewn());
        Length needed = needed(other, after, step);
        Length left = measured.map(now -> now.plus(freed(plan, holes, at, way.unpicked())))
                .orElse(
                        step == 0
                                ? other.need().pieces().get(0)
                                : after.get(step - 1).left());
        return new Straying(
                way.unpicked(),
                way.asPlanned(),
                words(way.unpicked(), way.asPlanned(), holes, false),
                order(after, step),
                needed,
                left,
                thread(needed, left),
                way.path(),
                step);
    }

    /** A knot or kettle stays; what strayed did so from the pass before it. */
    private static int lastPass(List<StepLine> lines, int done) {
        int from = Math.max(0, Math.min(done, lines.size()));
        while (from > 0 && lines.get(from - 1).step().kind() != SewingStep.Kind.PASS) {
            from--;
        }
        if (from == 0) {
            throw new UnfitValueException("step", "Nothing is sewn yet: begin at the first move.");
        }
        return from;
    }

    private static int steps(List<StepLine> lines, int moves) {
        int seen = 0;
        for (int i = 0; i < lines.size(); i++) {
            if (seen >= moves) {
                return i;
            }
            seen += lines.get(i).step().moves().size();
        }
        return lines.size();
    }

    /** What is still to be sewn with the thread in hand. */
    private static Length needed(SewingPlan plan, List<StepLine> lines, int step) {
        if (step >= lines.size()) {
            return Length.ZERO;
        }
        int thread = lines.get(Math.max(0, step - 1)).thread();
        double usedMm = lines.subList(step, lines.size()).stream()
                .filter(line -> line.thread() == thread)
                .mapToDouble(line -> line.used().mm())
                .sum();
        return Length.ofMm(usedMm).plus(plan.spec().thread().tail());
    }

    /** What unpicking gives back: the strayed runs and passes, the last first. */
    private static Length freed(SewingPlan plan, List<Hole> strayed, Hole at, int unpicked) {
        double freedMm = 0;
        for (int i = 0; i < Math.min(unpicked, strayed.size()); i++) {
            int number = strayed.size() - 1 - i;
            Hole to = strayed.get(number);
            Hole from = number == 0 ? at : strayed.get(number - 1);
            freedMm += plan.frame().passedMm(to);
            if (!from.equals(to)) {
                freedMm += new Run(from, to, Face.OUTSIDE).lengthMm(plan.frame());
            }
        }
        return Length.ofMm(freedMm);
    }

    private static Phrase words(int unpicked, boolean asPlanned, List<Hole> strayed, boolean nowhere) {
        String goOn =
                asPlanned ? "Then go on as planned." : "Then go on by another way; what shows in the end is the same.";
        if (unpicked == 0) {
            return Phrase.of(
                    asPlanned
                            ? nowhere
                                    ? "The needle is where it should be."
                                    : "These holes were the right ones. Go on as planned."
                            : "Nothing need be unpicked. Go on by another way; what shows in the end is the same.");
        }
        List<Integer> back = new ArrayList<>();
        for (int i = strayed.size() - 1; i >= 0 && back.size() < unpicked; i--) {
            back.add(strayed.get(i).station());
        }
        String holes = back.stream().map(String::valueOf).collect(Collectors.joining(", then "));
        int more = unpicked - back.size();
        return Phrase.of(
                "Take the thread back out of {}{}{}. {}",
                back.isEmpty() ? "" : "hole " + holes,
                more > 0 && !back.isEmpty() ? " and of " : "",
                more > 0 ? "the " + (more == 1 ? "hole" : more + " holes") + " before" : "",
                goOn);
    }

    private static String order(List<StepLine> lines, int step) {
        if (step >= lines.size()) {
            return "";
        }
        int signature = lines.get(step).step().target().signature();
        List<Move> moves = new ArrayList<>();
        for (StepLine line : lines.subList(step, lines.size())) {
            if (line.step().target().signature() != signature) {
                break;
            }
            line.step().moves().stream().filter(move -> !move.hangs()).forEach(moves::add);
        }
        return Notation.write(new ThreadPath(moves)).replaceFirst("^s\\d+: ", "");
    }

    private static Phrase thread(Length needed, Length left) {
        return left.isLessThan(needed)
                ? Phrase.of(
                        "The thread left, {}, is {} too short for the {} still to be sewn with it: sew on as far as it goes and tie another to it at an end.",
                        left.at(Fineness.THREAD),
                        needed.minus(left).at(Fineness.THREAD),
                        needed.at(Fineness.THREAD))
                : Phrase.of(
                        "The thread left, {}, is enough for the {} still to be sewn with it.",
                        left.at(Fineness.THREAD),
                        needed.at(Fineness.THREAD));
    }
}
