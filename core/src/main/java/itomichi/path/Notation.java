package itomichi.path;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The written form of a path, in which a binder notes and shares it.
 *
 * <pre>
 * path    = { item }                items are parted by blanks or line ends
 * item    = section | pass | wrap | "link" | "kettle" | tie
 * section = "s" number ":"          the signature that the following passes belong to; 1 until one is named
 * pass    = ( "+" | "-" | "v" | "^" ) number
 *                                   + out of the fold, - into it, v front to back, ^ back to front, at that station
 * wrap    = "spine" | "head" | "tail"   round that edge and back to the same hole on the other face
 * tie     = "tie" [ number ]        a square knot of so many turns, 2 unless told; only at the end
 * </pre>
 *
 * <p>The runs between passes are not written: a thread that has come out at one station and goes in at another has run between them.
 * Read by a scanner that goes once over the text; cost grows with its length.
 */
public final class Notation {

    /** Longest text read, in characters: some 20,000 moves. */
    static final int LONGEST = 100_000;

    private static final Pattern ITEM = Pattern.compile("\\S+");
    private static final Pattern PASS = Pattern.compile("([-+v^])(\\d{1,4})");
    private static final Pattern SECTION = Pattern.compile("s(\\d{1,4}):");
    private static final Pattern TIE = Pattern.compile("tie([1-9]?)");

    private Notation() {}

    /** What came of reading. */
    public sealed interface Parsed {

        /** A path. */
        record Path(ThreadPath path) implements Parsed {}

        /**
         * The first thing wrong.
         *
         * @param line from 1
         * @param column from 1
         * @param read what stands there
         * @param wanted what should
         */
        record Fault(int line, int column, String read, String wanted) implements Parsed {
            /** One line for the screen. */
            public String message() {
                return "Line " + line + ", column " + column + ": read \u201c" + read + "\u201d; " + wanted;
            }
        }
    }

    /** Reads a path; its tails are added at the first and last hole. */
    public static Parsed parse(String text) {
        if (text.length() > LONGEST) {
            return new Parsed.Fault(
                    1, 1, text.substring(0, 10) + "\u2026", LONGEST + " characters are the most that is read");
        }
        Reader reader = new Reader();
        Matcher item = ITEM.matcher(text);
        while (item.find()) {
            String wanted = reader.take(item.group().toLowerCase(Locale.ROOT));
            if (!wanted.isEmpty()) {
                return fault(text, item.start(), item.group(), wanted);
            }
        }
        return reader.builder == null
                ? fault(text, 0, "", "a path begins with a pass such as +2 or v1")
                : new Parsed.Path(Sides.of(reader.builder.end(Tail.Side.FREE)));
    }

    private static Parsed.Fault fault(String text, int at, String read, String wanted) {
        String before = text.substring(0, at);
        int line = (int) before.chars().filter(c -> c == '\n').count() + 1;
        return new Parsed.Fault(line, at - before.lastIndexOf('\n'), read, wanted);
    }

    /**
     * Writes a path down.
     *
     * @throws IllegalArgumentException if a run is not followed by a pass at its end, which the notation cannot say
     */
    public static String write(ThreadPath path) {
        StringBuilder text = new StringBuilder();
        int signature = 1;
        Spot runTo = null;
        for (Move move : path.moves()) {
            if (runTo != null && !(move instanceof Pass pass && pass.start().equals(runTo))) {
                throw new IllegalArgumentException(
                        "A run to " + runTo + " is followed by " + move + ": no pass to write");
            }
            runTo = move instanceof Run run ? run.end() : null;
            int next = move.start().hole().signature();
            if (move instanceof Pass && next != signature) {
                text.append(text.isEmpty() ? "" : "\n").append('s').append(next).append(':');
                signature = next;
            }
            String word = word(move);
            text.append(text.isEmpty() || word.isEmpty() ? "" : " ").append(word);
        }
        return text.toString();
    }

    private static String word(Move move) {
        if (move instanceof Pass pass) {
            char sign = switch (pass.to()) {
                case OUTSIDE -> '+';
                case INSIDE -> '-';
                case BACK -> 'v';
                case FRONT -> '^';
            };
            return sign + Integer.toString(pass.hole().station());
        }
        if (move instanceof Wrap wrap) {
            return wrap.edge().word();
        }
        if (move instanceof Knot knot) {
            return knot.turns() == 2 ? "tie" : "tie" + knot.turns();
        }
        return move instanceof Link ? "link" : move instanceof Kettle ? "kettle" : "";
    }

    /** Takes one item after the other; an empty answer means that it fitted. */
    private static final class Reader {
        private PathBuilder builder;
        private int signature = 1;
        private boolean tied;

        String take(String item) {
            if (tied) {
                return "nothing comes after the knot";
            }
            Matcher section = SECTION.matcher(item);
            if (section.matches()) {
                signature = Integer.parseInt(section.group(1));
                return signature == 0 ? "signatures count from s1:" : "";
            }
            Matcher pass = PASS.matcher(item);
            if (pass.matches()) {
                return pass(pass.group(1).charAt(0), Integer.parseInt(pass.group(2)));
            }
            return builder == null ? "a path begins with a pass such as +2 or v1" : other(item);
        }

        private String pass(char sign, int station) {
            if (station == 0) {
                return "stations count from 1 at the head";
            }
            Face to = switch (sign) {
                case '+' -> Face.OUTSIDE;
                case '-' -> Face.INSIDE;
                case 'v' -> Face.BACK;
                default -> Face.FRONT;
            };
            Hole hole = new Hole(signature, station);
            if (builder == null) {
                builder = new PathBuilder().from(hole, to.opposite(), Tail.Side.FREE);
            } else if (builder.here().face() != to.opposite()) {
                return "the thread is on the " + builder.here().face().word() + ": "
                        + away(builder.here().face()) + station + " is wanted";
            }
            builder.pass(hole, to);
            return "";
        }

        private static String away(Face face) {
            return switch (face) {
                case INSIDE -> "+";
                case OUTSIDE -> "-";
                case FRONT -> "v";
                case BACK -> "^";
            };
        }

        private String other(String item) {
            Spot here = builder.here();
            boolean fold = here.face() == Face.INSIDE || here.face() == Face.OUTSIDE;
            Matcher tie = TIE.matcher(item);
            if (tie.matches()) {
                builder.tie(tie.group(1).isEmpty() ? 2 : Integer.parseInt(tie.group(1)));
                tied = true;
                return "";
            }
            for (Edge edge : Edge.values()) {
                if (edge.word().equals(item)) {
                    builder.then(new Wrap(here.hole(), edge, here.face().opposite()));
                    return fold ? "only a stab binding (v, ^) is wrapped round an edge" : "";
                }
            }
            if (item.equals("link") || item.equals("kettle")) {
                builder.then(item.equals("link") ? new Link(here.hole()) : new Kettle(here.hole()));
                return here.face() == Face.OUTSIDE
                        ? ""
                        : "a " + item + " is made on the outside: come out with + first";
            }
            return "a pass (+3, -3, v3, ^3), s2:, spine, head, tail, link, kettle or tie is wanted";
        }
    }
}
