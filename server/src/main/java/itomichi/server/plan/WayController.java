package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.platform.ProblemException;
import itomichi.spec.BookSpec;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The thread's way of a book as it is told, without keeping anything. */
@RestController
@RequestMapping("/api/plan/way")
class WayController {

    private static SewingPlan sewing(BookDocument document) {
        BookPlan plan = PlanViews.plan(document);
        return plan.sewing()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT, "As it is, this book cannot be sewn; the remarks say why."));
    }

    /** The work and every step. */
    @PostMapping
    WayView way(@RequestBody BookDocument document) {
        return WayViews.of(sewing(document));
    }

    /**
     * A way of sewing beside the others.
     *
     * @param key kept with the book
     * @param chosen whether the book is sewn so
     * @param impossible why it cannot be sewn so; empty where it can
     * @param thread thread it takes; left out where it cannot be sewn so
     * @param passes of the needle, each through a hole
     * @param document the book sewn so
     */
    record VariantView(
            String key,
            String words,
            String look,
            boolean chosen,
            String impossible,
            InUnits thread,
            InUnits hole,
            int passes,
            BookDocument document) {}

    /** Every way of sewing its structure, with what each does to thread and holes. */
    @PostMapping("/variants")
    List<VariantView> variants(@RequestBody BookDocument document) {
        BookSpec spec = BookDocuments.spec(document);
        List<VariantView> views = new ArrayList<>();
        spec.stitching()
                .ifPresent(
                        stitching -> stitching.variants().forEach(variant -> views.add(view(document, spec, variant))));
        return views;
    }

    private static VariantView view(BookDocument document, BookSpec spec, Stitching.Variant variant) {
        BookSpec other = spec.withStitch(spec.stitch().withVariant(variant.key()));
        BookPlan plan = Planner.planUnmended(other);
        String impossible =
                plan.sewing().isPresent() ? "" : spec.stitching().orElseThrow().stationsWanted(variant.key());
        return new VariantView(
                variant.key(),
                variant.words(),
                variant.look(),
                variant.key().equals(spec.variant()),
                impossible,
                InUnits.of(plan.figure("thread")),
                InUnits.of(plan.figure("hole")),
                plan.sewing().map(SewingPlan::passes).orElse(0),
                BookDocuments.changed(document, other));
    }
}
