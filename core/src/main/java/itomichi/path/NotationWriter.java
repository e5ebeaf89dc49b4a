package itomichi.path;

import java.util.List;
import java.util.Locale;

/** Writes one move after the other. */
final class NotationWriter {
    private final List<Move> moves;
    private final StringBuilder text = new StringBuilder();
    private int signature = 1;

    NotationWriter(List<Move> moves) {
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
        return Notation.SIGNS.entrySet().stream()
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
