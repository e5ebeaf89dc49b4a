package itomichi.documents.sheets;

import itomichi.steps.StepLine;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Which signatures in the middle of a book are sewn as the one two before, so that they need not be drawn again.
 *
 * @param written what is sewn in each, without its number
 * @param signatures of the book
 */
record Repeated(Map<Integer, String> written, int signatures) {

    /** The first signatures are always drawn: two ends, two directions. */
    private static final int ALWAYS_DRAWN = 4;

    static Repeated of(List<StepLine> steps, int signatures) {
        return new Repeated(
                steps.stream()
                        .collect(Collectors.groupingBy(
                                Repeated::signature,
                                Collectors.mapping(
                                        step -> step.notation()
                                                .replaceAll("s\\d+: ?", "")
                                                .strip(),
                                        Collectors.joining(" ")))),
                signatures);
    }

    /** The signature that a step is in. */
    static int signature(StepLine step) {
        return step.step().target().signature();
    }

    /** Whether it is sewn as the one two before it. */
    boolean like(int signature) {
        return signature > ALWAYS_DRAWN
                && signature < signatures
                && written.getOrDefault(signature, "").equals(written.getOrDefault(signature - 2, ""));
    }

    /** The last of those that follow each other so. */
    int last(int signature) {
        int last = signature;
        while (like(last + 1)) {
            last++;
        }
        return last;
    }

    /** What is said instead of drawing them. */
    String words(int first) {
        int last = last(first);
        return (first == last ? "Signature " + first + " is" : "Signatures " + first + " to " + last + " are")
                + " sewn like " + (first - 2) + " and " + (first - 1)
                + ", in turn. A thread that is too short is joined at an end.";
    }
}
