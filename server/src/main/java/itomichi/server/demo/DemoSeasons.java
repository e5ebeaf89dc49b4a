package itomichi.server.demo;

import itomichi.book.BookPlan;
import itomichi.book.WorkList;
import itomichi.finding.Stage;
import itomichi.notebook.Entry;
import itomichi.notebook.NotebookPage;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocument.Measured;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.PlanViews;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** What the theatre bound in its last two seasons, with what came out of each. Everything in it is made up. */
final class DemoSeasons {

    private DemoSeasons() {}

    /**
     * A book that is finished.
     *
     * @param like the demo book that it is like
     * @param pages how many pages it has
     * @param ago days since it came to the shelf
     * @param thick share of the planned thickness that it came to
     * @param swell share of the planned thickness at the spine that it came to
     * @param slack thread that was used beyond the straight way, percent
     * @param minutes share of the planned minutes that it took
     * @param spoilt sheets
     */
    record Finished(
            String name,
            String purpose,
            String like,
            int pages,
            int ago,
            double thick,
            double swell,
            double slack,
            double minutes,
            int spoilt,
            String notes,
            String failed) {}

    private static final List<Finished> BOOKS = List.of(
            new Finished(
                    "Cue slips, The Salt Road",
                    "For the first hand on the bridge.",
                    "Cue slips, twelve hands",
                    16,
                    431,
                    0.98,
                    1.02,
                    4.4,
                    1.4,
                    1,
                    "Folded with the bone, pressed under the sewing box. Opens flat.",
                    "The first sheet was folded against the grain."),
            new Finished(
                    "Prompt book, The Salt Road",
                    "Every cue of the second autumn.",
                    "Prompt book, The Lantern Eater",
                    192,
                    404,
                    0.96,
                    1.05,
                    5.2,
                    1.3,
                    3,
                    "Kettles pulled along the fold, not away from it: no tear this time.",
                    ""),
            new Finished(
                    "Rigging notes, autumn tour",
                    "Knots, weights and who tied them.",
                    "Rigging notes, winter tour",
                    24,
                    397,
                    0.97,
                    1.0,
                    4.9,
                    1.25,
                    0,
                    "",
                    ""),
            new Finished(
                    "Scene diary, The Salt Road",
                    "One signature for each act.",
                    "Scene diary",
                    96,
                    372,
                    0.98,
                    1.03,
                    3.8,
                    1.35,
                    0,
                    "The flap wants five millimetres more when it is full of slips.",
                    ""),
            new Finished(
                    "Cue slips, Nine Lanterns",
                    "For the bridge, in the dark.",
                    "Cue slips, twelve hands",
                    20,
                    214,
                    0.97,
                    1.01,
                    4.1,
                    1.15,
                    0,
                    "Twenty minutes from stack to knot.",
                    ""),
            new Finished(
                    "Prompt book, Nine Lanterns",
                    "Lies open on the ledge by itself.",
                    "Prompt book, The Lantern Eater",
                    168,
                    187,
                    0.97,
                    1.04,
                    4.8,
                    1.1,
                    1,
                    "Sewn in two evenings. The thread was joined once, at the fourth kettle.",
                    "Squares are wider at the tail: the case dried without a weight for an hour."),
            new Finished(
                    "Rigging notes, spring tour",
                    "Knots, weights and who tied them.",
                    "Rigging notes, winter tour",
                    28,
                    163,
                    0.96,
                    1.02,
                    4.3,
                    1.05,
                    0,
                    "",
                    ""),
            new Finished(
                    "Prompt book, The Glass Ferry",
                    "The longest of them so far.",
                    "Prompt book, The Lantern Eater",
                    232,
                    96,
                    0.965,
                    1.06,
                    5.6,
                    1.05,
                    2,
                    "Two metres of thread in the work are too many; it knots itself.",
                    ""),
            new Finished(
                    "Cue slips, The Glass Ferry",
                    "Cut down from spoilt programme sheets.",
                    "Cue slips, twelve hands",
                    16,
                    41,
                    0.975,
                    1.0,
                    4.6,
                    1.05,
                    0,
                    "",
                    ""));

    /** As far as folds pressed at the theatre spring back at the least. */
    private static final double FOLDS_SPRING = 0.05;

    static List<Finished> all() {
        return BOOKS;
    }

    /** The book as it was finished, measured on the bench. */
    static BookDocument document(Finished one, BookDocument like) {
        BookSpec spec = BookDocuments.spec(like).withPages(one.pages()).madeIn(1, EditionWish.ALIKE);
        BookDocument book = BookDocuments.changed(
                like,
                spec.withTitle(new BookSpec.Title(
                        one.name(), one.purpose(), spec.title().unit())));
        var block = PlanViews.plan(book).covering().base().block();
        BookDocument.Covering usual = book.covering();
        return book.withCovering(new BookDocument.Covering(
                        usual.kind(),
                        usual.numbers(),
                        usual.schools(),
                        new Measured(
                                null,
                                null,
                                tenth(block.spine().planned().mm() * one.thick() * one.swell()),
                                tenth(block.foreEdge().planned().mm() * one.thick()),
                                null),
                        usual.stocks(),
                        usual.ticked()))
                .withDone(Arrays.asList(Stage.values()));
    }

    /** The stack at its folds as it was measured before it was sewn, mm; nothing of a single signature. */
    static OptionalDouble stackAtFolds(Finished one, BookDocument book) {
        return PlanViews.plan(book)
                .gathered()
                .folded()
                .filter(folded -> folded.block().signatures().size() > 1)
                .map(folded -> folded.block().foreEdge().length().mm() * one.thick())
                .map(edgeMm -> OptionalDouble.of(tenth(edgeMm * (1 + FOLDS_SPRING + (one.swell() - 1) / 2))))
                .orElse(OptionalDouble.empty());
    }

    private static double tenth(double mm) {
        return Math.round(mm * 10) / 10.0;
    }

    /** What is left of the thread that was cut, mm. */
    private static double left(Finished one, BookPlan plan) {
        var need = plan.sewn().need();
        return plan.spec().use().copies()
                * (need.cut().length().mm() - need.usedWith(one.slack()).mm());
    }

    /** What came out of it, as somebody would have written it down. */
    static Map<String, Double> readings(Finished one, BookDocument book) {
        BookPlan plan = PlanViews.plan(book);
        Map<String, Double> readings = new HashMap<>();
        for (Entry line : NotebookPage.of(plan, WorkList.of(plan).tasks(), Map.of(), Map.of())) {
            double planned = line.planned().number();
            switch (line.group()) {
                case THREAD ->
                    readings.put(
                            line.key(),
                            line.key().equals(NotebookPage.THREAD_CUT)
                                    ? planned
                                    : Math.max(0, Math.round(left(one, plan))));
                case WASTE -> readings.put(line.key(), (double) one.spoilt());
                case MINUTES -> readings.put(line.key(), (double) Math.max(1, Math.round(planned * one.minutes())));
                case BLOCK -> {
                    // measured at its cover
                }
            }
        }
        return readings;
    }
}
