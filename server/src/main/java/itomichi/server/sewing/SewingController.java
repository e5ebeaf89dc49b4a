package itomichi.server.sewing;

import itomichi.measure.Length;
import itomichi.recovery.Straying;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.WayView;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The place in the sewing, and the way back to it, over HTTP. */
@RestController
@RequestMapping("/api/books/{id}/sewing")
class SewingController {

    /** More wrong holes than that nobody remembers. */
    private static final int MOST_WRONG = 200;

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

    /** The thread's way as it is really sewn. */
    @GetMapping("/way")
    WayView way(@PathVariable UUID id) {
        return places.way(id);
    }

    /**
     * Wrong holes.
     *
     * @param step moves sewn as they should be
     * @param holes stations the needle went through since, in this signature
     * @param leftMm thread left on the needle, if it was measured
     */
    record Strayed(
            int step,
            boolean outsideUp,
            List<Integer> holes,
            @Nullable Double leftMm) {
        Strayed {
            if (holes == null || holes.contains(null) || holes.size() > MOST_WRONG) {
                throw new UnfitValueException(
                        "holes",
                        "Up to " + MOST_WRONG + " holes, one after the other, are wanted; read " + holes + ".");
            }
        }

        private Optional<Length> left() {
            Double measured = leftMm;
            if (measured == null) {
                return Optional.empty();
            }
            if (!(measured >= 0 && measured <= 1e6)) {
                throw new UnfitValueException(
                        "leftMm", "Read " + measured + " mm; the length of thread left is wanted.");
            }
            return Optional.of(Length.ofMm(measured));
        }
    }

    /**
     * The way back.
     *
     * @param unpicked stitches to take back
     * @param order the rest of this signature, written
     * @param enough whether the thread left is enough
     * @param step where the sewing then is
     */
    record BackView(
            int unpicked, boolean asPlanned, InUnits words, String order, InUnits thread, boolean enough, int step) {

        private static BackView of(Straying way) {
            return new BackView(
                    way.unpicked(),
                    way.asPlanned(),
                    InUnits.of(way.words()),
                    way.order(),
                    InUnits.of(way.thread()),
                    !way.left().isLessThan(way.needed()),
                    way.step());
        }
    }

    @PostMapping("/back")
    BackView back(@PathVariable UUID id, @RequestBody Strayed strayed) {
        return BackView.of(places.back(id, strayed.step(), strayed.holes(), strayed.left()));
    }

    @PutMapping("/back")
    SewingPlace goBack(@PathVariable UUID id, @RequestBody Strayed strayed) {
        return places.goBack(id, strayed.step(), strayed.outsideUp(), strayed.holes());
    }
}
