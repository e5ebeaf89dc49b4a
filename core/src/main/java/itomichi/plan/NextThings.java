package itomichi.plan;

import itomichi.gathering.Signature;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.station.Stations;

/** Says what to do next, from the stages that are done. */
final class NextThings {

    private NextThings() {}

    static BookPlan.NextThing of(BookSpec spec, Signature signature, Stations stations, ThreadNeed thread) {
        for (Stage stage : Stage.values()) {
            if (!spec.done().contains(stage)) {
                return new BookPlan.NextThing(stage, false, words(stage, spec, signature, stations, thread));
            }
        }
        return new BookPlan.NextThing(
                Stage.SEW, true, Phrase.of("Sewn. Press it under a weight overnight, then put it on the shelf."));
    }

    private static Phrase words(Stage stage, BookSpec spec, Signature signature, Stations stations, ThreadNeed thread) {
        return switch (stage) {
            case PURPOSE -> Phrase.of("Say what it is for");
            case PAPER ->
                Phrase.of(
                        "Cut {} of {} to {} × {}",
                        things(signature.sheets(), "sheet"),
                        spec.paper().name(),
                        spec.leaf().width().times(2).at(Fineness.CUT),
                        spec.leaf().height().at(Fineness.CUT));
            case GATHER ->
                Phrase.of(
                        "Fold {} of {}{}",
                        things(signature.sheets(), "sheet"),
                        spec.paper().name(),
                        signature.sheets() == 1 ? "" : " and nest them");
            case STATIONS -> Phrase.of("Settle where the {} holes go", stations.count());
            case TEMPLATE -> Phrase.of("Print the strip and punch {}", things(stations.count(), "hole"));
            case THREAD ->
                Phrase.of(
                        "Cut {} of {}",
                        Length.ofMm(thread.cut().result().number()).at(Fineness.THREAD),
                        spec.thread().thread().name());
            case SEW -> Phrase.of("Sew it: {}", things(thread.steps().size(), "move"));
        };
    }

    private static String things(int number, String thing) {
        return number + " " + thing + (number == 1 ? "" : "s");
    }
}
