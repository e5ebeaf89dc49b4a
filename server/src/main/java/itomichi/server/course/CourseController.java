package itomichi.server.course;

import itomichi.documents.sheets.Handout;
import itomichi.documents.sheets.KitSheet;
import itomichi.documents.sheets.LabelForm;
import itomichi.documents.sheets.LabelSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.TemplateSheet;
import itomichi.server.course.CourseView.CourseLine;
import itomichi.server.plan.WayView;
import itomichi.server.plan.WayViews;
import itomichi.server.platform.Csv;
import itomichi.server.platform.Sent;
import itomichi.server.printer.Printers;
import itomichi.server.template.SheetFiles;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Classes over HTTP. */
@RestController
@RequestMapping("/api/classes")
class CourseController {

    private final CourseService courses;
    private final Printers printers;
    private final Clock clock;

    CourseController(CourseService courses, Printers printers, Clock clock) {
        this.courses = courses;
        this.printers = printers;
        this.clock = clock;
    }

    @GetMapping
    List<CourseLine> all() {
        return courses.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CourseView begin(@RequestBody CourseDocument document) {
        Sent.given("bookId", document.bookId());
        return courses.begin(document);
    }

    @GetMapping("/{id}")
    CourseView look(@PathVariable UUID id) {
        return courses.look(id);
    }

    @PutMapping("/{id}")
    CourseView keep(@PathVariable UUID id, @RequestBody CourseDocument document) {
        Sent.given("bookId", document.bookId());
        return courses.keep(id, document);
    }

    /** Takes what all kits hold out of the drawers. */
    @PostMapping("/{id}/taken")
    CourseView take(@PathVariable UUID id) {
        return courses.take(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        courses.remove(id);
    }

    /** Labels of the envelopes, as they are printed: which form, on which paper, by which printer. */
    @GetMapping(value = "/{id}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "SLIPS") LabelForm form,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(required = false) @Nullable UUID printer) {
        CourseService.Labels labels = courses.labels(id);
        return SheetFiles.pdf(
                labels.name(),
                "labels",
                LabelSheet.draw(
                        labels.name(), labels.labels(), form.checked(paper), paper, printers.correction(printer)));
    }

    /** The sewing for hands that do it for the first time: which form, with the needle in which hand. */
    @GetMapping(value = "/{id}/handout.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> handout(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "TWO_TO_A_SHEET") Handout.Form form,
            @RequestParam(defaultValue = "false") boolean leftHanded,
            @RequestParam(defaultValue = "A4") PrintPaper paper) {
        CourseService.Sewn sewn = courses.sewn(id);
        return SheetFiles.pdf(sewn.name(), "handout", Handout.draw(sewn.plan(), form, leftHanded, paper));
    }

    /** A template for each envelope, laid on as often as a page has room. */
    @GetMapping(value = "/{id}/template.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> template(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(required = false) @Nullable UUID printer) {
        TemplateSheet sheet = courses.templates(id, LocalDate.now(clock), address(id));
        return SheetFiles.pdf(
                sheet.plan().spec().title().name(), "templates", sheet.draw(paper, printers.correction(printer)));
    }

    /** The work and every step of it, as it is sewn in the class. */
    @GetMapping("/{id}/way")
    WayView way(@PathVariable UUID id) {
        return WayViews.of(courses.sewn(id).plan().sewn());
    }

    private static String address(UUID id) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/classes/" + id)
                .toUriString();
    }

    /** What lies where and what is to be made ready, to be printed. */
    @GetMapping(value = "/{id}/kits.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printed(@PathVariable UUID id, @RequestParam(defaultValue = "A4") PrintPaper paper) {
        CourseService.Listed listed = courses.listed(id, address(id));
        return SheetFiles.pdf(listed.name(), "kits", KitSheet.draw(listed.listing(), paper, LocalDate.now(clock)));
    }

    /** The same, for a program that shows tables. */
    @GetMapping(value = "/{id}/kits.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable UUID id) {
        CourseService.Listed listed = courses.listed(id, address(id));
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("Where", "What"));
        listed.listing()
                .sections()
                .forEach(section -> section.lines().forEach(line -> rows.add(List.of(section.name(), line))));
        return SheetFiles.csv(listed.name(), "kits", Csv.write(rows).getBytes(StandardCharsets.UTF_8));
    }
}
