package itomichi.benchmark;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.Handout;
import itomichi.documents.sheets.PrintPaper;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The handouts of a class as PDF, beside the same pages empty but for heading and foot. To take at most twice as long. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class HandoutBenchmark {

    private static final double HEAD_MM = 24;
    private static final double FOOT_MM = 12;

    private final BookPlan plan = Planner.plan(SampleBook.inCover(5));
    private final Drawing empty = new Drawing(
            "empty",
            handout().pages().stream()
                    .map(page -> new Drawing.Page(page.widthMm(), page.heightMm(), headAndFoot(page)))
                    .toList());

    /** What a page has on which no move is drawn: its heading and its foot, of both halves. */
    private static List<Shape> headAndFoot(Drawing.Page page) {
        double half = PrintPaper.A4.heightMm() / 2;
        return page.shapes().stream()
                .flatMap(Shape::plain)
                .filter(shape -> shape instanceof Shape.Words words
                        && (words.yMm() % half < HEAD_MM || words.yMm() % half > half - FOOT_MM))
                .toList();
    }

    private Drawing handout() {
        return Handout.draw(plan, Handout.Form.TWO_TO_A_SHEET, false, PrintPaper.A4);
    }

    @Benchmark
    public Object handouts() {
        return PdfWriter.write(handout());
    }

    /** To compare with. */
    @Benchmark
    public Object emptyPages() {
        return PdfWriter.write(empty);
    }
}
