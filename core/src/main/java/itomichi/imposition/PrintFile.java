package itomichi.imposition;

import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Sides;
import java.util.ArrayList;
import java.util.List;

/**
 * A file that is sent to a printer in one go.
 *
 * @param name what it is called
 * @param pages in the order in which they are printed
 */
public record PrintFile(String name, List<PrintPage> pages) {

    public PrintFile {
        pages = List.copyOf(pages);
    }

    /**
     * A page of it.
     *
     * @param side what is on it
     * @param upsideDown whether it is printed standing on its head
     */
    public record PrintPage(PrintedSide side, boolean upsideDown) {}

    /**
     * The files of what is to be printed.
     *
     * @param turning what the printer does to a stack that is laid in again; of no account where the printer turns sheets by itself
     */
    public static List<PrintFile> of(Imposition imposition, PrintWish wish, Turning turning) {
        List<PrintFile> files = new ArrayList<>();
        for (PrintGroup group : imposition.groups()) {
            boolean bothSides =
                    group.sheets().stream().anyMatch(sheet -> sheet.back().isPresent());
            if (!bothSides) {
                files.add(new PrintFile(group.name(), fronts(group.sheets())));
            } else if (wish.sides() == Sides.BY_HAND) {
                byHand(files, group, wish.together(), turning);
            } else {
                files.add(new PrintFile(group.name(), turned(group.sheets(), wish.sides())));
            }
        }
        return files;
    }

    /** The openings as a reader turns them. */
    public static PrintFile proof(Imposition imposition) {
        return new PrintFile(
                "Proof",
                imposition.proof().stream()
                        .map(side -> new PrintPage(side, false))
                        .toList());
    }

    private static List<PrintPage> fronts(List<PrintedSheet> sheets) {
        return sheets.stream().map(sheet -> new PrintPage(sheet.front(), false)).toList();
    }

    private static List<PrintPage> turned(List<PrintedSheet> sheets, Sides sides) {
        List<PrintPage> pages = new ArrayList<>();
        for (PrintedSheet sheet : sheets) {
            pages.add(new PrintPage(sheet.front(), false));
            pages.add(back(sheet, sides == Sides.SHORT_EDGE));
        }
        return pages;
    }

    private static void byHand(List<PrintFile> files, PrintGroup group, int together, Turning turning) {
        List<PrintedSheet> all = group.sheets();
        int stacks = (all.size() + together - 1) / together;
        for (int i = 0; i < stacks; i++) {
            List<PrintedSheet> stack = all.subList(i * together, Math.min(all.size(), (i + 1) * together));
            String name = stacks == 1 ? group.name() : group.name() + ", stack " + (i + 1) + " of " + stacks;
            files.add(new PrintFile(name + ", fronts", fronts(stack)));
            List<PrintPage> backs = new ArrayList<>();
            for (PrintedSheet sheet : stack) {
                backs.add(turning.backsReversed() ? 0 : backs.size(), back(sheet, turning.backsUpsideDown()));
            }
            files.add(new PrintFile(name + ", backs", backs));
        }
    }

    /**
     * A back. Turned over its long edge, an upright sheet's back stands as its front does; one that lies on its long edge stands on its
     * head then.
     *
     * @param overShort whether the sheet is turned over its short edge
     */
    private static PrintPage back(PrintedSheet sheet, boolean overShort) {
        PrintedSide front = sheet.front();
        boolean lying = front.width() > front.height();
        PrintedSide back = sheet.back().orElse(new PrintedSide(front.width(), front.height(), List.of(), List.of()));
        return new PrintPage(back, lying != overShort);
    }
}
