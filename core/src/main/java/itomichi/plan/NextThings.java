package itomichi.plan;

import itomichi.cutting.CuttingPlan;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.path.SewingStep;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Says what to do next, from the stages that are done. */
final class NextThings {

    private static final Phrase NO_HOLES = Phrase.of("No holes: it is not sewn");

    private NextThings() {}

    static BookPlan.NextThing of(
            BookSpec spec,
            Gathered gathered,
            List<PaperPlan> papers,
            Optional<Holes> holes,
            Optional<SewingPlan> sewn) {
        for (Stage stage : Stage.values()) {
            if (!spec.done().contains(stage)) {
                return new BookPlan.NextThing(stage, false, words(stage, spec, gathered, papers, holes, sewn));
            }
        }
        return new BookPlan.NextThing(
                Stage.SEW, true, Phrase.of("Sewn. Press it under a weight overnight, then put it on the shelf."));
    }

    private static Phrase words(
            Stage stage,
            BookSpec spec,
            Gathered gathered,
            List<PaperPlan> papers,
            Optional<Holes> holes,
            Optional<SewingPlan> sewn) {
        return switch (stage) {
            case PURPOSE -> Phrase.of("Say what it is for");
            case PAPER -> paper(spec, papers);
            case GATHER -> gather(spec, gathered);
            case STATIONS ->
                holes.map(made -> Phrase.of(
                                "Settle where the {} holes go", made.list().holes()))
                        .orElse(NO_HOLES);
            case TEMPLATE ->
                holes.map(made -> Phrase.of(
                                "Print the template and punch {}",
                                things(made.list().holes(), "hole")))
                        .orElse(NO_HOLES);
            default ->
                sewn.map(sewing -> sew(stage, spec, sewing))
                        .orElseGet(() -> Phrase.of(
                                "Holes are planned; as they are, a {} cannot be sewn through them",
                                spec.bound().name().toLowerCase(Locale.ROOT)));
        };
    }

    private static Phrase paper(BookSpec spec, List<PaperPlan> papers) {
        PaperPlan main = papers.get(0);
        String name = main.paper().paper().name();
        Optional<CuttingPlan> cutting = main.cutting().filter(CuttingPlan::possible);
        if (cutting.isPresent() && cutting.get().shortOf() > 0) {
            return Phrase.of("Get {} more of {}", things(cutting.get().shortOf(), "stock sheet"), name);
        }
        if (cutting.isPresent()) {
            return Phrase.of(
                    "Cut {} of {} into {}",
                    things(cutting.get().stockSheets(), "stock sheet"),
                    name,
                    things(main.sheets(), "sheet"));
        }
        if (main.demands().isEmpty()) {
            return Phrase.of("Cut the sheets of the recipe");
        }
        return Phrase.of(
                "Cut {} of {} to {} × {}",
                things(main.sheets(), "sheet"),
                name,
                main.demands().get(0).width().at(Fineness.CUT),
                main.demands().get(0).height().at(Fineness.CUT));
    }

    private static Phrase gather(BookSpec spec, Gathered gathered) {
        if (!(gathered instanceof Gathered.InSignatures folded)) {
            return Phrase.of("Tap {} level at the spine and clamp them", things(gathered.sheets(), "sheet"));
        }
        int signatures = folded.sharing().signatures();
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

    private static Phrase sew(Stage stage, BookSpec spec, SewingPlan sewn) {
        return switch (stage) {
            case THREAD ->
                Phrase.of(
                        sewn.need().pieces().size() == 1
                                ? "Cut {} of {}"
                                : "Cut {} of {}, in " + sewn.need().pieces().size() + " lengths",
                        sewn.need().cut().length().at(Fineness.THREAD),
                        spec.thread().thread().name());
            default -> Phrase.of("Sew it: {}", things(SewingStep.of(sewn.path()).size(), "move"));
        };
    }

    private static String things(int number, String thing) {
        return number + " " + thing + (number == 1 ? "" : "s");
    }
}
