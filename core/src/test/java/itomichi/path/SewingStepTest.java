package itomichi.path;

import static org.testng.Assert.assertEquals;

import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class SewingStepTest {

    @Test
    public void everyMoveIsInExactlyOneStep() {
        Property.holds().of(Draw.lists(Draw.between(1, 20), 1, 40), stations -> {
            ThreadPath path = weave(stations);
            List<Move> moves = new ArrayList<>();
            SewingStep.of(path).forEach(step -> moves.addAll(step.moves()));
            return moves.equals(path.moves());
        });
    }

    @Test
    public void stepsAreCountedFromOne() {
        List<SewingStep> steps = SewingStep.of(NotationTest.path("+2 -1 +3 -2 tie"));
        assertEquals(steps.stream().map(SewingStep::number).toList(), List.of(1, 2, 3, 4, 5));
    }

    @Test
    public void theKnotIsAStepOfItsOwn() {
        List<SewingStep> steps = SewingStep.of(NotationTest.path("+2 -1 +3 -2 tie"));
        assertEquals(steps.stream().map(SewingStep::ties).toList(), List.of(false, false, false, false, true));
    }

    @Test
    public void aStepKnowsWhichEndItGoesTowards() {
        List<SewingStep> steps = SewingStep.of(NotationTest.path("+2 -1 +3 -2 tie"));
        assertEquals(
                steps.stream().map(SewingStep::towards).toList(),
                List.of(
                        SewingStep.Towards.STAY,
                        SewingStep.Towards.HEAD,
                        SewingStep.Towards.TAIL,
                        SewingStep.Towards.HEAD,
                        SewingStep.Towards.STAY));
    }

    @Test
    public void withoutAKnotTheLastTailBelongsToTheLastPass() {
        List<SewingStep> steps = SewingStep.of(NotationTest.path("+2 -1"));
        assertEquals(steps.get(steps.size() - 1).moves().stream().anyMatch(Tail.class::isInstance), true);
    }

    @Test
    public void aStitchIsTheSameWhicheverWayItIsSewn() {
        Hole one = new Hole(1, 1);
        Hole two = new Hole(1, 2);
        assertEquals(new StitchPattern.Stitch(Face.INSIDE, one, two), new StitchPattern.Stitch(Face.INSIDE, two, one));
    }

    private static ThreadPath weave(List<Integer> stations) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < stations.size(); i++) {
            text.append(i % 2 == 0 ? "+" : "-").append(stations.get(i)).append(' ');
        }
        return NotationTest.path(text.toString());
    }
}
