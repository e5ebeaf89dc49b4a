package itomichi.server.imposing;

import itomichi.server.imposing.ImpositionView.JobView;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Texts laid out and printed, over HTTP. */
@RestController
@RequestMapping("/api/books/{book}")
class ImpositionController {

    private final ImpositionService service;
    private final Jobs jobs;

    ImpositionController(ImpositionService service, Jobs jobs) {
        this.service = service;
        this.jobs = jobs;
    }

    /** What is to be made: for which printer, where it turns stacks in its own way; whether in reading order. */
    record PrintingSent(@Nullable UUID printer, boolean proof) {}

    @GetMapping("/imposition")
    ImpositionView look(@PathVariable UUID book) {
        return ImpositionView.of(service.look(book));
    }

    @PutMapping("/imposition")
    ImpositionView keep(@PathVariable UUID book, @RequestBody PrintWishDocument wish) {
        return ImpositionView.of(service.keep(book, wish));
    }

    @PostMapping("/printing")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView print(@PathVariable UUID book, @RequestBody PrintingSent sent) {
        Job job = service.print(book, sent.printer(), sent.proof());
        return new JobView(job.state(), job.done(), job.of(), job.line(), job.files(), false);
    }

    /** How far it is. */
    @GetMapping("/printing")
    JobView printing(
            @PathVariable UUID book,
            @org.springframework.web.bind.annotation.RequestParam(required = false) @Nullable UUID printer) {
        return JobView.of(jobs.of(book), service.mark(book, printer))
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "Nothing is being printed of this book."));
    }

    @DeleteMapping("/printing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID book) {
        jobs.stop(book);
    }

    @GetMapping(value = "/printing/{number}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<Resource> printed(@PathVariable UUID book, @PathVariable int number) {
        ImpositionService.Printed printed = service.printed(book, number);
        String name = ContentDisposition.inline()
                .filename(printed.name() + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .header(HttpHeaders.CACHE_CONTROL, "no-cache")
                .body(new FileSystemResource(printed.file()));
    }
}
