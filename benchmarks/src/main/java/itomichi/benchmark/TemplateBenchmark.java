package itomichi.benchmark;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TemplateKind;
import itomichi.documents.sheets.TemplateSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Every template of a book of nine signatures in a cover as one PDF, beside an empty page by the same library. Wanted: under 150 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class TemplateBenchmark {

    private final BookPlan plan = Planner.plan(SampleBook.inCover(9));

    @Benchmark
    public byte[] everyTemplate() {
        return PdfWriter.write(new TemplateSheet(
                        plan,
                        TemplateKind.of(plan),
                        false,
                        1,
                        false,
                        LocalDate.of(2026, 11, 24),
                        1,
                        Optional.of("http://127.0.0.1:8372/books/00000000-0000-0000-0000-000000000001/template"))
                .draw(PrintPaper.A4, PrinterCorrection.NONE));
    }

    /** What writing any page costs with the face embedded, as every sheet has it. */
    @Benchmark
    public byte[] pageOfOneWord() {
        return PdfWriter.write(new Drawing(
                "Empty",
                java.util.List.of(new Drawing.Page(
                        210,
                        297,
                        java.util.List.of(
                                new itomichi.documents.drawing.Shape.Words(20, 20, "Empty", 4, false, false))))));
    }

    @Benchmark
    public byte[] emptyPage() throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
