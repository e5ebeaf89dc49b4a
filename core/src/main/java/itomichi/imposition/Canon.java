package itomichi.imposition;

import itomichi.measure.Length;
import itomichi.spec.PrintWish.Margins;

/** Ways of finding margins, as values to start from. Their constructions are those of books on the design of pages, from memory. */
public enum Canon {
    EVEN(
            "The same all round, wider at the fold",
            "15 mm, and 20 mm at the fold, where the book does not open flat; common practice") {
        @Override
        public Margins margins(Length width, Length height) {
            Length all = Length.ofMm(15);
            return new Margins(Length.ofMm(20), all, all, all);
        }
    },
    NINTHS(
            "Ninths of the page",
            "a ninth of the width at the fold and two at the fore edge, a ninth of the height at the head and two at the tail;"
                    + " where the diagonals of page and opening cross, as books on page design construct it") {
        @Override
        public Margins margins(Length width, Length height) {
            return parts(width, height, 9);
        }
    },
    TWELFTHS("Twelfths of the page", "the same by twelfths, for more text on a page; as books on page design give it") {
        @Override
        public Margins margins(Length width, Length height) {
            return parts(width, height, 12);
        }
    },
    TWO_TO_SIX(
            "2 : 3 : 4 : 6",
            "fold to head to fore edge to tail, the fold a tenth of the width; as printers\u2019 handbooks give it") {
        @Override
        public Margins margins(Length width, Length height) {
            Length unit = width.times(1 / 20.0);
            return new Margins(unit.times(2), unit.times(3), unit.times(4), unit.times(6));
        }
    };

    private final String words;
    private final String construction;

    Canon(String words, String construction) {
        this.words = words;
        this.construction = construction;
    }

    /** The margins of a page. */
    public abstract Margins margins(Length width, Length height);

    /** What it is called. */
    public String words() {
        return words;
    }

    /** How it is found, and who says so. */
    public String construction() {
        return construction;
    }

    private static Margins parts(Length width, Length height, int parts) {
        Length across = width.times(1.0 / parts);
        Length down = height.times(1.0 / parts);
        return new Margins(across, down, across.times(2), down.times(2));
    }
}
