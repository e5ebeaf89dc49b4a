package itomichi.path;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Takes one item after the other; an empty answer means that it fitted. */
final class NotationReader {

    private static final Pattern PASS = Pattern.compile("([-+v^])(\\d{1,4})");
    private static final Pattern RUN_TO = Pattern.compile("~(\\d{1,4})");
    private static final Pattern SECTION = Pattern.compile("s(\\d{1,4}):");
    private static final Pattern KETTLE = Pattern.compile("kettle([2-9]?)");
    private static final Pattern TIE = Pattern.compile("tie([1-9]?)");

    private @Nullable PathBuilder builder;
    private int signature = 1;

    /** Whether a first pass was read. */
    boolean begun() {
        return builder != null;
    }

    /** Whether a word is left whose run has not come. */
    boolean announced() {
        return path().announced();
    }

    /** The path that was read. */
    ThreadPath end() {
        return path().end();
    }

    private PathBuilder path() {
        PathBuilder begun = builder;
        if (begun == null) {
            throw new IllegalStateException("No pass was read yet");
        }
        return begun;
    }

    /** Takes an item; answers what is wanted instead, or nothing where it fits. */
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
        return path().cutOff() ? "a new thread begins with a pass such as +2" : other(item);
    }

    private String pass(char sign, int station) {
        if (station == 0) {
            return "stations count from 1 at the head";
        }
        Face to = Objects.requireNonNull(Notation.SIGNS.get(sign));
        Hole hole = new Hole(signature, station);
        if (builder == null || builder.cutOff()) {
            PathBuilder path = builder == null ? new PathBuilder() : builder;
            builder = path.from(hole, to.opposite(), Tail.Side.FREE);
        } else if (path().here().face() != to.opposite()) {
            return "the thread is on the " + path().here().face().word() + ": "
                    + away(path().here().face()) + station + " is wanted";
        }
        String reach = reach(hole);
        if (reach.isEmpty()) {
            path().pass(hole, to);
        }
        return reach;
    }

    /** What hinders the thread from getting to a hole on the face it is on. */
    private String reach(Hole hole) {
        Spot here = path().here();
        boolean other = here.hole().signature() != hole.signature();
        if (path().announced() && here.hole().equals(hole)) {
            return "under, head and tail lead to another hole";
        }
        if (other && here.face() != Face.OUTSIDE && !path().announced()) {
            return "the thread is on the " + here.face().word() + " of signature "
                    + here.hole().signature() + ": it climbs on the outside, or goes round head or tail";
        }
        return "";
    }

    private static char away(Face face) {
        return Notation.SIGNS.entrySet().stream()
                .filter(sign -> sign.getValue() == face.opposite())
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    private String other(String item) {
        Spot here = path().here();
        Matcher segment = RUN_TO.matcher(item);
        if (segment.matches()) {
            int station = Integer.parseInt(segment.group(1));
            if (station == 0) {
                return "stations count from 1 at the head";
            }
            String reach = reach(new Hole(signature, station));
            if (reach.isEmpty()) {
                path().runTo(new Hole(signature, station));
            }
            return reach;
        }
        if (path().announced()) {
            return "a pass is wanted after under, head or tail";
        }
        Matcher tie = TIE.matcher(item);
        if (tie.matches()) {
            path().tie(tie.group(1).isEmpty() ? Knot.USUAL_TURNS : Integer.parseInt(tie.group(1)));
            return "";
        }
        Matcher kettle = KETTLE.matcher(item);
        if (kettle.matches()) {
            return outside(
                    "kettle",
                    new Kettle(here.hole(), kettle.group(1).isEmpty() ? 1 : Integer.parseInt(kettle.group(1))));
        }
        for (Edge edge : Edge.values()) {
            if (edge.word().equals(item)) {
                return edge(edge, here);
            }
        }
        return switch (item) {
            case "cut" -> taken(path().cut());
            case "join" -> taken(path().join(Knot.USUAL_TURNS));
            case "link" -> outside(item, new Link(here.hole()));
            case "over" -> outside(item, new Over(here.hole()));
            case "board" -> outside(item, new Board(here.hole()));
            case "under" ->
                here.face() == Face.OUTSIDE
                        ? taken(path().under())
                        : "“under” is made on the outside: come out with + first";
            default ->
                "a pass (+3, -3, v3, ^3), ~3, s2:, spine, head, tail, link, kettle, over, board, under, tie, cut or join is wanted";
        };
    }

    private String edge(Edge edge, Spot here) {
        if (here.face() == Face.FRONT || here.face() == Face.BACK) {
            return taken(path().then(new Wrap(here.hole(), edge, here.face().opposite())));
        }
        if (edge == Edge.SPINE) {
            return "only a stab binding (v, ^) is wrapped round its spine";
        }
        return here.face() == Face.INSIDE
                ? taken(path().round(edge))
                : "head and tail of a cover are gone round from the inside";
    }

    private String outside(String item, Move move) {
        return here(Face.OUTSIDE)
                ? taken(path().then(move))
                : "a " + item + " is made on the outside: come out with + first";
    }

    private boolean here(Face face) {
        return path().here().face() == face;
    }

    /** The builder has taken it, and nothing else is wanted. */
    private static String taken(PathBuilder builder) {
        Objects.requireNonNull(builder);
        return "";
    }
}
