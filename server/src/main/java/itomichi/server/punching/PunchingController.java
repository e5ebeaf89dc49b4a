package itomichi.server.punching;

import itomichi.server.platform.Sent;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The punching list over HTTP. */
@RestController
@RequestMapping("/api/books/{id}/punching")
class PunchingController {

    private final PunchingTicks ticks;

    PunchingController(PunchingTicks ticks) {
        this.ticks = ticks;
    }

    /** Lines that are ticked, from 0. */
    record Ticked(List<Integer> ticked) {
        Ticked {
            ticked = List.copyOf(Sent.given("ticked", ticked));
        }
    }

    @GetMapping
    TickStore.Ticks punched(@PathVariable UUID id) {
        return ticks.punched(id);
    }

    @PutMapping
    TickStore.Ticks keep(@PathVariable UUID id, @RequestBody Ticked ticked) {
        return ticks.keep(id, ticked.ticked());
    }
}
