package itomichi.notebook;

import itomichi.book.BookPlan;
import itomichi.cover.Dimension;
import itomichi.cover.SewnBlock;
import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.notebook.Entry.Group;
import itomichi.notebook.Entry.Origin;
import itomichi.plan.ThreadNeed;
import itomichi.plan.UsedUp;
import itomichi.schedule.StepChange;
import itomichi.schedule.Task;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** A book's page of the notebook: what was planned beside what came out. */
public final class NotebookPage {

    /** Thickness of the sewn block at the spine. */
    public static final String SPINE = "block-spine";
    /** Thickness of the sewn block at the fore edge. */
    public static final String FORE_EDGE = "block-fore-edge";
    /** Thread that was cut for all copies, from end to end. */
    public static final String THREAD_CUT = "thread-cut";
    /** What was left of it when all copies were sewn. */
    public static final String THREAD_LEFT = "thread-left";
    /** Sheets that were spoilt. */
    public static final String SPOILT = "sheets-spoilt";
    /** The key of a step's minutes begins so. */
    public static final String MINUTES = "minutes:";

    /** Nobody spoils more; a slip of the keys is kept out. */
    private static final int MOST_SPOILT = 10_000;

    private static final double MOST_TOLD = 1e9;

    private NotebookPage() {}

    /**
     * The lines of a book's page.
     *
     * @param plan the book as it was planned
     * @param tasks the steps of its work
     * @param written what was written on the page, by key: mm, sheets, minutes
     * @param clocked minutes that a hand was on steps that are done, by the step's key
     */
    public static List<Entry> of(
            BookPlan plan, List<Task> tasks, Map<String, Double> written, Map<String, Long> clocked) {
        List<Entry> lines = new ArrayList<>(block(plan));
        List<Entry> own = new ArrayList<>();
        UsedUp.of(plan.worked()).thread().ifPresent(cut -> {
            own.add(line(THREAD_CUT, Group.THREAD, Phrase.of("Thread cut"), Quantity.of(cut, Fineness.THREAD), true));
            own.add(line(
                    THREAD_LEFT,
                    Group.THREAD,
                    Phrase.of("Thread left over, with what was in the needle"),
                    Quantity.of(leftOver(plan), Fineness.THREAD),
                    true));
        });
        own.add(line(SPOILT, Group.WASTE, Phrase.of("Sheets spoilt"), new Quantity.Plain(0, "", 0), false));
        for (Task task : tasks) {
            Entry minutes = line(
                    MINUTES + task.key(),
                    Group.MINUTES,
                    task.words(),
                    new Quantity.Plain(task.minutes(), "min", 0),
                    true);
            Long clock = clocked.get(task.key());
            own.add(clock == null ? minutes : minutes.came(clock, Origin.CLOCK));
        }
        own.forEach(line ->
                lines.add(written.containsKey(line.key()) ? line.came(written.get(line.key()), Origin.WRITTEN) : line));
        return List.copyOf(lines);
    }

    /** Of each copy what nobody sews with, and the lengths that are spare. */
    private static Length leftOver(BookPlan plan) {
        ThreadNeed need = plan.sewn().need();
        int copies = plan.spec().use().copies();
        return need.left(plan.spec().slack())
                .times(copies)
                .plus(need.cut().length().times(plan.spec().copiesCut() - copies));
    }

    private static List<Entry> block(BookPlan plan) {
        List<Entry> lines = new ArrayList<>();
        SewnBlock block = plan.covering().base().block();
        lines.add(line("block-height", block.height()));
        lines.add(line("block-width", block.width()));
        lines.add(line(SPINE, block.spine()));
        lines.add(line(FORE_EDGE, block.foreEdge()));
        return lines;
    }

    private static Entry line(String key, Dimension one) {
        Entry line = new Entry(
                key,
                Group.BLOCK,
                Phrase.of(capital(one.name())),
                Quantity.of(one.planned(), one.fineness()),
                true,
                OptionalDouble.empty(),
                Origin.STAGE);
        return one.measured()
                .map(length -> line.came(length.mm(), Origin.STAGE))
                .orElse(line);
    }

    private static Entry line(String key, Group group, Phrase name, Quantity planned, boolean foreseen) {
        return new Entry(key, group, name, planned, foreseen, OptionalDouble.empty(), Origin.WRITTEN);
    }

    private static String capital(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    /**
     * What may be written at a line.
     *
     * @param line the line
     * @param lines all of its page
     * @param number what is to be written: mm, sheets, minutes
     * @param unit the unit of lengths in what is said
     * @return the number as it is kept
     * @throws UnfitValueException if that cannot be, with what was read and what is wanted
     */
    public static double checked(Entry line, List<Entry> lines, double number, Unit unit) {
        if (line.origin() == Origin.STAGE) {
            throw new UnfitValueException(
                    "number",
                    "“" + line.name().in(unit) + "” is measured at the stage it belongs to; it is changed there.");
        }
        return switch (line.group()) {
            case THREAD -> thread(line, lines, number, unit);
            case WASTE -> whole(number, 0, MOST_SPOILT, "sheets");
            case MINUTES -> whole(number, 1, StepChange.MOST_MINUTES, "minutes");
            case BLOCK -> throw new IllegalStateException("The block is measured at its cover; read " + number);
        };
    }

    private static double whole(double number, int least, int most, String what) {
        if (!(number >= least && number <= most && number == Math.rint(number))) {
            throw unfit("Read %s; whole %s from %d to %d are taken."
                    .formatted(new Quantity.Plain(number, "", 3).in(Unit.MM), what, least, most));
        }
        return number;
    }

    private static double thread(Entry line, List<Entry> lines, double number, Unit unit) {
        boolean cut = line.key().equals(THREAD_CUT);
        if (!(number >= 0) || (cut && number == 0)) {
            throw unfit("Read %s; %s"
                    .formatted(
                            told(line, number, unit),
                            cut ? "what was cut is more than nothing." : "what is left is not less than nothing."));
        }
        double most = lines.stream()
                .filter(other -> other.key().equals(THREAD_CUT))
                .mapToDouble(other -> cut
                        ? other.planned().number()
                        : other.came().orElse(other.planned().number()))
                .findFirst()
                .orElseThrow();
        if (cut && Dimension.slipped(Length.ofMm(most), Length.ofMm(Math.min(number, 1e9)))) {
            throw unfit("Read %s where %s is planned: a point may have slipped."
                    .formatted(told(line, number, unit), told(line, most, unit)));
        }
        if (!cut && number > most) {
            throw unfit(
                    "Read %s; no more than %s was cut.".formatted(told(line, number, unit), told(line, most, unit)));
        }
        return number;
    }

    /** A number as it is shown; what nobody can mean is shown as very much. */
    private static String told(Entry line, double number, Unit unit) {
        return line.planned()
                .with(Double.isNaN(number) ? 0 : Math.max(-MOST_TOLD, Math.min(MOST_TOLD, number)))
                .in(unit);
    }

    private static UnfitValueException unfit(String words) {
        return new UnfitValueException("number", words);
    }
}
