package itomichi.server.pages;

import itomichi.documents.sheets.GatherSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.pages.PagePlan;
import itomichi.server.document.BookDocument;
import itomichi.server.pages.GatherListService.GatherListView;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.Sent;
import itomichi.server.template.SheetFiles;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Which page lies where, over HTTP. */
@RestController
class PagesController {

    private final GatherListService lists;
    private final Clock clock;

    PagesController(GatherListService lists, Clock clock) {
        this.lists = lists;
        this.clock = clock;
    }

    /** Which page lies where in a book as it is just now. */
    @PostMapping("/api/plan/pages")
    PagePlanView pages(@RequestBody BookDocument document) {
        var plan = PlanViews.plan(document);
        return PagePlanView.of(document, plan.spec(), PagePlan.of(plan.worked()));
    }

    /** Signatures that are ticked, from 0. */
    record SignaturesTicked(List<Integer> ticked) {
        SignaturesTicked {
            ticked = List.copyOf(Sent.given("ticked", ticked));
        }
    }

    @GetMapping("/api/books/{id}/gather-list")
    GatherListView lists(@PathVariable UUID id) {
        return lists.look(id);
    }

    @PutMapping("/api/books/{id}/gather-list")
    GatherListView tick(@PathVariable UUID id, @RequestBody SignaturesTicked sent) {
        return lists.keep(id, sent.ticked());
    }

    /** The list to gather by. */
    @GetMapping(value = "/api/books/{id}/gather-list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printed(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        GatherListService.Printed list = lists.printed(id);
        return SheetFiles.pdf(
                list.book(),
                "gathering",
                GatherSheet.draw(list.book(), list.list(), list.ticked(), paper, LocalDate.now(clock), list.unit()));
    }
}
