package itomichi.book;

import itomichi.cover.CoverPiece;
import itomichi.cover.CoverStep;
import itomichi.cutting.CuttingPlan;
import itomichi.finding.Stage;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.path.SewingStep;
import itomichi.plan.CoverPlan;
import itomichi.plan.PaperPlan;
import itomichi.plan.SewingPlan;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Says what to do next, from the stages that are done. */
final class NextThings {

    private static final Phrase NO_HOLES = Phrase.of("No holes: it is not sewn");

    private NextThings() {}

    static BookPlan.NextThing of(WorkedBook worked) {
        for (Stage stage : Stage.values()) {
            if (!worked.spec().done().contains(stage)) {
                return new BookPlan.NextThing(stage, false, words(stage, worked));
            }
        }
        return new BookPlan.NextThing(Stage.FINISH, true, Phrase.of("Finished. Put it on the shelf."));
    }

    static Phrase words(Stage stage, WorkedBook worked) {
        Optional<Integer> punched = worked.holes().map(made -> made.list().holes());
        return switch (stage) {
            case PURPOSE -> Phrase.of("Say what it is for");
            case PAPER -> paper(worked.papers());
            case GATHER -> gather(worked.spec(), worked.gathered());
            case PAGES -> pages(worked);
            case STATIONS ->
                punched.map(holes -> Phrase.of("Settle where the {} holes go", holes))
                        .orElse(NO_HOLES);
            case TEMPLATE ->
                punched.map(holes -> Phrase.of("Print the template and punch {}", things(holes, "hole")))
                        .orElse(NO_HOLES);
            case THREAD -> worked.sewing().map(NextThings::cut).orElseGet(() -> unsewable(worked.spec()));
            case SEW ->
                worked.sewing()
                        .map(sewing -> Phrase.of(
                                "Sew it: {}",
                                things(SewingStep.of(sewing.path()).size(), "move")))
                        .orElseGet(() -> unsewable(worked.spec()));
            case COVER -> cover(worked.covering());
            case FINISH -> finish(worked.covering(), worked.spec().covering().ticked());
        };
    }

    private static Phrase pages(WorkedBook worked) {
        int signatures = worked.gathered().signatures();
        return signatures == 1
                ? Phrase.of("Look which page lies where")
                : Phrase.of("Look which page lies where, and gather the {} signatures in order", signatures);
    }

    /** A soft cover is on already once it is sewn; the pieces of another are to be cut. */
    private static Phrase cover(CoverPlan covering) {
        if (covering.work().size().isPresent()) {
            return Phrase.of("Measure the sewn block and look how it sits in its cover");
        }
        int pieces =
                covering.work().pieces().stream().mapToInt(CoverPiece::count).sum();
        return pieces == 0
                ? Phrase.of("Measure the sewn block; it is left without a cover")
                : Phrase.of(
                        "Measure the sewn block, then cut the {} of its cover: {}",
                        things(pieces, "piece"),
                        covering.kind().name().toLowerCase(Locale.ROOT));
    }

    private static Phrase finish(CoverPlan covering, Set<String> ticked) {
        return covering.work().steps().stream()
                .filter(step -> step.part() == CoverStep.Part.FINISH && !ticked.contains(step.key()))
                .findFirst()
                .map(CoverStep::words)
                .orElseGet(() -> Phrase.of("Look it over once more"));
    }

    private static Phrase unsewable(BookSpec spec) {
        return Phrase.of(
                "Holes are planned; as they are, a {} cannot be sewn through them",
                spec.bound().name().toLowerCase(Locale.ROOT));
    }

    private static Phrase cut(SewingPlan sewing) {
        int pieces = sewing.need().pieces().size();
        return Phrase.of(
                pieces == 1 ? "Cut {} of {}" : "Cut {} of {}, in " + pieces + " lengths",
                sewing.need().cut().length().at(Fineness.THREAD),
                sewing.spec().thread().thread().name());
    }

    private static Phrase paper(List<PaperPlan> papers) {
        PaperPlan main = papers.get(0);
        String name = main.paper().paper().name();
        Optional<CuttingPlan> cutting = main.cutting().filter(CuttingPlan::possible);
        if (cutting.isPresent() && cutting.get().shortOf() > 0) {
            return Phrase.of("Get {} more of {}", things(cutting.get().shortOf(), "stock sheet"), name);
        }
        return cutSheets(main);
    }

    /** How the sheets of a paper are cut. */
    static Phrase cutSheets(PaperPlan main) {
        return cutSheets(main, 1, main.cutting().map(CuttingPlan::stockSheets).orElse(0));
    }

    /**
     * How the sheets of a paper are cut for several copies.
     *
     * @param stockSheets that are taken for all of them
     */
    static Phrase cutSheets(PaperPlan main, int copies, int stockSheets) {
        int sheets = main.sheets() * copies;
        String name = main.paper().paper().name();
        String what = main.pasted().isEmpty() ? "sheet" : "piece";
        Optional<CuttingPlan> cutting = main.cutting().filter(CuttingPlan::possible);
        if (cutting.isPresent()) {
            return Phrase.of("Cut {} of {} into {}", things(stockSheets, "stock sheet"), name, things(sheets, what));
        }
        if (main.demands().isEmpty()) {
            return Phrase.of("Cut the sheets of the recipe");
        }
        if (main.demands().size() > 1) {
            return Phrase.of("Cut {} of {} to size", things(sheets, "piece"), name);
        }
        return Phrase.of(
                "Cut {} of {} to {} × {}",
                things(sheets, what),
                name,
                main.demands().get(0).width().at(Fineness.CUT),
                main.demands().get(0).height().at(Fineness.CUT));
    }

    private static Phrase gather(BookSpec spec, Gathered gathered) {
        return gathered.match(
                folded -> fold(spec, folded),
                singly -> Phrase.of(
                        singly.doubled()
                                ? "Fold {} at the fore edge, printed side out; tap them level at the spine and clamp them"
                                : "Tap {} level at the spine and clamp them",
                        things(singly.sheets(), "sheet")));
    }

    private static Phrase fold(BookSpec spec, Gathered.InSignatures gathered) {
        int signatures = gathered.sharing().signatures();
        String of = spec.papers().all().size() == 1 ? " of " + spec.paper().name() : "";
        if (signatures == 1) {
            return Phrase.of(
                    "Fold {}{}{}",
                    things(gathered.sheets(), "sheet"),
                    of,
                    gathered.sheets() == 1 ? "" : " and nest them");
        }
        return Phrase.of("Fold {}{} into {} signatures", things(gathered.sheets(), "sheet"), of, signatures);
    }

    private static String things(int number, String thing) {
        return number + " " + thing + (number == 1 ? "" : "s");
    }
}
