package itomichi.server.platform;

import org.jooq.DSLContext;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says whether the application and its database answer. */
@RestController
class HealthController {

    private final DSLContext database;
    private final ApplicationAvailability availability;

    HealthController(DSLContext database, ApplicationAvailability availability) {
        this.database = database;
        this.availability = availability;
    }

    /** How it is with the application; a database that does not answer is a problem like any other. */
    record Health(String state) {}

    @GetMapping("/api/health")
    Health health() {
        // The first start lays out the demo before anybody is let to the bench.
        if (availability.getReadinessState() != ReadinessState.ACCEPTING_TRAFFIC) {
            throw new ProblemException(HttpStatus.SERVICE_UNAVAILABLE, "The bench is being laid out.");
        }
        database.selectOne().fetch();
        return new Health("well");
    }
}
