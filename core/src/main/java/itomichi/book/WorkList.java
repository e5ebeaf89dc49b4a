package itomichi.book;

import itomichi.cover.CoverPiece;
import itomichi.cover.CoverStep;
import itomichi.cover.CoverStep.Part;
import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.gathering.Pressing;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.Paces;
import itomichi.plan.PaperPlan;
import itomichi.plan.SewingPlan;
import itomichi.plan.ThreadNeed;
import itomichi.plan.UsedUp;
import itomichi.plan.WorkedBook;
import itomichi.punching.PunchList;
import itomichi.schedule.Handling;
import itomichi.schedule.Lying;
import itomichi.schedule.Practice;
import itomichi.schedule.StepChange;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The steps of the work on a book, from the first sheet to the last look, all copies together.
 *
 * @param tasks in an order in which they can be done
 * @param done keys of those that the book itself says are done
 */
public record WorkList(List<Task> tasks, Set<String> done) {

    private static final String GRAIN = "grain";
    private static final String PRESS = "press";
    /** The step of sewing, which the sewing table begins and ends by itself. */
    public static final String SEW = Paces.SEW;

    private static final String COVER_STEP = "cover:";

    public WorkList {
        tasks = List.copyOf(tasks);
        done = Set.copyOf(done);
    }

    /** The steps of a book's work. */
    public static WorkList of(BookPlan plan) {
        return of(plan.worked());
    }

    /** The steps of a book's work. */
    public static WorkList of(WorkedBook book) {
        return new Maker(book).list();
    }

    /** Minutes with a hand on it, all steps together. */
    public int minutes() {
        return tasks.stream().mapToInt(Task::minutes).sum();
    }

    /** Steps that are done where these are: whatever one of them waited on is done, too. */
    public Set<String> doneWith(Set<String> more) {
        Set<String> all = new HashSet<>(done);
        all.addAll(more);
        for (int i = tasks.size() - 1; i >= 0; i--) {
            if (all.contains(tasks.get(i).key())) {
                all.addAll(tasks.get(i).after());
            }
        }
        return all;
    }

    /**
     * The same as its binder does it.
     *
     * @param changes of steps, by key; one of a step that is not there changes nothing
     * @param added steps of the binder's own, each after the one that it names, or first
     */
    public WorkList with(Map<String, StepChange> changes, List<Task> added) {
        List<Task> list = new ArrayList<>(tasks);
        for (Task more : added) {
            list = inserted(list, more);
        }
        List<Task> kept = new ArrayList<>();
        Map<String, List<String>> instead = new HashMap<>();
        for (Task task : list) {
            List<String> after = task.after().stream()
                    .flatMap(key -> instead.getOrDefault(key, List.of(key)).stream())
                    .distinct()
                    .toList();
            StepChange change = changes.getOrDefault(task.key(), StepChange.NONE);
            if (change.leftOut()) {
                // what waited on it waits on what it waited for
                instead.put(task.key(), after);
            } else {
                kept.add(task.after(after)
                        .taking(change.minutes().orElse(task.minutes()))
                        .lying(change.lies().orElse(task.lies())));
            }
        }
        return new WorkList(kept, done);
    }

    /** A step more: what waited on the one before it waits on it too. */
    private static List<Task> inserted(List<Task> list, Task more) {
        List<String> keys = list.stream().map(Task::key).toList();
        int at = more.after().stream().mapToInt(keys::indexOf).max().orElse(-1) + 1;
        List<Task> with = new ArrayList<>(list.subList(0, at));
        with.add(more.after(more.after().stream().filter(keys::contains).toList()));
        for (Task later : list.subList(at, list.size())) {
            boolean waits = more.after().isEmpty()
                    ? later.after().isEmpty()
                    : later.after().stream().anyMatch(more.after()::contains);
            with.add(waits ? later.after(plus(later.after(), more.key())) : later);
        }
        return with;
    }

    private static List<String> plus(List<String> keys, String key) {
        List<String> more = new ArrayList<>(keys);
        more.add(key);
        return more;
    }

    private static final class Maker {
        private final WorkedBook book;
        private final BookSpec spec;
        private final List<Task> tasks = new ArrayList<>();
        private final Set<String> done = new HashSet<>();
        /** What the next step of the block waits on. */
        private List<String> block = List.of();

        private final Practice practice;
        private final int cut;

        Maker(WorkedBook book) {
            this.book = book;
            this.spec = book.spec();
            this.practice = Practice.of(spec.use().copies(), spec.edition().practicePercent());
            this.cut = spec.copiesCut();
        }

        /** Words of what is cut for all copies. */
        private Phrase forCopies(Phrase words) {
            int spare = cut - practice.copies();
            return cut == 1
                    ? words
                    : Phrase.of("{}; for {} copies{}", words, cut, spare == 0 ? "" : ", " + spare + " of them spare");
        }

        WorkList list() {
            paper();
            gather();
            if (book.coveredFirst()) {
                List<String> made = cover(List.of(GRAIN));
                sew(made);
                finish();
            } else {
                sew(List.of());
                cover(block);
                finish();
            }
            return new WorkList(tasks, done);
        }

        private void add(
                String key, Stage stage, Phrase words, Handling handling, int number, Lying lying, List<String> after) {
            int copies = practice.copies();
            Phrase told = copies == 1 ? words : Phrase.of("{}; {} copies", words.withoutStop(), copies);
            add(
                    key,
                    stage,
                    told,
                    handling.time(number * copies, practice, Paces.of(spec, key)),
                    handling,
                    lying,
                    after);
        }

        /** What is done for all copies in one go, its spares too: each copy is not begun anew. */
        private void addForAll(
                String key, Stage stage, Phrase words, Handling handling, int number, List<String> after) {
            add(
                    key,
                    stage,
                    words,
                    handling.time(number, Practice.ONE, Paces.of(spec, key)),
                    handling,
                    Lying.NOT,
                    after);
        }

        private void add(
                String key,
                Stage stage,
                Phrase words,
                Working time,
                Handling handling,
                Lying lying,
                List<String> after) {
            int minutes = (int) Math.ceil(time.result().number());
            // between two copies it can be left
            boolean inOneGo = handling.inOneGo() && practice.copies() == 1;
            tasks.add(new Task(key, stage, words, minutes, inOneGo, lying, lying.minutes(), after, Optional.of(time)));
            if (spec.done().contains(stage)) {
                done.add(key);
            }
        }

        /** The next step of the block, which waits on the one before. */
        private void then(String key, Stage stage, Phrase words, Handling handling, int number, Lying lying) {
            add(key, stage, words, handling, number, lying, block);
            block = List.of(key);
        }

        private void thenForAll(String key, Stage stage, Phrase words, Handling handling, int number) {
            addForAll(key, stage, words, handling, number, block);
            block = List.of(key);
        }

        private void paper() {
            List<PaperPlan> papers = book.papers();
            thenForAll(
                    GRAIN,
                    Stage.PAPER,
                    papers.size() == 1
                            ? Phrase.of(
                                    "Try the grain of {}",
                                    papers.get(0).paper().paper().name())
                            : Phrase.of("Try the grain of {} papers", papers.size()),
                    Handling.TRY_GRAIN,
                    papers.size());
            Map<Integer, Integer> stock = cut == 1
                    ? Map.of()
                    : UsedUp.of(book).papers().stream()
                            .collect(Collectors.toMap(UsedUp.PaperUse::paper, UsedUp.PaperUse::sheets));
            for (int i = 0; i < papers.size(); i++) {
                PaperPlan paper = papers.get(i);
                thenForAll(
                        i == 0 ? Paces.CUT : Paces.CUT + "-" + (i + 1),
                        Stage.PAPER,
                        cut == 1
                                ? NextThings.cutSheets(paper)
                                : forCopies(NextThings.cutSheets(paper, cut, stock.getOrDefault(i, 0))),
                        Handling.CUT,
                        paper.sheets() * cut);
            }
        }

        private void gather() {
            Phrase words = NextThings.words(Stage.GATHER, book);
            book.gathered()
                    .folded()
                    .ifPresentOrElse(
                            folded -> {
                                then(
                                        Paces.FOLD,
                                        Stage.GATHER,
                                        words,
                                        Handling.FOLD,
                                        folded.block().sheets(),
                                        Lying.NOT);
                                Pressing pressing = spec.gathering().pressing();
                                if (pressing != Pressing.FRESH) {
                                    then(
                                            PRESS,
                                            Stage.GATHER,
                                            Phrase.of("Press the folds"),
                                            Handling.WEIGH,
                                            1,
                                            pressing == Pressing.AN_HOUR ? Lying.AN_HOUR : Lying.OVERNIGHT);
                                }
                                paste();
                                int signatures = folded.block().signatures().size();
                                if (signatures > 1) {
                                    then(
                                            Paces.COLLATE,
                                            Stage.PAGES,
                                            Phrase.of("Gather {} signatures and look them through", signatures),
                                            Handling.COLLATE,
                                            signatures,
                                            Lying.NOT);
                                }
                            },
                            () -> singly(words));
        }

        /** Before it is sewn, while a page can still be laid flat. */
        private void paste() {
            List<PastedOn> pasted = spec.pageWish().pasted();
            if (!pasted.isEmpty()) {
                then(Paces.PASTE, Stage.PAGES, pasteWords(pasted), Handling.PASTE, pasted.size(), Lying.AN_HOUR);
            }
        }

        private static Phrase pasteWords(List<PastedOn> pasted) {
            List<String> things = new ArrayList<>();
            for (PastedOn.Kind kind : PastedOn.Kind.values()) {
                List<String> pages = pasted.stream()
                        .filter(one -> one.kind() == kind)
                        .map(one -> "" + one.page())
                        .toList();
                if (!pages.isEmpty()) {
                    things.add(
                            pages.size() + " " + kind.words(pages.size()) + " (page " + String.join(", ", pages) + ")");
                }
            }
            return Phrase.of(
                    "Paste to pages: {}; a leaf by {} along the fold, waste paper beside it, under a weight",
                    String.join(", ", things),
                    PastedOn.STRIP.at(Fineness.CUT));
        }

        private void singly(Phrase words) {
            paste();
            int folded = book.gathered().match(signatures -> 0, Gathered.Singly::creased);
            if (folded > 0) {
                then(
                        Paces.FOLD,
                        Stage.GATHER,
                        Phrase.of("Fold {} sheets at the fore edge, printed side out", folded),
                        Handling.FOLD,
                        folded,
                        Lying.NOT);
            }
            Phrase level = folded > 0 ? Phrase.of("Tap them level and clamp them") : words;
            then("level", Stage.GATHER, level, Handling.COLLATE, 1, Lying.NOT);
        }

        /** @param covers what of the cover is to be there before it is punched */
        private void sew(List<String> covers) {
            int holes = book.holes().map(made -> made.list().holes()).orElse(0);
            if (holes == 0) {
                return;
            }
            List<String> before = new ArrayList<>(block);
            before.addAll(covers);
            punch(before);
            block = List.of(Paces.PUNCH);
            int passes = book.sewing()
                    .map(SewingPlan::passes)
                    .or(() -> book.holes().map(Holes::passesInAll))
                    .orElse(0);
            if (book.sewing().isPresent()) {
                Working waxed = Handling.WAX.time(practice.copies(), practice, Paces.of(spec, "wax"));
                add("wax", Stage.THREAD, waxWords(), waxed, Handling.WAX, Lying.NOT, block);
                block = List.of("wax");
            }
            then(SEW, Stage.SEW, NextThings.words(Stage.SEW, book), Handling.SEW, passes, Lying.NOT);
        }

        /** What one go takes of several copies is punched together. */
        private void punch(List<String> after) {
            PunchList list = book.holes().orElseThrow().list();
            int copies = practice.copies();
            Phrase words = NextThings.words(Stage.TEMPLATE, book);
            Phrase told = copies == 1
                    ? words
                    : Phrase.of("{} in each of {} copies, {}", words, copies, list.together(copies));
            Working time = Handling.PUNCH.time(list.holesMade(copies), practice, Paces.of(spec, Paces.PUNCH));
            add(Paces.PUNCH, Stage.TEMPLATE, told, time, Handling.PUNCH, Lying.NOT, after);
        }

        private Phrase waxWords() {
            Phrase words = NextThings.words(Stage.THREAD, book);
            ThreadNeed need = book.sewing().orElseThrow().need();
            return cut == 1
                    ? Phrase.of("{}; wax it", words)
                    : need.pieces().size() == 1
                            ? forCopies(Phrase.of(
                                    "Cut {} lengths of {} of {}; wax them",
                                    cut,
                                    need.cut().length().at(Fineness.THREAD),
                                    spec.thread().thread().name()))
                            : forCopies(Phrase.of("{}; wax it", words));
        }

        /** Cuts and makes the cover; what is done last is left to the finish. */
        private List<String> cover(List<String> after) {
            List<String> made = new ArrayList<>();
            List<String> before = after;
            int pieces = book.covering().work().pieces().stream()
                    .mapToInt(CoverPiece::count)
                    .sum();
            if (pieces > 0) {
                addForAll(
                        Paces.COVER_CUT,
                        Stage.COVER,
                        forCopies(
                                pieces == 1
                                        ? Phrase.of("Cut the cover")
                                        : Phrase.of("Cut the {} pieces of the cover", pieces)),
                        Handling.CUT_PIECES,
                        pieces * cut,
                        after);
                before = List.of(Paces.COVER_CUT);
                made.add(Paces.COVER_CUT);
            }
            for (CoverStep step : book.covering().work().steps()) {
                if (step.part() != Part.FINISH) {
                    before = List.of(coverStep(step, Stage.COVER, before));
                    made.addAll(before);
                }
            }
            return made;
        }

        private void finish() {
            List<String> before = new ArrayList<>(block);
            tasks.stream()
                    .map(Task::key)
                    .filter(key -> key.startsWith(COVER_STEP))
                    .reduce((one, later) -> later)
                    .ifPresent(before::add);
            List<String> last = before;
            for (CoverStep step : book.covering().work().steps()) {
                if (step.part() == Part.FINISH) {
                    last = List.of(coverStep(step, Stage.FINISH, last));
                }
            }
            add("look", Stage.FINISH, Phrase.of("Look it over"), Handling.LOOK, 1, Lying.NOT, last);
        }

        private String coverStep(CoverStep step, Stage stage, List<String> before) {
            String key = COVER_STEP + step.key();
            List<String> named = step.after().stream()
                    .map(other -> COVER_STEP + other)
                    .filter(other -> tasks.stream().anyMatch(task -> task.key().equals(other)))
                    .toList();
            List<String> after = named.isEmpty() ? before : named;
            if (step.key().equals(GRAIN)) {
                addForAll(key, stage, step.words(), handling(step), 1, after);
            } else {
                add(key, stage, step.words(), handling(step), 1, step.lying(), after);
            }
            if (spec.covering().ticked().contains(step.key())) {
                done.add(key);
            }
            return key;
        }

        private static Handling handling(CoverStep step) {
            boolean lies = step.lying() != Lying.NOT;
            return switch (step.part()) {
                case DRY -> Handling.TRY_DRY;
                case MAKE -> lies ? Handling.GLUE : Handling.MAKE;
                case FINISH -> lies ? Handling.CLOSE : Handling.MAKE;
            };
        }
    }
}
