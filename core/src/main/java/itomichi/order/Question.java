package itomichi.order;

import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Spot;
import java.util.List;
import java.util.Set;

/**
 * Which order is asked for.
 *
 * @param segments what is to be sewn, each once, whichever way
 * @param ready where the thread is when the first of them is sewn
 * @param arrival where the last of them must end
 * @param touched holes that hold thread already
 * @param frame the work; it says how long each is, and which way the head lies
 */
public record Question(List<Move> segments, Spot ready, Spot arrival, Set<Hole> touched, Frame frame) {

    public Question {
        segments = List.copyOf(segments);
        touched = Set.copyOf(touched);
    }
}
