package itomichi.server.instrument;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.server.plan.InUnits;
import itomichi.server.platform.Sent;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The caliper at the bench, and what lies between the jaws of the simulated one. */
@RestController
@RequestMapping("/api/caliper")
class CaliperController {

    private final Caliper caliper;
    private final SimulatedCaliper simulated;

    CaliperController(SimulatedCaliper simulated) {
        this.caliper = simulated;
        this.simulated = simulated;
    }

    /** The caliper, and what may be laid between its jaws. */
    record CaliperView(String name, Jaws jaws, List<StuffView> stuffs) {}

    /** Something to measure. */
    record StuffView(SimulatedCaliper.Stuff key, String words) {}

    /** What lies between the jaws. */
    record Jaws(SimulatedCaliper.Stuff stuff, int number) {
        Jaws {
            Sent.given("stuff", stuff);
        }
    }

    /** What it reads. */
    record CaliperReading(double mm, InUnits shown) {}

    @GetMapping
    CaliperView caliper() {
        return new CaliperView(
                caliper.name(),
                new Jaws(simulated.stuff(), simulated.number()),
                Arrays.stream(SimulatedCaliper.Stuff.values())
                        .map(stuff -> new StuffView(stuff, stuff.words()))
                        .toList());
    }

    @PutMapping("/jaws")
    CaliperView lay(@RequestBody Jaws jaws) {
        simulated.lay(jaws.stuff(), jaws.number());
        return caliper();
    }

    @PostMapping("/reading")
    CaliperReading read() {
        Length length = caliper.read();
        return new CaliperReading(length.mm(), InUnits.of(length.at(Fineness.CALIPER)));
    }
}
