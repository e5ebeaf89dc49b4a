package itomichi.documents.svg;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.book.BookPlan;
import itomichi.documents.SamplePlans;
import itomichi.documents.SampleSheets;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TemplateKind;
import itomichi.measure.Unit;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** The SVG read back by the JDK's own XML reader. */
public class SvgMillimetresTest {

    private static final BookPlan PLAN = SamplePlans.pamphlet("Cues & <cries>", 210, 5, Unit.MM);
    private static final Drawing STRIP =
            SampleSheets.of(PLAN, TemplateKind.FOLDED_STRIP).draw(PrintPaper.A4, PrinterCorrection.NONE);

    @Test
    public void aUserUnitIsAMillimetre() throws Exception {
        Element svg = read().getDocumentElement();
        assertEquals(
                svg.getAttribute("width") + " " + svg.getAttribute("height") + " " + svg.getAttribute("viewBox"),
                "210mm 297mm 0 0 210 297");
    }

    @Test
    public void stationsAreWhereThePlanSays() throws Exception {
        List<Double> places = heights("station");
        double head =
                heights("cut").stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        for (int station = 1; station <= 5; station++) {
            assertEquals(
                    places.get(station - 1) - head,
                    PLAN.foldHoles().orElseThrow().stations().at(station).mm(),
                    0.001);
        }
    }

    @Test
    public void aPageThatIsNotThereIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> SvgWriter.write(STRIP, 2));
    }

    private static List<Double> heights(String pen) throws Exception {
        List<Double> heights = new ArrayList<>();
        var lines = read().getElementsByTagName("line");
        for (int i = 0; i < lines.getLength(); i++) {
            Element line = (Element) lines.item(i);
            if (line.getAttribute("class").equals(pen)) {
                heights.add(Double.valueOf(line.getAttribute("y1")));
            }
        }
        return heights;
    }

    private static Document read() throws Exception {
        byte[] svg = SvgWriter.write(STRIP, 1).getBytes(StandardCharsets.UTF_8);
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
    }
}
