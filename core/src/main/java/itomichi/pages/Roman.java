package itomichi.pages;

/** Small roman figures, as front matter is counted in. */
final class Roman {

    private static final int[] VALUES = {1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1};
    private static final String[] FIGURES = {"m", "cm", "d", "cd", "c", "xc", "l", "xl", "x", "ix", "v", "iv", "i"};

    private Roman() {}

    /** @param number from 1 on */
    static String of(int number) {
        StringBuilder figures = new StringBuilder();
        int left = number;
        for (int i = 0; i < VALUES.length; i++) {
            while (left >= VALUES[i]) {
                figures.append(FIGURES[i]);
                left -= VALUES[i];
            }
        }
        return figures.toString();
    }
}
