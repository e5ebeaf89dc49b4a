package itomichi.documents.imposing;

import java.util.ArrayList;
import java.util.List;

/**
 * Where pages of one file go on the pages of another; lengths in mm from the upper left corner of a page.
 *
 * @param pages the pages of what is written, at least one
 */
public record Layout(List<Page> pages) {

    public Layout {
        pages = List.copyOf(pages);
    }

    /**
     * A page of what is written.
     *
     * @param upsideDown whether all of it is turned half round
     */
    public record Page(double widthMm, double heightMm, boolean upsideDown, List<Place> places) {
        public Page {
            places = List.copyOf(places);
        }
    }

    /**
     * A page of the source, from 0.
     *
     * @param xMm where the left edge of all of it comes
     * @param yMm where its upper edge comes
     * @param scale how much larger it is printed than it is
     * @param shown what of it is printed
     */
    public record Place(int page, double xMm, double yMm, double scale, Shown shown) {}

    /** A rectangle. */
    public record Shown(double xMm, double yMm, double widthMm, double heightMm) {}

    /** As lines of text, one for each page and one for each place on it. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Page page : pages) {
            lines.add("page " + page.widthMm + " " + page.heightMm + " " + page.upsideDown);
            for (Place place : page.places) {
                Shown shown = place.shown;
                lines.add("place " + place.page + " " + place.xMm + " " + place.yMm + " " + place.scale + " "
                        + shown.xMm + " " + shown.yMm + " " + shown.widthMm + " " + shown.heightMm);
            }
        }
        return lines;
    }

    /**
     * Reads such lines again.
     *
     * @throws IllegalArgumentException if one is none
     */
    public static Layout read(List<String> lines) {
        List<Page> pages = new ArrayList<>();
        List<Place> places = new ArrayList<>();
        for (String line : lines) {
            String[] words = line.split(" ");
            switch (words[0]) {
                case "page" -> {
                    places = new ArrayList<>();
                    pages.add(new Page(number(words, 1), number(words, 2), Boolean.parseBoolean(words[3]), List.of()));
                }
                case "place" -> {
                    places.add(new Place(
                            Integer.parseInt(words[1]),
                            number(words, 2),
                            number(words, 3),
                            number(words, 4),
                            new Shown(number(words, 5), number(words, 6), number(words, 7), number(words, 8))));
                    Page open = pages.remove(pages.size() - 1);
                    pages.add(new Page(open.widthMm, open.heightMm, open.upsideDown, places));
                }
                default -> throw new IllegalArgumentException("No line of a layout: " + line);
            }
        }
        return new Layout(pages);
    }

    private static double number(String[] words, int at) {
        return Double.parseDouble(words[at]);
    }
}
