package itomichi.server.demo;

import itomichi.documents.drawing.Ink;
import java.util.Map;
import java.util.Optional;

/** Templates that the theatre has kept of its books, by the book. Everything in them is made up. */
final class DemoTemplates {

    private static final Map<String, Label> KEPT = Map.of(
            "Cue slips, twelve hands",
            new Label("Slip, three holes", "The whole troupe punches with this one.", Ink.MADDER),
            "Scene diary",
            new Label("Diary cover, five acts", "Same cover stuff every season.", Ink.INDIGO),
            "Rigging notes, winter tour",
            new Label("Pocket notes", "", Ink.VERDIGRIS),
            "Shadow figures, patterns",
            new Label("Pattern sheets, tall", "Drill at the carpenter’s bench.", Ink.PLUM));

    private DemoTemplates() {}

    /** What is written on a template. */
    record Label(String name, String notes, Ink ink) {}

    static Optional<Label> of(String book) {
        return Optional.ofNullable(KEPT.get(book));
    }
}
