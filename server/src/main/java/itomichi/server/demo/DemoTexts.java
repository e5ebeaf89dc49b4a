package itomichi.server.demo;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** What two books of the theatre are printed with: made up for this, so that a text can be laid on sheets at once. */
final class DemoTexts {

    private static final List<String> FIGURES = List.of(
            "Moth",
            "the Lantern Eater",
            "the ferryman",
            "Old Pulley",
            "the twelve hands",
            "the boy with the jar",
            "the owl",
            "Salt");
    private static final List<String> ACTS = List.of(
            "comes down, strings slack",
            "looks for the light and does not find it",
            "goes up on the third line",
            "turns twice, slowly",
            "waits behind the gauze",
            "sets the lamp down",
            "crosses to the ledge, two beats",
            "says nothing; the hands hold still");
    private static final List<String> CALLS = List.of(
            "lamp to half", "drum, once", "gauze down", "wind, from the left", "all lamps out", "bell under the stage");

    private static final List<String> ENGLISH = List.of(
            "The Lantern Eater",
            "Moth and Pulley, a travelling marionette theatre",
            "A play for twelve hands and one lamp, in three acts.",
            "The figures, in the order in which they come down.",
            "Act one. The lamp is lit, and something is hungry.",
            "Act two. The ferry crosses without a light.",
            "Act three. What was eaten is still burning.",
            "How a figure is strung: nine threads, one bar, two wrists.",
            "The lamp is real. Please do not clap while it is dark.",
            "Hands: all of them. Voices: most of them.",
            "What we carry: two crates, one stage, a ladder.",
            "Next season: the salt road.",
            "This book was sewn between two towns.",
            "Turn it over: it begins again from the other side.",
            "Notes",
            "Notes");
    private static final List<String> OTHER = List.of(
            "La lanternomanĝanto",
            "Noktopapilio kaj Pulio, vojaĝanta pupteatro",
            "Teatraĵo por dek du manoj kaj unu lampo, en tri aktoj.",
            "La figuroj, en la ordo de sia alveno.",
            "Unua akto. La lampo brulas, kaj io malsatas.",
            "Dua akto. La pramo transiras sen lumo.",
            "Tria akto. La manĝita ankoraŭ brulas.",
            "Naŭ fadenoj, unu stango, du manradikoj.",
            "La lampo estas vera. Ne aplaŭdu en mallumo.",
            "Manoj: ĉiuj. Voĉoj: la plej multaj.",
            "Ni portas du kestojn, unu scenejon, ŝtupetaron.",
            "Sekva sezono: la sala vojo.",
            "Ĉi tiu libro estis kudrita inter du urboj.",
            "Notoj");

    /**
     * A text.
     *
     * @param name of its file
     * @param drawing its pages
     */
    record DemoText(String name, Drawing drawing) {}

    private DemoTexts() {}

    /** The text of a book of the demo; nothing of those that are written by hand. */
    static Optional<DemoText> of(String book) {
        return Optional.ofNullable(Map.of(
                        "Programme, The Lantern Eater",
                        new DemoText("programme.pdf", programme()),
                        "Prompt book, The Lantern Eater",
                        new DemoText("prompt-book.pdf", promptBook()))
                .get(book));
    }

    private static Drawing programme() {
        List<Drawing.Page> pages = new ArrayList<>();
        for (List<String> language : List.of(ENGLISH, OTHER)) {
            for (int i = 0; i < language.size(); i++) {
                List<Shape> shapes = new ArrayList<>();
                set(shapes, language.get(i), 139.7 / 2, i == 0 ? 80 : 60, i == 0 ? 9 : 5, 34);
                shapes.add(new Shape.Words(139.7 / 2, 200, "" + (i + 1), 4, true, false));
                pages.add(new Drawing.Page(139.7, 215.9, shapes));
            }
        }
        return new Drawing("The Lantern Eater, programme", pages);
    }

    /** Words in lines of so many letters at most, each in the middle. */
    private static void set(List<Shape> shapes, String words, double xMm, double yMm, double sizeMm, int letters) {
        int most = (int) (letters * 5 / sizeMm);
        String rest = words;
        double y = yMm;
        while (!rest.isEmpty()) {
            int end = rest.length() <= most ? rest.length() : rest.lastIndexOf(' ', most);
            shapes.add(new Shape.Words(xMm, y, rest.substring(0, end), sizeMm, true, false));
            rest = rest.substring(end).strip();
            y += sizeMm * 1.5;
        }
    }

    private static Drawing promptBook() {
        return new Drawing(
                "The Lantern Eater, prompt book",
                IntStream.rangeClosed(1, 216).mapToObj(DemoTexts::cues).toList());
    }

    private static Drawing.Page cues(int page) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Words(
                18,
                26,
                "Act " + "I".repeat(1 + (page - 1) / 72) + ", scene " + (1 + (page - 1) % 72 / 9),
                5,
                false,
                false));
        for (int i = 0; i < 15; i++) {
            int cue = (page - 1) * 15 + i;
            String line = cue + 1 + ".  " + capital(pick(FIGURES, cue * 5 + page)) + " "
                    + pick(ACTS, cue * 3 + page / 2) + (i % 4 == 2 ? "; " + pick(CALLS, cue + page) : "");
            shapes.add(new Shape.Words(18, 40 + i * 10, line, 3.1, false, false));
        }
        shapes.add(new Shape.Words(74, 200, "" + page, 4, true, false));
        return new Drawing.Page(148, 210, shapes);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    private static String pick(List<String> words, int number) {
        return words.get(number % words.size());
    }
}
