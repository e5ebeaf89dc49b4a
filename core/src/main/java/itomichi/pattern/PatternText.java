package itomichi.pattern;

import itomichi.measure.Length;
import itomichi.path.Edge;
import itomichi.pattern.OwnPattern.Line;
import itomichi.pattern.OwnPattern.Turn;
import itomichi.station.SidePosition;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The written form of a pattern, in which binders share it.
 *
 * <pre>
 * pattern NAME                 the first line
 * fold HEIGHT | side HEIGHT    through a fold, or through the side of a block, so high
 * hole HEAD [ SPINE ]          a hole so far from the head, and through the side so far from the spine; numbered from 1
 * outside A-B ...              stitches from hole A to hole B; inside, front and back likewise
 * wrap A EDGE ...              round spine, head or tail at hole A
 * </pre>
 *
 * <p>All lengths are in mm. Blank lines are passed over. Cost grows with the length of the text.
 */
public final class PatternText {

    /** Longest text read, in characters. */
    static final int LONGEST = 100_000;

    private static final Pattern WORD = Pattern.compile("\\S+");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,4}(\\.\\d{1,3})?");
    private static final Pattern STITCH = Pattern.compile("(\\d{1,4})-(\\d{1,4})");

    private PatternText() {}

    /** What came of reading. */
    public sealed interface Parsed {

        /** A pattern. */
        record Read(OwnPattern pattern) implements Parsed {}

        /**
         * The first thing wrong.
         *
         * @param line from 1
         * @param column from 1
         * @param message what was read and what is wanted
         */
        record Fault(int line, int column, String message) implements Parsed {}
    }

    /** Writes a pattern down. */
    public static String write(OwnPattern pattern) {
        StringBuilder text =
                new StringBuilder("pattern ").append(pattern.name()).append('\n');
        text.append(pattern.side() ? "side " : "fold ")
                .append(mm(pattern.height()))
                .append('\n');
        for (SidePosition place : pattern.places()) {
            text.append("hole ").append(mm(place.fromHead()));
            text.append(pattern.side() ? " " + mm(place.fromSpine()) : "").append('\n');
        }
        lines(text, pattern, true);
        lines(text, pattern, false);
        for (Turn turn : pattern.turns()) {
            text.append("wrap ")
                    .append(turn.hole())
                    .append(' ')
                    .append(turn.edge().word())
                    .append('\n');
        }
        return text.toString();
    }

    private static void lines(StringBuilder text, OwnPattern pattern, boolean outer) {
        List<Line> lines =
                pattern.lines().stream().filter(line -> line.outer() == outer).toList();
        if (!lines.isEmpty()) {
            text.append(pattern.face(outer).word());
            lines.forEach(
                    line -> text.append(' ').append(line.from()).append('-').append(line.to()));
            text.append('\n');
        }
    }

    private static String mm(Length length) {
        String text = String.format(Locale.ROOT, "%.3f", length.mm());
        return text.replaceFirst("\\.?0+$", "");
    }

    /** Reads a pattern. */
    public static Parsed parse(String text) {
        if (text.length() > LONGEST) {
            return new Parsed.Fault(1, 1, LONGEST + " characters are the most that is read; read " + text.length());
        }
        Reader reader = new Reader();
        String[] lines = text.split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            if (!lines[i].isBlank()) {
                Parsed.Fault fault = reader.line(i + 1, lines[i]);
                if (!fault.equals(NONE)) {
                    return fault;
                }
            }
        }
        return reader.end(lines.length);
    }

    private static final Parsed.Fault NONE = new Parsed.Fault(0, 0, "");

    /** Takes one line after the other. */
    private static final class Reader {
        private String name = "";
        private String kind = "";
        private Length height = Length.ZERO;
        private final List<SidePosition> places = new ArrayList<>();
        private final List<Line> stitches = new ArrayList<>();
        private final List<Turn> turns = new ArrayList<>();

        Parsed.Fault line(int number, String line) {
            List<String> words = new ArrayList<>();
            List<Integer> columns = new ArrayList<>();
            Matcher word = WORD.matcher(line);
            while (word.find()) {
                words.add(word.group());
                columns.add(word.start() + 1);
            }
            if (name.isEmpty()) {
                name = line.strip().replaceFirst("(?i)^pattern\\b\\s*", "");
                boolean named = words.get(0).equalsIgnoreCase("pattern") && !name.isEmpty();
                return named ? NONE : fault(number, 1, words.get(0), "the first line is “pattern” and its name");
            }
            for (int i = 0; i < words.size(); i++) {
                String wanted = i == 0 ? first(words.get(0), words.size()) : more(words.get(0), i, words.get(i));
                if (!wanted.isEmpty()) {
                    return fault(number, columns.get(i), words.get(i), wanted);
                }
            }
            return NONE;
        }

        private static Parsed.Fault fault(int line, int column, String read, String wanted) {
            return new Parsed.Fault(
                    line, column, "Line " + line + ", column " + column + ": read “" + read + "”; " + wanted + ".");
        }

        private String first(String word, int words) {
            boolean kindLine = word.equals("fold") || word.equals("side");
            if (kind.isEmpty() != kindLine) {
                return kindLine
                        ? "it is told once whether it goes through a fold or the side"
                        : "“fold” or “side” with the height in mm is wanted";
            }
            return switch (word) {
                case "fold", "side" -> {
                    kind = word;
                    yield words == 2 ? "" : "the height in mm is wanted after it, and nothing more";
                }
                case "hole" ->
                    words == (kind.equals("side") ? 3 : 2)
                            ? ""
                            : "a hole is told by its mm from the head"
                                    + (kind.equals("side") ? " and from the spine" : "");
                case "outside", "inside" -> kind.equals("fold") ? "" : "through the side, stitches lie front or back";
                case "front", "back" -> kind.equals("side") ? "" : "through a fold, stitches lie outside or inside";
                case "wrap" -> kind.equals("side") ? "" : "only a block is wrapped round an edge";
                default ->
                    "hole, " + (kind.equals("side") ? "front, back or wrap" : "outside or inside") + " is wanted";
            };
        }

        private String more(String what, int place, String word) {
            return switch (what) {
                case "fold", "side", "hole" -> measure(what, place, word);
                case "wrap" -> wrap(place, word);
                default -> stitch(what, word);
            };
        }

        private String measure(String what, int place, String word) {
            if (!NUMBER.matcher(word).matches()) {
                return "a number of mm is wanted, such as 12.5";
            }
            Length length = Length.ofMm(Double.parseDouble(word));
            if (!what.equals("hole")) {
                height = length;
            } else if (place == 1) {
                places.add(new SidePosition(length, Length.ZERO));
            } else {
                places.set(
                        places.size() - 1,
                        new SidePosition(places.get(places.size() - 1).fromHead(), length));
            }
            return "";
        }

        private String stitch(String what, String word) {
            Matcher stitch = STITCH.matcher(word);
            if (!stitch.matches()) {
                return "two holes are wanted, such as 2-3";
            }
            int from = Integer.parseInt(stitch.group(1));
            int to = Integer.parseInt(stitch.group(2));
            if (from == to || from < 1 || to < 1 || Math.max(from, to) > places.size()) {
                return "two different holes of the " + places.size() + " named above are wanted";
            }
            stitches.add(new Line(what.equals("outside") || what.equals("front"), from, to));
            return "";
        }

        private int wrapped;

        private String wrap(int place, String word) {
            if (place == 1) {
                boolean number = word.matches("\\d{1,4}") && Integer.parseInt(word) >= 1;
                if (!number || Integer.parseInt(word) > places.size()) {
                    return "the number of a hole named above is wanted";
                }
                wrapped = Integer.parseInt(word);
                return "";
            }
            for (Edge edge : Edge.values()) {
                if (edge.word().equals(word)) {
                    turns.add(new Turn(wrapped, edge));
                    return "";
                }
            }
            return "spine, head or tail is wanted";
        }

        Parsed end(int lines) {
            if (name.isEmpty() || kind.isEmpty()) {
                String wanted =
                        name.isEmpty() ? "the first line is “pattern” and its name" : "“fold” or “side” is wanted";
                return fault(lines, 1, "the end", wanted);
            }
            try {
                return new Parsed.Read(new OwnPattern(name, kind.equals("side"), height, places, stitches, turns));
            } catch (IllegalArgumentException unfit) {
                return new Parsed.Fault(lines, 1, String.valueOf(unfit.getMessage()));
            }
        }
    }
}
