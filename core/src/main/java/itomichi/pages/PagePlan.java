package itomichi.pages;

import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.pages.Leaf.Half;
import itomichi.pages.Leaf.Reach;
import itomichi.plan.Blanks;
import itomichi.plan.WorkedBook;
import itomichi.spec.Artwork.Spot;
import itomichi.spec.BookSpec;
import itomichi.spec.PageWish;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Which page of a book lies where.
 *
 * @param gatherings its signatures opened out, in the order in which they are sewn
 * @param readings the openings as a reader turns them; one for each side from which the book is read
 */
public record PagePlan(List<Gathering> gatherings, List<List<Opening>> readings) {

    public PagePlan {
        gatherings = List.copyOf(gatherings);
        readings = readings.stream().map(List::copyOf).toList();
    }

    /** The pages of a book that was worked out. */
    public static PagePlan of(WorkedBook book) {
        List<Gathering> gatherings = new Maker(book).gatherings();
        return new PagePlan(gatherings, readings(gatherings));
    }

    private static List<List<Opening>> readings(List<Gathering> gatherings) {
        List<Leaf> straight = new ArrayList<>();
        List<List<Opening>> readings = new ArrayList<>();
        for (Gathering gathering : gatherings) {
            if (!gathering.turned()) {
                straight.addAll(gathering.leaves());
            }
        }
        readings.add(openings(TippedOn.among(straight)));
        gatherings.stream()
                .filter(Gathering::turned)
                .forEach(gathering -> readings.add(openings(TippedOn.among(gathering.leaves()))));
        return readings;
    }

    /** The first page lies beside the cover, and so does the last. */
    private static List<Opening> openings(List<Leaf> leaves) {
        return IntStream.rangeClosed(0, leaves.size())
                .mapToObj(i -> new Opening(
                        i == 0 ? Optional.empty() : Optional.of(leaves.get(i - 1)),
                        i == leaves.size() ? Optional.empty() : Optional.of(leaves.get(i))))
                .toList();
    }

    private static final class Maker {
        private final BookSpec spec;
        private final Gathered gathered;
        private final Blanks blanks;
        /** What is pasted, by the page. */
        private final Map<Integer, List<PastedOn>> pasted;

        /** Pages of the book before the one at hand, and of its reading. */
        private int before;

        private int read;

        Maker(WorkedBook book) {
            this.spec = book.spec();
            this.gathered = book.gathered();
            this.blanks = Blanks.of(spec, gathered);
            this.pasted = spec.pageWish().pasted().stream().collect(Collectors.groupingBy(PastedOn::page));
        }

        List<Gathering> gatherings() {
            return gathered.match(this::folded, this::singly);
        }

        private List<Gathering> folded(Gathered.InSignatures folded) {
            List<Signature> signatures = folded.block().signatures();
            List<Gathering> gatherings = new ArrayList<>();
            for (int i = 0; i < signatures.size(); i++) {
                boolean turned = spec.bound().turnedOver() && i > 0;
                if (turned) {
                    // what is read from its own front is counted from there
                    read = 0;
                }
                gatherings.add(gathering(i + 1, signatures.get(i), folded.endpaper(i), turned));
            }
            return gatherings;
        }

        private Gathering gathering(int number, Signature signature, boolean endpapers, boolean turned) {
            int sheets = signature.count();
            List<Leaf> first = new ArrayList<>();
            List<Leaf> second = new ArrayList<>();
            int at = 0;
            for (int k = 0; k < sheets; k++) {
                FoldedSheet sheet = signature.sheets().get(k);
                first.add(leaf(number, k + 1, Half.FIRST, sheet.paper(), sheet.first(), endpapers ? -1 : at));
                at += first.get(k).reach() == Reach.STUB ? 0 : 2;
            }
            for (int k = sheets - 1; k >= 0; k--) {
                FoldedSheet sheet = signature.sheets().get(k);
                second.add(0, leaf(number, k + 1, Half.SECOND, sheet.paper(), sheet.second(), endpapers ? -1 : at));
                at += second.get(0).reach() == Reach.STUB ? 0 : 2;
            }
            if (!endpapers) {
                before += at;
                read += at;
            }
            List<SheetSides> sides = IntStream.range(0, sheets)
                    .mapToObj(k -> new SheetSides(k + 1, first.get(k), Optional.of(second.get(k)), false))
                    .toList();
            return new Gathering(number, endpapers, turned, sides);
        }

        private List<Gathering> singly(Gathered.Singly singly) {
            List<SheetSides> sides = new ArrayList<>();
            for (int k = 0; k < singly.sheets(); k++) {
                sides.add(new SheetSides(
                        k + 1,
                        leaf(1, k + 1, Half.WHOLE, 0, spec.leaf().width(), 2 * k),
                        Optional.empty(),
                        singly.doubled()));
            }
            return List.of(new Gathering(1, false, false, sides));
        }

        /** @param at pages of its signature before its front; less than none of an endpaper */
        private Leaf leaf(int signature, int sheet, Half half, int paper, Length width, int at) {
            Length whole = spec.leaf().width();
            Reach reach = reach(width, whole);
            if (reach == Reach.STUB) {
                return new Leaf(signature, sheet, half, paper, width, reach, Page.STUB, Page.STUB);
            }
            if (at < 0) {
                return new Leaf(signature, sheet, half, paper, width, reach, Page.ENDPAPER, Page.ENDPAPER);
            }
            boolean made = half != Half.WHOLE;
            Page front = page(at + 1, made ? picture(new Spot(signature, sheet, half == Half.SECOND, true)) : "");
            Page back = page(at + 2, made ? picture(new Spot(signature, sheet, half == Half.FIRST, false)) : "");
            return new Leaf(signature, sheet, half, paper, width, reach, front, back);
        }

        private static Reach reach(Length width, Length whole) {
            if (width.isMoreThan(whole)) {
                return Reach.FOLD_OUT;
            }
            if (FoldedSheet.stub(width, whole)) {
                return Reach.STUB;
            }
            return width.isLessThan(whole) ? Reach.SHORT : Reach.FULL;
        }

        private String picture(Spot spot) {
            return spec.pageWish().artwork().pictures().getOrDefault(spot, "");
        }

        private Page page(int ahead, String picture) {
            int place = read + ahead;
            int through = before + ahead;
            List<PastedOn> on = pasted.getOrDefault(through, List.of());
            if (blanks.blank(through)) {
                return new Page(Page.Kind.BLANK, place, through, "", picture, on);
            }
            // what stands blank in front of the text is not counted
            int counted = place - (place == through ? blanks.front() : 0);
            return new Page(Page.Kind.TEXT, place, through, number(spec.pageWish(), counted), picture, on);
        }

        private static String number(PageWish wish, int counted) {
            int roman = counted - wish.uncounted();
            if (roman <= 0) {
                return "";
            }
            int arabic = roman - wish.roman();
            return arabic <= 0 ? Roman.of(roman) : Integer.toString(wish.first() + arabic - 1);
        }
    }
}
