package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import itomichi.documents.Raster;
import itomichi.documents.SamplePlans;
import itomichi.documents.SampleSheets;
import itomichi.documents.pdf.PdfWriter;
import itomichi.measure.Unit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The code on a sheet, read from the printed image by ZXing, which shares nothing with what wrote it. */
public class SlipTest {

    @DataProvider
    Object[][] printers() {
        return new Object[][] {{1.0, 1.0}, {1.0277, 0.988}};
    }

    @Test(dataProvider = "printers")
    public void theCodeLeadsBackToTheBook(double across, double along) throws Exception {
        byte[] pdf = PdfWriter.write(
                SampleSheets.of(SamplePlans.pamphlet("Cues", 210, 5, Unit.MM), TemplateKind.FOLDED_STRIP)
                        .draw(PrintPaper.A4, new PrinterCorrection(across, along)));
        Raster page = Raster.of(pdf).get(0);
        BinaryBitmap image = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(page.image())));
        assertEquals(
                new QRCodeReader()
                        .decode(image, java.util.Map.of(com.google.zxing.DecodeHintType.TRY_HARDER, true))
                        .getText(),
                SampleSheets.ADDRESS);
    }
}
