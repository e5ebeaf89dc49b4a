package itomichi.server.sewing;

import itomichi.path.SewingStep;
import itomichi.recovery.Misstep;
import itomichi.server.plan.InUnits;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rehearsing the sewing over HTTP. */
@RestController
@RequestMapping("/api/books/{id}/rehearsal")
class RehearsalController {

    private final Rehearsals rehearsals;

    RehearsalController(Rehearsals rehearsals) {
        this.rehearsals = rehearsals;
    }

    /**
     * What a learner would do next.
     *
     * @param step steps done
     * @param kind what it is
     * @param station the hole, for a pass
     */
    record Answer(int step, SewingStep.@Nullable Kind kind, int station) {}

    /** Whether it is right, and what it would do if not. */
    record JudgedView(boolean right, InUnits words) {}

    @PostMapping
    JudgedView judge(@PathVariable UUID id, @RequestBody Answer answer) {
        SewingStep.Kind kind = answer.kind();
        if (kind == null) {
            throw new UnfitValueException("kind", "What would be done next is wanted; read none.");
        }
        Misstep judged = rehearsals.judge(id, answer.step(), kind, answer.station());
        return new JudgedView(judged.right(), InUnits.of(judged.words()));
    }

    @GetMapping
    List<Rehearsals.Trouble> troubles(@PathVariable UUID id) {
        return rehearsals.troubles(id);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        rehearsals.forget(id);
    }
}
