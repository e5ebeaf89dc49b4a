package itomichi.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A standard size of sheet, upright.
 *
 * @param name the name it is asked for by, for instance {@code A5}
 * @param width the shorter edge
 * @param height the longer edge
 */
public record SheetSize(String name, Length width, Length height) {

    private static final List<SheetSize> STANDARD = standard();
    private static final List<SheetSize> LEAVES = Stream.of(
                    "A4",
                    "A5",
                    "A6",
                    "A7",
                    "B5",
                    "B6",
                    "JIS B5",
                    "JIS B6",
                    "Letter",
                    "Half letter",
                    "Legal",
                    "Executive")
            .map(name -> named(name).orElseThrow())
            .toList();

    /** ISO 216 A and B, JIS P 0138 B, and the North American sizes. */
    public static List<SheetSize> standardSizes() {
        return STANDARD;
    }

    /** The standard size of that name. */
    public static Optional<SheetSize> named(String name) {
        return STANDARD.stream()
                .filter(size -> size.name.equalsIgnoreCase(name))
                .findFirst();
    }

    /** The standard size of these measures, to within half a millimetre either way. */
    public static Optional<SheetSize> matching(Length width, Length height) {
        return STANDARD.stream()
                .filter(size -> near(size.width, width) && near(size.height, height))
                .findFirst();
    }

    /** The sizes that leaves are cut to. */
    public static List<SheetSize> leaves() {
        return LEAVES;
    }

    private static boolean near(Length one, Length other) {
        return Math.abs(one.micrometres() - other.micrometres()) <= 500;
    }

    private static List<SheetSize> standard() {
        List<SheetSize> sizes = new ArrayList<>();
        halved(sizes, "A", 841, 1189, 8);
        halved(sizes, "B", 1000, 1414, 8);
        halved(sizes, "JIS B", 1030, 1456, 8);
        sizes.add(inches("Half letter", 5.5, 8.5));
        sizes.add(inches("Letter", 8.5, 11));
        sizes.add(inches("Legal", 8.5, 14));
        sizes.add(inches("Tabloid", 11, 17));
        sizes.add(inches("Executive", 7.25, 10.5));
        return List.copyOf(sizes);
    }

    /** Each size is the one before it halved across, rounded down to whole millimetres as the standards do. */
    private static void halved(List<SheetSize> sizes, String series, int widthMm, int heightMm, int last) {
        for (int number = 0; number <= last; number++) {
            sizes.add(new SheetSize(series + number, Length.ofMm(widthMm), Length.ofMm(heightMm)));
            int halfMm = heightMm / 2;
            heightMm = widthMm;
            widthMm = halfMm;
        }
    }

    private static SheetSize inches(String name, double width, double height) {
        return new SheetSize(name, Length.ofInches(width), Length.ofInches(height));
    }
}
