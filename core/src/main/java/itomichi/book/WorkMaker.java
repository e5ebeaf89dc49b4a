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
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes the steps of the work on a book, in batches where there are several copies. */
final class WorkMaker {

    private static final String PRESS = "press";

    private final WorkedBook book;
    private final BookSpec spec;
    private final List<Task> tasks = new ArrayList<>();
    private final Set<String> done = new HashSet<>();
    /** What the next step of the block waits on. */
    private List<String> block = List.of();

    private final Practice practice;
    private final int cut;

    WorkMaker(WorkedBook book) {
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
            List<String> made = cover(List.of(WorkList.GRAIN));
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
        add(key, stage, told, handling.time(number * copies, practice, Paces.of(spec, key)), handling, lying, after);
    }

    /** What is done for all copies in one go, its spares too: each copy is not begun anew. */
    private void addForAll(String key, Stage stage, Phrase words, Handling handling, int number, List<String> after) {
        add(key, stage, words, handling.time(number, Practice.ONE, Paces.of(spec, key)), handling, Lying.NOT, after);
    }

    private void add(
            String key, Stage stage, Phrase words, Working time, Handling handling, Lying lying, List<String> after) {
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
                WorkList.GRAIN,
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
                things.add(pages.size() + " " + kind.words(pages.size()) + " (page " + String.join(", ", pages) + ")");
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
            Working waxed = Handling.WAX.time(practice.copies(), practice, Paces.of(spec, WorkList.WAX));
            add(WorkList.WAX, Stage.THREAD, waxWords(), waxed, Handling.WAX, Lying.NOT, block);
            block = List.of(WorkList.WAX);
        }
        then(WorkList.SEW, Stage.SEW, NextThings.words(Stage.SEW, book), Handling.SEW, passes, Lying.NOT);
    }

    /** What one go takes of several copies is punched together. */
    private void punch(List<String> after) {
        PunchList list = book.holes().orElseThrow().list();
        int copies = practice.copies();
        Phrase words = NextThings.words(Stage.TEMPLATE, book);
        Phrase told =
                copies == 1 ? words : Phrase.of("{} in each of {} copies, {}", words, copies, list.together(copies));
        Working time = Handling.PUNCH.time(list.holesMade(copies), practice, Paces.of(spec, Paces.PUNCH));
        add(Paces.PUNCH, Stage.TEMPLATE, told, time, Handling.PUNCH, Lying.NOT, after);
    }

    private Phrase waxWords() {
        Phrase words = NextThings.words(Stage.THREAD, book);
        if (cut == 1) {
            return Phrase.of("{}; wax it", words);
        }
        ThreadNeed need = book.sewing().orElseThrow().need();
        return forCopies(
                need.pieces().size() > 1
                        ? Phrase.of("{}; wax it", words)
                        : Phrase.of(
                                "Cut {} lengths of {} of {}; wax them",
                                cut,
                                need.cut().length().at(Fineness.THREAD),
                                spec.thread().thread().name()));
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
                .filter(WorkList::isOfCover)
                .reduce((one, later) -> later)
                .ifPresent(before::add);
        List<String> last = before;
        for (CoverStep step : book.covering().work().steps()) {
            if (step.part() == Part.FINISH) {
                last = List.of(coverStep(step, Stage.FINISH, last));
            }
        }
        add(WorkList.LOOK, Stage.FINISH, Phrase.of("Look it over"), Handling.LOOK, 1, Lying.NOT, last);
    }

    private String coverStep(CoverStep step, Stage stage, List<String> before) {
        String key = WorkList.ofCover(step.key());
        List<String> named = step.after().stream()
                .map(WorkList::ofCover)
                .filter(other -> tasks.stream().anyMatch(task -> task.key().equals(other)))
                .toList();
        List<String> after = named.isEmpty() ? before : named;
        if (step.key().equals(WorkList.GRAIN)) {
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
