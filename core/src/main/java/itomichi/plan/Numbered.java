package itomichi.plan;

import java.util.List;

/** Numbers as they are read out: runs of three and more are drawn together. */
public final class Numbered {

    private Numbered() {}

    /** For instance {@code 1, 3–5}; {@code none} of no numbers. */
    public static String of(List<Integer> numbers) {
        if (numbers.isEmpty()) {
            return "none";
        }
        StringBuilder text = new StringBuilder();
        int i = 0;
        while (i < numbers.size()) {
            int last = i;
            while (last + 1 < numbers.size() && numbers.get(last + 1) == numbers.get(last) + 1) {
                last++;
            }
            text.append(text.isEmpty() ? "" : ", ").append(numbers.get(i));
            if (last >= i + 2) {
                text.append('–').append(numbers.get(last));
                i = last + 1;
            } else {
                i++;
            }
        }
        return text.toString();
    }
}
