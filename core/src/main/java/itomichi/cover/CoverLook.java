package itomichi.cover;

import itomichi.measure.Phrase;
import java.util.List;

/**
 * A cover as it is drawn, to scale.
 *
 * @param view from where it is seen
 * @param widthMm of the drawing, mm
 * @param heightMm of the drawing, mm
 * @param outlines what is seen, what lies over something after it
 * @param words what is seen, for whoever does not see it
 */
public record CoverLook(View view, double widthMm, double heightMm, List<Outline> outlines, Phrase words) {

    /** From where a cover is looked at. */
    public enum View {
        OPENED_INSIDE("opened flat, from inside"),
        OPENED_OUTSIDE("opened flat, from outside"),
        CLOSED_HEAD("closed, from the head"),
        CLOSED_FRONT("closed, from the front");

        private final String words;

        View(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public CoverLook {
        outlines = List.copyOf(outlines);
    }
}
