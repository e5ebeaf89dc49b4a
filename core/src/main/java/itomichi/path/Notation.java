package itomichi.path;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The written form of a path, in which a binder notes and shares it.
 *
 * <pre>
 * path    = { item }                items are parted by blanks or line ends
 * item    = section | pass | lie | wrap | "link" | "kettle" | "over" | "board" | "under" | tie | "cut" | "join"
 * section = "s" number ":"          the signature that the following passes belong to; 1 until one is named
 * pass    = ( "+" | "-" | "v" | "^" ) number
 *                                   + out of the fold, - into it, v front to back, ^ back to front, at that station
 * lie     = "~" number              along the face to that station, without going in
 * wrap    = "spine" | "head" | "tail"
 *                                   round that edge: of a block, back to the same hole on the other face; of a cover, from inside one
 *                                   signature to inside the next
 * link    behind the stitch of the signature below; kettle  the knot to the signature below; over  round the cord; board  round a board's
 *         edge and through its hole; all on the outside, at the hole the thread came out of
 * under   the next run passes under the stitch of the signature below
 * tie     = "tie" [ number ]        a square knot of so many turns, 2 unless told
 * cut     a tail is left; the next pass begins another thread;   join  a tail is left and another thread tied to it
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
    private static final Pattern LIE = Pattern.compile("~(\\d{1,4})");
    private static final Pattern SECTION = Pattern.compile("s(\\d{1,4}):");
    private static final Pattern TIE = Pattern.compile("tie([1-9]?)");

    private static final Map<Character, Face> SIGNS =
            Map.of('+', Face.OUTSIDE, '-', Face.INSIDE, 'v', Face.BACK, '^', Face.FRONT);

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
                : reader.builder.announced()
                        ? fault(text, text.stripTrailing().length(), "", "a pass is wanted after under, head or tail")
                        : new Parsed.Path(reader.builder.end());
    }

    private static Parsed.Fault fault(String text, int at, String read, String wanted) {
        String before = text.substring(0, at);
        int line = (int) before.chars().filter(c -> c == '\n').count() + 1;
        return new Parsed.Fault(line, at - before.lastIndexOf('\n'), read, wanted);
    }

    /** Writes a path down. */
    public static String write(ThreadPath path) {
        return new Writer(path.moves()).write();
    }

    /** Takes one item after the other; an empty answer means that it fitted. */
    private static final class Reader {
        private PathBuilder builder;
        private int signature = 1;

        String take(String item) {
            Matcher section = SECTION.matcher(item);
            if (section.matches()) {
                signature = Integer.parseInt(section.group(1));
                return signature == 0 ? "signatures count from s1:" : "";
            }
            Matcher pass = PASS.matcher(item);
            if (pass.matches()) {
                return pass(pass.group(1).charAt(0), Integer.parseInt(pass.group(2)));
            }
            if (builder == null) {
                return "a path begins with a pass such as +2 or v1";
            }
            return builder.cutOff() ? "a new thread begins with a pass such as +2" : other(item);
        }

        private String pass(char sign, int station) {
            if (station == 0) {
                return "stations count from 1 at the head";
            }
            Face to = SIGNS.get(sign);
            Hole hole = new Hole(signature, station);
            if (builder == null || builder.cutOff()) {
                builder = (builder == null ? new PathBuilder() : builder).from(hole, to.opposite(), Tail.Side.FREE);
            } else if (builder.here().face() != to.opposite()) {
                return "the thread is on the " + builder.here().face().word() + ": "
                        + away(builder.here().face()) + station + " is wanted";
            }
            String reach = reach(hole);
            if (reach.isEmpty()) {
                builder.pass(hole, to);
            }
            return reach;
        }

        /** What hinders the thread from getting to a hole on the face it is on. */
        private String reach(Hole hole) {
            Spot here = builder.here();
            boolean other = here.hole().signature() != hole.signature();
            if (builder.announced() && here.hole().equals(hole)) {
                return "under, head and tail lead to another hole";
            }
            if (other && here.face() != Face.OUTSIDE && !builder.announced()) {
                return "the thread is on the " + here.face().word() + " of signature "
                        + here.hole().signature() + ": it climbs on the outside, or goes round head or tail";
            }
            return "";
        }

        private static char away(Face face) {
            return SIGNS.entrySet().stream()
                    .filter(sign -> sign.getValue() == face.opposite())
                    .findFirst()
                    .orElseThrow()
                    .getKey();
        }

        private String other(String item) {
            Spot here = builder.here();
            Matcher lie = LIE.matcher(item);
            if (lie.matches()) {
                int station = Integer.parseInt(lie.group(1));
                if (station == 0) {
                    return "stations count from 1 at the head";
                }
                String reach = reach(new Hole(signature, station));
                if (reach.isEmpty()) {
                    builder.lieTo(new Hole(signature, station));
                }
                return reach;
            }
            if (builder.announced()) {
                return "a pass is wanted after under, head or tail";
            }
            Matcher tie = TIE.matcher(item);
            if (tie.matches()) {
                builder.tie(tie.group(1).isEmpty() ? 2 : Integer.parseInt(tie.group(1)));
                return "";
            }
            for (Edge edge : Edge.values()) {
                if (edge.word().equals(item)) {
                    return edge(edge, here);
                }
            }
            return switch (item) {
                case "cut" -> taken(builder.cut());
                case "join" -> taken(builder.join(2));
                case "link" -> outside(item, new Link(here.hole()));
                case "kettle" -> outside(item, new Kettle(here.hole()));
                case "over" -> outside(item, new Over(here.hole()));
                case "board" -> outside(item, new Board(here.hole()));
                case "under" ->
                    here.face() == Face.OUTSIDE
                            ? taken(builder.under())
                            : "“under” is made on the outside: come out with + first";
                default ->
                    "a pass (+3, -3, v3, ^3), ~3, s2:, spine, head, tail, link, kettle, over, board, under, tie, cut or join is wanted";
            };
        }

        private String edge(Edge edge, Spot here) {
            if (here.face() == Face.FRONT || here.face() == Face.BACK) {
                return taken(
                        builder.then(new Wrap(here.hole(), edge, here.face().opposite())));
            }
            if (edge == Edge.SPINE) {
                return "only a stab binding (v, ^) is wrapped round its spine";
            }
            return here.face() == Face.INSIDE
                    ? taken(builder.round(edge))
                    : "head and tail of a cover are gone round from the inside";
        }

        private String outside(String item, Move move) {
            return here(Face.OUTSIDE)
                    ? taken(builder.then(move))
                    : "a " + item + " is made on the outside: come out with + first";
        }

        private boolean here(Face face) {
            return builder.here().face() == face;
        }

        private static String taken(PathBuilder builder) {
            return "";
        }
    }

    /** Writes one move after the other. */
    private static final class Writer {
        private final List<Move> moves;
        private final StringBuilder text = new StringBuilder();
        private int signature = 1;

        Writer(List<Move> moves) {
            this.moves = moves;
        }

        String write() {
            for (int i = 0; i < moves.size(); i++) {
                i = write(i);
            }
            return text.toString();
        }

        /** Writes the move of that number, and says which was the last of those that one word stands for. */
        private int write(int i) {
            Move move = moves.get(i);
            if (move instanceof Tail) {
                boolean another = i > 0 && i + 1 < moves.size() && moves.get(i + 1) instanceof Tail;
                boolean joined = another
                        && i + 2 < moves.size()
                        && moves.get(i + 2) instanceof Knot
                        && moves.get(i + 1).start().equals(move.start());
                if (another) {
                    add(joined ? "join" : "cut");
                }
                return joined ? i + 2 : another ? i + 1 : i;
            }
            if (move instanceof Pass pass) {
                section(pass.hole());
                add(sign(pass.to()) + Integer.toString(pass.hole().station()));
            } else if (move instanceof Run || move instanceof Under || move instanceof Round) {
                add(
                        move instanceof Under
                                ? "under"
                                : move instanceof Round round ? round.edge().word() : "");
                boolean through = i + 1 < moves.size()
                        && moves.get(i + 1) instanceof Pass pass
                        && pass.start().equals(move.end());
                if (!through) {
                    section(move.end().hole());
                    add("~" + move.end().hole().station());
                }
            } else {
                add(word(move));
            }
            return i;
        }

        private void section(Hole hole) {
            if (hole.signature() != signature) {
                text.append(text.isEmpty() ? "" : "\n")
                        .append('s')
                        .append(hole.signature())
                        .append(':');
                signature = hole.signature();
            }
        }

        private void add(String word) {
            text.append(text.isEmpty() || word.isEmpty() ? "" : " ").append(word);
        }

        private static char sign(Face to) {
            return SIGNS.entrySet().stream()
                    .filter(sign -> sign.getValue() == to)
                    .findFirst()
                    .orElseThrow()
                    .getKey();
        }

        private static String word(Move move) {
            if (move instanceof Wrap wrap) {
                return wrap.edge().word();
            }
            if (move instanceof Knot knot) {
                return knot.turns() == 2 ? "tie" : "tie" + knot.turns();
            }
            return move.getClass().getSimpleName().toLowerCase(Locale.ROOT);
        }
    }
}
