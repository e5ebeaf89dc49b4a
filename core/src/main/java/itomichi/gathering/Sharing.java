package itomichi.gathering;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Sheets shared over signatures as evenly as can be.
 *
 * @param sheetsEach sheets in each signature, in the order of the book
 */
public record Sharing(List<Integer> sheetsEach) {

    public Sharing {
        sheetsEach = List.copyOf(sheetsEach);
    }

    /**
     * Shares sheets over signatures; where they do not divide, some in the middle get one more, symmetric about the middle as far as
     * that can be.
     *
     * @param sheets at least as many as signatures
     * @param signatures at least one
     * @throws IllegalArgumentException if a signature would have no sheet
     */
    public static Sharing of(int sheets, int signatures) {
        if (signatures < 1 || sheets < signatures) {
            throw new IllegalArgumentException(
                    "%d sheets cannot be shared over %d signatures: each needs one".formatted(sheets, signatures));
        }
        int[] each = new int[signatures];
        Arrays.fill(each, sheets / signatures);
        int over = sheets % signatures;
        int middle = signatures / 2;
        boolean centre = signatures % 2 == 1;
        if (over % 2 == 1) {
            // an odd one over sits in the very middle; with an even count there is none, and it stands just before it
            each[centre ? middle : middle - 1]++;
            over--;
        }
        boolean taken = sheets % signatures % 2 == 1 && !centre;
        for (int step = taken ? 2 : 1; over > 0; step++, over -= 2) {
            int after = centre ? middle + step : middle + step - 1;
            each[signatures - 1 - after]++;
            each[after]++;
        }
        return new Sharing(Arrays.stream(each).boxed().toList());
    }

    public int signatures() {
        return sheetsEach.size();
    }

    public int sheets() {
        return sheetsEach.stream().mapToInt(Integer::intValue).sum();
    }

    /** Sheets of the fullest signature. */
    public int most() {
        return sheetsEach.stream().mapToInt(Integer::intValue).max().orElseThrow();
    }

    /** Sheets of the thinnest signature. */
    public int fewest() {
        return sheetsEach.stream().mapToInt(Integer::intValue).min().orElseThrow();
    }

    public boolean even() {
        return most() == fewest();
    }

    /** Whether the run reads the same from both ends of the book. */
    public boolean symmetric() {
        List<Integer> turned = new ArrayList<>(sheetsEach);
        java.util.Collections.reverse(turned);
        return turned.equals(sheetsEach);
    }

    /** Numbers, from 1, of the signatures that get one more. */
    public List<Integer> fuller() {
        List<Integer> numbers = new ArrayList<>();
        int most = most();
        boolean even = even();
        for (int i = 0; i < sheetsEach.size() && !even; i++) {
            if (sheetsEach.get(i) == most) {
                numbers.add(i + 1);
            }
        }
        return numbers;
    }

    /** In words: {@code 10 of 6}, or {@code 8 of 6, and 2 of 7 (the 5th and 6th)}. */
    public String words() {
        if (even()) {
            return signatures() + " of " + most();
        }
        List<Integer> fuller = fuller();
        return (signatures() - fuller.size()) + " of " + fewest() + " and " + fuller.size() + " of " + most();
    }

    /** The fuller ones by their place: {@code the 5th and 6th}; runs longer than four are told by their ends. */
    public String fullerWords() {
        List<Integer> fuller = fuller();
        boolean run = fuller.size() > 2 && fuller.get(fuller.size() - 1) - fuller.get(0) == fuller.size() - 1;
        if (run) {
            return "the " + place(fuller.get(0)) + " to the " + place(fuller.get(fuller.size() - 1));
        }
        String all = fuller.stream().map(Sharing::place).collect(Collectors.joining(", "));
        int comma = all.lastIndexOf(", ");
        return "the " + (comma < 0 ? all : all.substring(0, comma) + " and " + all.substring(comma + 2));
    }

    private static String place(int number) {
        int tens = number % 100;
        String ending = tens >= 11 && tens <= 13
                ? "th"
                : switch (number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }
}
