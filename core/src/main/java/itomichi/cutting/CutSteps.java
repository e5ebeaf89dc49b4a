package itomichi.cutting;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** Reads the cuts off a parted sheet in the order in which a hand makes them. */
final class CutSteps {

    private final List<Layout.Cut> cuts = new ArrayList<>();
    private final List<Phrase> steps = new ArrayList<>();

    private CutSteps() {}

    /** The layout of a parted stock sheet. */
    static Layout layout(int sheets, CutPart part, Length left, Length top, Length width, Length height) {
        CutSteps reading = new CutSteps();
        reading.deckle(left, top, width, height);
        reading.read(part, left, top, width, height, "the sheet");
        return new Layout(sheets, part.placed(left, top), reading.cuts, reading.steps);
    }

    private void deckle(Length left, Length top, Length width, Length height) {
        if (left.equals(Length.ZERO)) {
            return;
        }
        steps.add(Phrase.of("Cut {} off all four edges: the deckle", left.at(Fineness.CUT)));
        Length right = left.plus(width);
        Length bottom = top.plus(height);
        cuts.add(new Layout.Cut(1, Length.ZERO, top, right.plus(left), top));
        cuts.add(new Layout.Cut(1, Length.ZERO, bottom, right.plus(left), bottom));
        cuts.add(new Layout.Cut(1, left, top, left, bottom));
        cuts.add(new Layout.Cut(1, right, top, right, bottom));
    }

    /**
     * Reads a part.
     *
     * @param of what the part is called in words
     */
    private void read(CutPart part, Length x, Length y, Length width, Length height, String of) {
        if (part instanceof CutPart.Wanted wanted) {
            toSize(wanted, x, y, width, height);
            return;
        }
        if (!(part instanceof CutPart.Parted first)) {
            return;
        }
        List<CutPart> alike = new ArrayList<>();
        CutPart rest = part;
        while (rest instanceof CutPart.Parted parted && parted.alike(first)) {
            alike.add(parted.first());
            rest = parted.second();
        }
        int step = steps.size() + 1;
        Length room = first.level() ? height : width;
        boolean last = rest.equals(first.first()) && room.equals(first.at().times(alike.size() + 1.0));
        steps.add(words(first, alike.size() + (last ? 1 : 0), of));
        cuts(first, alike.size(), step, x, y, width, height);
        into(first, alike.size() + (last ? 1 : 0), x, y, width, height);
        if (!last) {
            Length gone = first.at().times(alike.size());
            if (first.level()) {
                read(rest, x, y.plus(gone), width, height.minus(gone), "the rest");
            } else {
                read(rest, x.plus(gone), y, width.minus(gone), height, "the rest");
            }
        }
    }

    /** Cuts away what stands out past a piece that does not fill its part. */
    private void toSize(CutPart.Wanted piece, Length x, Length y, Length width, Length height) {
        if (piece.width().isLessThan(width) || piece.height().isLessThan(height)) {
            int step = steps.size() + 1;
            steps.add(Phrase.of(
                    "Cut to {} × {}",
                    piece.width().at(Fineness.CUT),
                    piece.height().at(Fineness.CUT)));
            if (piece.height().isLessThan(height)) {
                Length at = y.plus(piece.height());
                cuts.add(new Layout.Cut(step, x, at, x.plus(width), at));
            }
            if (piece.width().isLessThan(width)) {
                Length at = x.plus(piece.width());
                cuts.add(new Layout.Cut(step, at, y, at, y.plus(piece.height())));
            }
        }
    }

    private static Phrase words(CutPart.Parted part, int number, String of) {
        return Phrase.of(
                part.level() ? "From {}, right across: {} of {} high" : "From {}, from top to bottom: {} of {} wide",
                of,
                number,
                part.at().at(Fineness.CUT));
    }

    private void cuts(CutPart.Parted part, int number, int step, Length x, Length y, Length width, Length height) {
        for (int i = 1; i <= number; i++) {
            Length at = part.at().times(i);
            cuts.add(
                    part.level()
                            ? new Layout.Cut(step, x, y.plus(at), x.plus(width), y.plus(at))
                            : new Layout.Cut(step, x.plus(at), y, x.plus(at), y.plus(height)));
        }
    }

    /** What is cut in each of several parts that are alike: told once, drawn in each. */
    private void into(CutPart.Parted part, int number, Length x, Length y, Length width, Length height) {
        String strip = number == 1 ? "this strip" : "each strip";
        int told = steps.size();
        for (int i = 0; i < number; i++) {
            while (steps.size() > told) {
                steps.remove(steps.size() - 1);
            }
            Length gone = part.at().times(i);
            if (part.level()) {
                read(part.first(), x, y.plus(gone), width, part.at(), strip);
            } else {
                read(part.first(), x.plus(gone), y, part.at(), height, strip);
            }
        }
    }
}
