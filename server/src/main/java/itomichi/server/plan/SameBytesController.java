package itomichi.server.plan;

import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StartingBook;
import org.springframework.context.annotation.Profile;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What the plan endpoint is measured against: the same request, the same bytes, nothing worked out. Only there for the benchmark. */
@RestController
@Profile("benchmark")
class SameBytesController {

    private final byte[] bytes;

    SameBytesController(JsonMapper json) {
        bytes = json.writeValueAsBytes(PlanViews.of(StartingBook.in(Unit.MM)));
    }

    @PostMapping(value = "/api/benchmark/same-bytes", produces = MediaType.APPLICATION_JSON_VALUE)
    byte[] same(@RequestBody BookDocument ignored) {
        return bytes;
    }
}
