package itomichi.path;

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

    /** The sign of a pass to each face. */
    static final Map<Character, Face> SIGNS =
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
        NotationReader reader = new NotationReader();
        Matcher item = ITEM.matcher(text);
        while (item.find()) {
            String wanted = reader.take(item.group().toLowerCase(Locale.ROOT));
            if (!wanted.isEmpty()) {
                return fault(text, item.start(), item.group(), wanted);
            }
        }
        return !reader.begun()
                ? fault(text, 0, "", "a path begins with a pass such as +2 or v1")
                : reader.announced()
                        ? fault(text, text.stripTrailing().length(), "", "a pass is wanted after under, head or tail")
                        : new Parsed.Path(reader.end());
    }

    private static Parsed.Fault fault(String text, int at, String read, String wanted) {
        String before = text.substring(0, at);
        int line = (int) before.chars().filter(c -> c == '\n').count() + 1;
        return new Parsed.Fault(line, at - before.lastIndexOf('\n'), read, wanted);
    }

    /** Writes a path down. */
    public static String write(ThreadPath path) {
        return new NotationWriter(path.moves()).write();
    }
}
