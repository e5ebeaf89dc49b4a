package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.plan.SewingPlan;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * The sewing on paper: a few moves to a picture, each picture with what lay before it, and the moves in words below.
 *
 * <p>Signatures in the middle of a book that are sewn like the ones before are not drawn again; a line says so. Pictures are drawn to one
 * scale that is printed at the top; nothing is to be measured on them.
 */
public final class StepSheet {

    private static final double EDGE_MM = 14;
    private static final double TITLE_MM = 5.2;
    private static final double WORDS_MM = 3.3;
    private static final double BETWEEN_MM = 5;
    private static final int MOVES_EACH = 4;
    private final BookPlan plan;
    private final SewingPlan sewing;
    private final PrintPaper paper;
    private final Unit unit;
    /** What is on each page: words as they are set, pictures to be drawn when the page is. */
    private final List<List<Consumer<List<Shape>>>> pages = new ArrayList<>();

    private List<Consumer<List<Shape>>> page = new ArrayList<>();
    private double yMm = EDGE_MM;

    private StepSheet(BookPlan plan, PrintPaper paper) {
        this.plan = plan;
        this.sewing = plan.sewn();
        this.paper = paper;
        this.unit = plan.spec().title().unit();
    }

    /**
     * Draws the step sheet of a book.
     *
     * @param plan the book
     * @param paper the paper it is printed on
     * @param date the day printed on it
     * @param revision the revision of the book printed on it
     * @throws IllegalStateException if the book cannot be sewn as it is
     */
    public static Drawing draw(BookPlan plan, PrintPaper paper, LocalDate date, int revision) {
        return new StepSheet(plan, paper).draw(date, revision);
    }

    private Drawing draw(LocalDate date, int revision) {
        String name = plan.spec().title().name();
        List<StepLine> steps = StepLines.of(sewing);
        List<List<Strand>> strands =
                Strands.bySteps(steps.stream().map(StepLine::step).toList(), sewing.frame());
        Repeated repeated = Repeated.of(steps, sewing.choice().signatures());
        Picture picture = Picture.of(sewing, paper.widthMm() - 2 * EDGE_MM);
        heading(name, date, revision, picture.scale());
        boolean said = false;
        for (int from = 0; from < steps.size(); ) {
            int signature = Repeated.signature(steps.get(from));
            int to = from + 1;
            while (to < steps.size() && to - from < MOVES_EACH && Repeated.signature(steps.get(to)) == signature) {
                to++;
            }
            boolean like = repeated.like(signature);
            if (!like) {
                picture(picture, steps, strands, from, to);
            } else if (!said) {
                likeBefore(repeated.words(signature));
            }
            said = like;
            from = to;
        }
        endPage();
        List<List<Consumer<List<Shape>>>> laid = List.copyOf(pages);
        return Drawing.onDemand("Step sheet: " + name, laid.size(), number -> drawn(laid.get(number)));
    }

    private Drawing.Page drawn(List<Consumer<List<Shape>>> parts) {
        List<Shape> shapes = new ArrayList<>();
        parts.forEach(part -> part.accept(shapes));
        return new Drawing.Page(paper.widthMm(), paper.heightMm(), shapes);
    }

    /** Sets words on the page, the first line at this height; the next part comes below them. */
    private void set(double firstLineMm, Consumer<TextColumn> words) {
        List<Shape> shapes = new ArrayList<>();
        TextColumn column = new TextColumn(shapes, EDGE_MM, firstLineMm, paper.widthMm() - 2 * EDGE_MM);
        words.accept(column);
        page.add(into -> into.addAll(shapes));
        yMm = column.yMm() + BETWEEN_MM;
    }

    private void heading(String name, LocalDate date, int revision, double scale) {
        String structure = plan.spec().bound().name();
        List<Length> pieces = sewing.need().pieces();
        String lengths = pieces.stream()
                .limit(12)
                .map(piece -> piece.at(Fineness.THREAD).in(unit))
                .collect(Collectors.joining(", "));
        set(
                yMm + TITLE_MM,
                column -> column.words(name, TITLE_MM)
                        .gap(1)
                        .words(
                                structure + ", step sheet; " + date + ", revision " + revision + ". Drawn "
                                        + Math.round(scale * 100) + " % of its size; the head is on the left.",
                                WORDS_MM)
                        .words(
                                "Thread: " + plan.spec().thread().thread().name() + ", cut " + lengths
                                        + (pieces.size() > 12 ? " …" : "")
                                        + (plan.spec().thread().strands() == 2 ? ", doubled" : "") + ".",
                                WORDS_MM)
                        .words(
                                "Thin: sewn before. Thick: the moves of this picture. Dashed: inside the fold, or at the back.",
                                WORDS_MM));
    }

    private void picture(Picture picture, List<StepLine> steps, List<List<Strand>> strands, int from, int to) {
        List<String> words = new ArrayList<>();
        for (StepLine step : steps.subList(from, to)) {
            String care =
                    step.care().equals(Phrase.EMPTY) ? "" : " " + step.care().in(unit);
            words.add(step.step().number() + ". " + step.plain().in(unit) + care);
        }
        double wordsMm = heightOf(words);
        if (yMm + picture.heightMm() + wordsMm + 8 > paper.heightMm() - EDGE_MM) {
            endPage();
        }
        int signature = Repeated.signature(steps.get(to - 1));
        double topMm = yMm;
        page.add(shapes -> {
            shapes.add(new Shape.Words(
                    EDGE_MM, topMm + WORDS_MM, title(steps, from, to, signature), WORDS_MM + 0.4, false, false));
            picture.draw(shapes, EDGE_MM, topMm + 6, signature, steps, strands, from, to);
        });
        set(
                topMm + 6 + picture.heightMm() + WORDS_MM + 1,
                column -> words.forEach(line -> column.words(line, WORDS_MM)));
    }

    private String title(List<StepLine> steps, int from, int to, int signature) {
        int first = steps.get(from).step().number();
        int last = steps.get(to - 1).step().number();
        return (first == last ? "Move " + first : "Moves " + first + " to " + last)
                + (sewing.choice().signatures() > 1 ? ", signature " + signature : "");
    }

    private double heightOf(List<String> words) {
        TextColumn dry = new TextColumn(new ArrayList<>(), 0, 0, paper.widthMm() - 2 * EDGE_MM);
        words.forEach(line -> dry.words(line, WORDS_MM));
        return dry.yMm() + WORDS_MM + 1;
    }

    private void likeBefore(String words) {
        if (yMm + 10 > paper.heightMm() - EDGE_MM) {
            endPage();
        }
        set(yMm + TITLE_MM, column -> column.words(words, WORDS_MM + 0.4));
    }

    private void endPage() {
        int number = pages.size() + 1;
        page.add(shapes -> shapes.add(new Shape.Words(
                paper.widthMm() / 2,
                paper.heightMm() - EDGE_MM / 2,
                plan.spec().title().name() + ", page " + number,
                WORDS_MM - 0.4,
                true,
                false,
                Ink.BLACK)));
        pages.add(page);
        page = new ArrayList<>();
        yMm = EDGE_MM;
    }

    static Pen pen(Strand.View view) {
        return view == Strand.View.INSIDE || view == Strand.View.BACK ? Pen.THREAD_BEHIND : Pen.THREAD;
    }
}
