package itomichi.cover;

import itomichi.measure.Phrase;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A cover as it is drawn, to scale.
 *
 * @param view from where it is seen
 * @param widthMm of the drawing, mm; wider where something stands past it
 * @param heightMm of the drawing, mm; higher where something stands past it
 * @param outlines what is seen, what lies over something after it
 * @param words what is seen, for whoever does not see it
 * @param grips where parts of it are taken hold of and moved
 */
public record CoverLook(
        View view, double widthMm, double heightMm, List<Outline> outlines, Phrase words, List<Grip> grips) {

    /** From where a cover is looked at. */
    public enum View {
        OPENED_INSIDE("opened flat, from inside"),
        OPENED_OUTSIDE("opened flat, from outside"),
        CLOSED_HEAD("closed, from the head"),
        CLOSED_FRONT("closed, from the front"),
        WRAPPER("the slip-on wrapper, opened flat");

        private final String words;

        View(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public CoverLook {
        // what stands past the frame, such as leaves that a board does not cover, is in the drawing too
        double left = Math.min(0, least(outlines, FlatPoint::xMm));
        double top = Math.min(0, least(outlines, FlatPoint::yMm));
        widthMm = Math.max(widthMm, most(outlines, FlatPoint::xMm)) - left;
        heightMm = Math.max(heightMm, most(outlines, FlatPoint::yMm)) - top;
        outlines = outlines.stream().map(outline -> outline.at(-left, -top)).toList();
        grips = grips.stream().map(grip -> grip.at(-left, -top)).toList();
    }

    /** A drawing in which nothing is moved. */
    CoverLook(View view, double widthMm, double heightMm, List<Outline> outlines, Phrase words) {
        this(view, widthMm, heightMm, outlines, words, List.of());
    }

    /** The same with parts that are moved; their places are as they lie in it now. */
    CoverLook moved(Grip... more) {
        return new CoverLook(view, widthMm, heightMm, outlines, words, List.of(more));
    }

    /** The same with these outlines. */
    CoverLook drawn(List<Outline> other) {
        return new CoverLook(view, widthMm, heightMm, other, words, grips);
    }

    private static double least(List<Outline> outlines, ToDoubleFunction<FlatPoint> side) {
        return outlines.stream()
                .flatMap(outline -> outline.points().stream())
                .mapToDouble(side)
                .min()
                .orElse(0);
    }

    private static double most(List<Outline> outlines, ToDoubleFunction<FlatPoint> side) {
        return outlines.stream()
                .flatMap(outline -> outline.points().stream())
                .mapToDouble(side)
                .max()
                .orElse(0);
    }
}
