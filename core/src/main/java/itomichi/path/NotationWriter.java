package itomichi.path;

import java.util.List;

/** Writes one move after the other; an answer is the number of the last move that the word written stands for. */
final class NotationWriter implements Move.Cases<Integer> {
    private final List<Move> moves;
    private final StringBuilder text = new StringBuilder();
    private int signature = 1;
    private int at;

    NotationWriter(List<Move> moves) {
        this.moves = moves;
    }

    String write() {
        for (at = 0; at < moves.size(); at++) {
            at = moves.get(at).match(this);
        }
        return text.toString();
    }

    @Override
    public Integer pass(Pass pass) {
        section(pass.hole());
        return add(sign(pass.to()) + Integer.toString(pass.hole().station()));
    }

    @Override
    public Integer run(Run run) {
        return to(run);
    }

    @Override
    public Integer under(Under under) {
        add("under");
        return to(under);
    }

    @Override
    public Integer round(Round round) {
        add(round.edge().word());
        return to(round);
    }

    @Override
    public Integer wrap(Wrap wrap) {
        return add(wrap.edge().word());
    }

    @Override
    public Integer link(Link link) {
        return add("link");
    }

    @Override
    public Integer kettle(Kettle kettle) {
        return add(kettle.down() == 1 ? "kettle" : "kettle" + kettle.down());
    }

    @Override
    public Integer over(Over over) {
        return add("over");
    }

    @Override
    public Integer board(Board board) {
        return add("board");
    }

    @Override
    public Integer knot(Knot knot) {
        return add(knot.turns() == Knot.USUAL_TURNS ? "tie" : "tie" + knot.turns());
    }

    /** The first and the last tail are not written; between two threads they are cut or joined. */
    @Override
    public Integer tail(Tail tail) {
        boolean another = at > 0 && at + 1 < moves.size() && moves.get(at + 1).hangs();
        if (!another) {
            return at;
        }
        boolean joined = at + 2 < moves.size()
                && moves.get(at + 2).part() == Move.Part.KNOT
                && moves.get(at + 1).start().equals(tail.start());
        add(joined ? "join" : "cut");
        return joined ? at + 2 : at + 1;
    }

    /** Where the thread goes is written only where the next pass does not say it. */
    private int to(Move move) {
        boolean through = at + 1 < moves.size()
                && moves.get(at + 1).passes()
                && moves.get(at + 1).start().equals(move.end());
        if (!through) {
            section(move.end().hole());
            add("~" + move.end().hole().station());
        }
        return at;
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

    private int add(String word) {
        text.append(text.isEmpty() ? "" : " ").append(word);
        return at;
    }

    private static char sign(Face to) {
        return Notation.SIGNS.entrySet().stream()
                .filter(sign -> sign.getValue() == to)
                .findFirst()
                .orElseThrow()
                .getKey();
    }
}
