package itomichi.server.bench;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is to be known at the bench, over HTTP. */
@RestController
class BenchController {

    private final BenchNow now;

    BenchController(BenchNow now) {
        this.now = now;
    }

    @GetMapping("/api/bench")
    BenchNowView look() {
        return now.look();
    }
}
