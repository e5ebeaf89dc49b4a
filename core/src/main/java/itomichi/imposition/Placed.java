package itomichi.imposition;

/**
 * A page of a text where it is printed.
 *
 * @param page which page of the text, from 0
 * @param at where all of it would lie
 * @param scale how much larger it is printed than it is
 * @param shown what of it is printed; the rest is cut off
 */
public record Placed(int page, Box at, double scale, Box shown) {

    Placed moved(double across, double down) {
        return new Placed(page, at.moved(across, down), scale, shown.moved(across, down));
    }
}
