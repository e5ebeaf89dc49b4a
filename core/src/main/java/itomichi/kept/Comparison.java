package itomichi.kept;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.station.SideHole;
import java.util.ArrayList;
import java.util.List;

/**
 * How a kept template differs from what a plan says now.
 *
 * @param differences each in a sentence; none where they are the same to within what a punch can tell
 */
public record Comparison(List<Phrase> differences) {

    /** Nearer than this, two holes are the same to an awl: common practice. */
    static final Length SAME = Length.ofMm(0.25);

    public Comparison {
        differences = List.copyOf(differences);
    }

    /** Compares the template that was kept with the one that a plan makes now. */
    public static Comparison of(KeptTemplate kept, KeptTemplate now) {
        List<Phrase> said = new ArrayList<>();
        measure("Height", kept.height(), now.height(), said);
        places("Station", kept.stations().fromHead(), now.stations().fromHead(), said);
        if (kept.cover().isPresent() && now.cover().isPresent()) {
            cover(kept.cover().get(), now.cover().get(), said);
        } else if (kept.cover().isPresent() != now.cover().isPresent()) {
            said.add(Phrase.of(
                    kept.cover().isPresent()
                            ? "It lies on a cover; the plan sews through none."
                            : "It lies on folds only; the plan sews through a cover."));
        }
        side(kept.side(), now.side(), said);
        return new Comparison(said);
    }

    private static void cover(KeptTemplate.OfCover kept, KeptTemplate.OfCover now, List<Phrase> said) {
        measure("Cover height", kept.height(), now.height(), said);
        measure("Spine", kept.spine(), now.spine(), said);
        measure("Square at the head", kept.head(), now.head(), said);
        places("Row", kept.rows(), now.rows(), said);
    }

    private static void side(List<SideHole> kept, List<SideHole> now, List<Phrase> said) {
        if (kept.size() != now.size()) {
            said.add(Phrase.of("It has {} holes through the side; the plan has {}.", kept.size(), now.size()));
            return;
        }
        for (int i = 0; i < kept.size(); i++) {
            double offMm = kept.get(i).toMm(now.get(i));
            if (offMm > SAME.mm()) {
                said.add(Phrase.of(
                        "Hole {} lies {} from where the plan has it.",
                        i + 1,
                        Length.ofMm(offMm).at(Fineness.MARK)));
            }
        }
    }

    private static void places(String what, List<Length> kept, List<Length> now, List<Phrase> said) {
        if (kept.size() != now.size()) {
            said.add(Phrase.of("{}s: it has {}, the plan has {}.", what, kept.size(), now.size()));
            return;
        }
        for (int i = 0; i < kept.size(); i++) {
            measure(what + " " + (i + 1), kept.get(i), now.get(i), said);
        }
    }

    private static void measure(String what, Length kept, Length now, List<Phrase> said) {
        if (Math.abs(kept.minus(now).micrometres()) > SAME.micrometres()) {
            said.add(Phrase.of(
                    "{}: {} on the template, {} in the plan.", what, kept.at(Fineness.MARK), now.at(Fineness.MARK)));
        }
    }
}
