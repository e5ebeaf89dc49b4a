package itomichi.advice;

import itomichi.gathering.Extent;
import itomichi.gathering.Form;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.structure.Hands;
import itomichi.structure.Judgement;
import itomichi.structure.Need;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A structure weighed against what a book has to do.
 *
 * @param structure the structure
 * @param weight all reasons added up; the greatest is the best advice
 * @param excluded whether a reason rules it out
 * @param reasons what speaks for and against it, the weightiest first
 */
public record Advice(Structure structure, int weight, boolean excluded, List<Reason> reasons) {

    /** Past so many copies the quickness of a structure counts. */
    private static final int MANY = 5;

    /**
     * A reason.
     *
     * @param weight from 3 to -3
     * @param words the reason
     */
    public record Reason(int weight, Phrase words) {}

    /**
     * Every structure, the best advised first; those that are ruled out come last. Equals stay in the order of {@link Structures}.
     *
     * @param use what the book has to do
     * @param extent how long it is
     * @param sheet thickness of a sheet
     */
    public static List<Advice> rank(Use use, Extent extent, Length sheet) {
        return Structures.all().stream()
                .map(structure -> of(structure, use, extent, sheet))
                .sorted(Comparator.comparing(Advice::excluded).thenComparing(Advice::weight, Comparator.reverseOrder()))
                .toList();
    }

    private static Advice of(Structure structure, Use use, Extent extent, Length sheet) {
        List<Reason> reasons = new ArrayList<>();
        for (Need need : Need.values()) {
            Judgement judgement = structure.judgements().get(need);
            if (judgement != null && use.needs().contains(need)) {
                reasons.add(new Reason(judgement.weight(), Phrase.of("{}", judgement.words())));
            }
        }
        // sheets that need not be single are better folded
        if (!structure.form().folded() && !use.needs().contains(Need.LOOSE_SHEETS)) {
            reasons.add(new Reason(-1, Phrase.of("folded sheets are held better than single ones")));
        }
        copies(structure, use, reasons);
        hands(structure, use, reasons);
        extent(structure, extent, sheet, reasons);
        reasons.sort(Comparator.comparingInt((Reason reason) -> -Math.abs(reason.weight())));
        return new Advice(
                structure,
                reasons.stream().mapToInt(Reason::weight).sum(),
                reasons.stream().anyMatch(reason -> reason.weight() <= -3),
                reasons);
    }

    private static void copies(Structure structure, Use use, List<Reason> reasons) {
        if (use.copies() >= MANY && structure.inNumber() != 0) {
            reasons.add(new Reason(
                    structure.inNumber(),
                    Phrase.of(
                            structure.inNumber() > 0 ? "quick to make {} of" : "slow work for {} of them",
                            use.copies())));
        }
    }

    private static void hands(Structure structure, Use use, List<Reason> reasons) {
        int grade = structure.skill().grade();
        if (use.hands() == Hands.PRACTISED) {
            return;
        }
        boolean children = use.hands() == Hands.CHILDREN;
        if (grade == 0) {
            reasons.add(new Reason(
                    children ? 2 : 1,
                    Phrase.of(
                            children
                                    ? "children can sew it with a blunt needle, an adult at the awl and the knife"
                                    : "a good first book")));
        } else {
            reasons.add(new Reason(
                    -grade - (children ? 1 : 0), Phrase.of(grade == 1 ? "asks some practice" : "asks much practice")));
        }
    }

    /** Whether the sheets fit in the folds it has. */
    private static void extent(Structure structure, Extent extent, Length sheet, List<Reason> reasons) {
        Form form = structure.form();
        if (!form.folded()) {
            return;
        }
        int sheets = extent.sheets(true);
        int sheetsEach = (sheets + form.most() - 1) / form.most();
        double foldMm = 2 * sheetsEach * sheet.mm();
        Phrase fold = Phrase.of(
                "{} sheets in a fold are {} thick",
                sheetsEach,
                Length.ofMm(foldMm).at(Fineness.BUNDLE));
        if (foldMm > 2 * form.comfort().most().mm()) {
            reasons.add(new Reason(-3, Phrase.of("{}: too thick for {}", fold, folds(form))));
        } else if (foldMm > form.comfort().most().mm()) {
            reasons.add(new Reason(-1, Phrase.of("{}: rather thick for {}", fold, folds(form))));
        } else if (sheets < form.fewest()) {
            reasons.add(new Reason(-2, Phrase.of("{} sheets do not make {} signatures", sheets, form.fewest())));
        } else if (form.fewest() > 1
                && 2 * sheets * sheet.mm() <= form.comfort().most().mm()) {
            reasons.add(new Reason(-1, Phrase.of("all of it would fit in one fold")));
        } else if (form.most() == 1) {
            reasons.add(new Reason(2, Phrase.of("{}, which one takes well", fold)));
        } else {
            reasons.add(new Reason(1, Phrase.of("the pages divide well into signatures")));
        }
    }

    private static String folds(Form form) {
        return form.most() == 1 ? "one fold" : form.most() + " folds";
    }
}
