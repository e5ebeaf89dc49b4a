package itomichi.server.copies;

import itomichi.documents.sheets.LabelForm;
import itomichi.documents.sheets.LabelSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.edition.CopyStage;
import itomichi.server.platform.Sent;
import itomichi.server.printer.Printers;
import itomichi.server.template.SheetFiles;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A book's copies over HTTP. */
@RestController
@RequestMapping("/api/books/{id}/copies")
class CopiesController {

    private final CopiesService copies;
    private final Printers printers;

    CopiesController(CopiesService copies, Printers printers) {
        this.copies = copies;
        this.printers = printers;
    }

    /** A stage ticked of copies, or taken back. */
    record CopyTicks(List<Integer> copies, CopyStage stage, boolean done) {
        CopyTicks {
            copies = List.copyOf(Sent.given("copies", copies));
            Sent.given("stage", stage);
        }
    }

    /** What was being done when a copy was spoilt; left out where it is the first that is not done. */
    record CopySpoilt(@Nullable CopyStage at) {}

    /** Whether a copy is not made any more. */
    record CopyLeftOut(boolean leftOut) {}

    @GetMapping
    CopiesView look(@PathVariable UUID id) {
        return copies.look(id);
    }

    /** Slips for the copies, as they are printed: which form of labels, on which paper, by which printer. */
    @GetMapping(value = "/slips.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> slips(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "SLIPS") LabelForm form,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(required = false) @Nullable UUID printer) {
        CopiesService.Slips slips = copies.slips(id);
        return SheetFiles.pdf(
                slips.book(),
                "slips",
                LabelSheet.draw(slips.book(), slips.labels(), form, paper, printers.correction(printer)));
    }

    @PutMapping("/ticks")
    CopiesView tick(@PathVariable UUID id, @RequestBody CopyTicks ticks) {
        return copies.tick(id, ticks.copies(), ticks.stage(), ticks.done());
    }

    @PostMapping("/{copy}/spoilt")
    CopiesView spoil(@PathVariable UUID id, @PathVariable int copy, @RequestBody CopySpoilt spoilt) {
        return copies.spoil(id, copy, spoilt.at());
    }

    @DeleteMapping("/spoilt/{spoilt}")
    CopiesView mend(@PathVariable UUID id, @PathVariable UUID spoilt) {
        return copies.mend(id, spoilt);
    }

    @PutMapping("/{copy}/left-out")
    CopiesView leaveOut(@PathVariable UUID id, @PathVariable int copy, @RequestBody CopyLeftOut sent) {
        return copies.leaveOut(id, copy, sent.leftOut());
    }
}
