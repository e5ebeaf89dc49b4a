package itomichi.remarks;

import itomichi.cover.CoverChoices;
import itomichi.cover.CoverFault;
import itomichi.cover.Dimension;
import itomichi.cover.SewnBlock;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.plan.CoverPlan;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What is to be said about the cover, and about a block that came out otherwise than planned. */
final class CoverRemarks {

    private CoverRemarks() {}

    static List<Draft> of(BookSpec spec, CoverPlan plan) {
        List<Draft> said = new ArrayList<>();
        SewnBlock block = plan.base().block();
        for (Dimension dimension : block.all()) {
            if (dimension.equals(block.board()) && !plan.kind().boards()) {
                continue;
            }
            if (dimension.slipped()) {
                said.add(measured("block-slipped", dimension, "look for a point that slipped"));
            } else if (dimension.unexpected()) {
                said.add(otherThanPlanned(dimension));
            }
        }
        plan.work().faults().forEach(fault -> said.add(faulty(spec, fault)));
        return said;
    }

    private static Draft measured(String key, Dimension dimension, String then) {
        return Draft.stop(key, sentence(dimension, then));
    }

    private static Draft otherThanPlanned(Dimension dimension) {
        return Draft.note("block-other", sentence(dimension, "the cover is made to what was measured"));
    }

    private static Phrase sentence(Dimension dimension, String then) {
        return Phrase.of(
                "Measured {}, planned {} ({} to {}): the {}; {}.",
                dimension.length().at(Fineness.BUNDLE),
                dimension.planned().at(Fineness.BUNDLE),
                dimension.low().at(Fineness.BUNDLE),
                dimension.high().at(Fineness.BUNDLE),
                dimension.name(),
                then);
    }

    /** As a fault says, mended by what it names as usual again. */
    private static Draft faulty(BookSpec spec, CoverFault fault) {
        Draft said = Draft.of(fault.weight(), fault.key(), fault.words());
        CoverChoices before = spec.covering().choices();
        Map<String, Double> numbers = new HashMap<>(before.numbers());
        Map<String, String> schools = new HashMap<>(before.schools());
        numbers.keySet().removeAll(fault.settings());
        schools.keySet().removeAll(fault.settings());
        CoverChoices usual = new CoverChoices(numbers, schools);
        return usual.equals(before)
                ? said
                : said.mendedBy(
                        Phrase.of("Take what is usual"),
                        spec.withCovering(spec.covering().withChoices(usual)));
    }
}
