package itomichi.server.sewing;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The place in the sewing over HTTP. */
@RestController
@RequestMapping("/api/books/{id}/sewing")
class SewingController {

    private final SewingPlaces places;

    SewingController(SewingPlaces places) {
        this.places = places;
    }

    /** Where the binder says the needle is. */
    record Told(int step, boolean outsideUp) {}

    @GetMapping
    SewingPlace place(@PathVariable UUID id) {
        return places.place(id);
    }

    @PutMapping
    SewingPlace keep(@PathVariable UUID id, @RequestBody Told told) {
        return places.keep(id, told.step(), told.outsideUp());
    }
}
