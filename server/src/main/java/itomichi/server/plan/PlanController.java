package itomichi.server.plan;

import itomichi.server.document.BookDocument;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Plans without keeping anything: what a drag shows while it lasts. */
@RestController
class PlanController {

    @PostMapping("/api/plan")
    PlanView plan(@RequestBody BookDocument document) {
        return PlanViews.of(document);
    }
}
