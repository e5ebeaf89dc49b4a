package itomichi.server.platform;

import org.jooq.DSLContext;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says whether the application and its database answer. */
@RestController
class HealthController {

    private final DSLContext database;

    HealthController(DSLContext database) {
        this.database = database;
    }

    /** How it is with the application; a database that does not answer is a problem like any other. */
    record Health(String state) {}

    @GetMapping("/api/health")
    Health health() {
        database.selectOne().fetch();
        return new Health("well");
    }
}
