package itomichi.edition;

import itomichi.book.BookPlan;
import itomichi.book.WorkList;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.plan.ThreadNeed;
import itomichi.plan.UsedUp;
import itomichi.plan.WorkedBook;
import itomichi.schedule.Practice;
import itomichi.spec.BookLimits;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.spec.EditionWish.CopyRun;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A book's copies. */
public final class Edition {

    private final WorkedBook book;
    private final BookSpec spec;
    private final List<CopyRun> runs;
    private final List<CopyStage> stages;

    private Edition(WorkedBook book) {
        this.book = book;
        this.spec = book.spec();
        this.runs = spec.copyRuns();
        this.stages = CopyStage.of(book);
    }

    /** Those of a book. */
    public static Edition of(BookPlan plan) {
        return new Edition(plan.worked());
    }

    /** Copies by what they are made of; those of which there is none are not among them. */
    public List<CopyRun> runs() {
        return runs.stream().filter(run -> run.copies() > 0).toList();
    }

    /** What is done of a copy, in the order of the work. */
    public List<CopyStage> stages() {
        return stages;
    }

    /** How many copies are cut, what is spare among them. */
    public int cut() {
        return spec.copiesCut();
    }

    /** How many copies are laid together to be punched, in words; empty where nothing is punched. */
    public String together() {
        return book.holes()
                .map(holes -> holes.list().together(spec.use().copies()))
                .orElse("");
    }

    /** How many copies are told apart, one by one. */
    public int told() {
        return Math.min(spec.use().copies(), BookLimits.MOST_NAMED);
    }

    /**
     * The copies, one by one.
     *
     * @param marks what was marked, by their numbers
     * @param spoilt those that were spoilt
     */
    public List<Copy> copies(Map<Integer, CopyMarks> marks, List<SpoiltCopy> spoilt) {
        Map<Integer, Long> often =
                spoilt.stream().collect(Collectors.groupingBy(SpoiltCopy::copy, Collectors.counting()));
        Set<CopyStage> whole = EnumSet.noneOf(CopyStage.class);
        for (CopyStage stage : stages) {
            if (spec.done().contains(stage.stage())) {
                whole.add(stage);
            }
        }
        List<Copy> copies = new ArrayList<>();
        for (int number = 1; number <= told(); number++) {
            CopyMarks marked = marks.getOrDefault(number, CopyMarks.NONE);
            Set<CopyStage> done = new HashSet<>(marked.done());
            done.retainAll(stages);
            if (!marked.anew()) {
                done.addAll(whole);
            }
            copies.add(new Copy(
                    number,
                    run(number),
                    spec.edition().name(number),
                    done,
                    marked.leftOut(),
                    often.getOrDefault(number, 0L).intValue()));
        }
        return copies;
    }

    /** Those that a copy, from 1, is made like. */
    public CopyRun run(int copy) {
        return runs.stream()
                .filter(run -> run.has(copy))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no copy " + copy));
    }

    /** What is being done of a copy: the first that is not done. */
    public CopyStage at(Copy copy) {
        return stages.stream()
                .filter(stage -> !copy.done().contains(stage))
                .findFirst()
                .orElse(CopyStage.FINISHED);
    }

    /**
     * Lengths of thread that are cut.
     *
     * @param run copies that they are cut for
     * @param number so many of that length
     * @param length of each
     */
    public record Lengths(CopyRun run, int number, Length length) {}

    /** Lengths of thread to be cut, for each kind of copies; none where the sewing is not planned. */
    public List<Lengths> threads() {
        List<Lengths> all = new ArrayList<>();
        book.sewing().ifPresent(sewn -> {
            ThreadNeed need = sewn.need();
            Map<Length, Integer> each = new LinkedHashMap<>();
            need.pieces().forEach(piece -> each.merge(piece, 1, Integer::sum));
            runs().forEach(run ->
                    each.forEach((length, number) -> all.add(new Lengths(run, number * run.made(), length))));
        });
        return all;
    }

    /**
     * Minutes at the bench.
     *
     * @param one copy made by itself
     * @param inAll all of them, with practice
     * @param without all of them, if hands became no quicker
     * @param more what one more copy would add
     */
    public record Minutes(int one, int inAll, int without, int more) {}

    /** Minutes at the bench; what is done once for all copies is in all of them once. */
    public Minutes minutes() {
        int copies = spec.use().copies();
        int inAll = WorkList.of(book).minutes();
        return new Minutes(
                WorkList.of(book.made(1, EditionWish.ALIKE)).minutes(),
                inAll,
                WorkList.of(book.made(copies, spec.edition().withPracticePercent(Practice.ALL)))
                        .minutes(),
                WorkList.of(withOne()).minutes() - inAll);
    }

    /** The same with one copy more; as it is where there are as many as are counted. */
    private WorkedBook withOne() {
        return book.made(Math.min(spec.use().copies() + 1, BookLimits.MOST_COPIES), spec.edition());
    }

    /** What all copies use up if one more, as the book is, were made of them. */
    public UsedUp withOneMore() {
        return UsedUp.of(withOne());
    }

    /**
     * What is to be made ready anew for copies that were spoilt: the first that are take what is spare.
     *
     * @param before that were spoilt before them
     * @param now those
     */
    public UsedUp anew(List<SpoiltCopy> before, List<SpoiltCopy> now) {
        List<SpoiltCopy> all = new ArrayList<>(before);
        all.addAll(now);
        UsedUp papers = UsedUp.of(book, List.of(new UsedUp.Copies(0, beyondSpare(all) - beyondSpare(before))));
        UsedUp threads = UsedUp.of(book, beyond(before, all, Stage.SEW));
        UsedUp pieces = UsedUp.of(book, beyond(before, all, Stage.COVER));
        return new UsedUp(papers.papers(), threads.threads(), pieces.pieces(), pieces.lengths());
    }

    /** The sheets of all copies are alike, so that any spare ones serve. */
    private int beyondSpare(List<SpoiltCopy> spoilt) {
        int spare = runs.stream().mapToInt(CopyRun::spares).sum();
        return Math.max(
                0, (int) spoilt.stream().filter(one -> uses(one, Stage.PAPER)).count() - spare);
    }

    private List<UsedUp.Copies> beyond(List<SpoiltCopy> before, List<SpoiltCopy> all, Stage stage) {
        return runs.stream()
                .map(run -> new UsedUp.Copies(run.number(), beyond(all, run, stage) - beyond(before, run, stage)))
                .toList();
    }

    private int beyond(List<SpoiltCopy> spoilt, CopyRun run, Stage stage) {
        long lost = spoilt.stream()
                .filter(one -> run.has(one.copy()) && uses(one, stage))
                .count();
        return Math.max(0, (int) lost - run.spares());
    }

    /** Whether what a stage uses up was lost with a copy. */
    private boolean uses(SpoiltCopy spoilt, Stage stage) {
        boolean early = stage == Stage.COVER && book.coveredFirst();
        Stage from = early ? Stage.SEW : stage;
        return spoilt.at().stage().compareTo(from) >= 0;
    }
}
