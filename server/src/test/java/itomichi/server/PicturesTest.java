package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Pictures of books over HTTP. */
public class PicturesTest extends HttpTest {

    /** The upper left quarter of it is red, the rest white. */
    private static BufferedImage marked(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, width / 2, height / 2);
        pen.dispose();
        return image;
    }

    private static byte[] file(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** With a camera's words before the picture: how it was held, and where (TIFF 6.0 and Exif 2.32, from memory). */
    private static byte[] heldAs(int orientation, byte[] jpeg) {
        ByteBuffer tiff = ByteBuffer.allocate(2 + 2 + 4 + 2 + 2 * 12 + 4 + 2 + 12 + 4);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 2);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38);
        tiff.putInt(0);
        tiff.putShort((short) 1);
        tiff.putShort((short) 0x0001)
                .putShort((short) 2)
                .putInt(2)
                .put((byte) 'N')
                .put((byte) 0)
                .putShort((short) 0);
        tiff.putInt(0);
        ByteBuffer whole = ByteBuffer.allocate(jpeg.length + tiff.capacity() + 10);
        whole.put(jpeg, 0, 2).putShort((short) 0xFFE1).putShort((short) (tiff.capacity() + 8));
        whole.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII))
                .put(tiff.array())
                .put(jpeg, 2, jpeg.length - 2);
        return whole.array();
    }

    private Answer lay(JsonNode book, byte[] file) {
        return post("/api/books/" + BooksTest.id(book) + "/pictures", file);
    }

    private BufferedImage kept(JsonNode picture, boolean small) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(bytes(picture, small)));
    }

    private byte[] bytes(JsonNode picture, boolean small) {
        return get("/api/pictures/" + picture.get("id").asString() + "?small=" + small)
                .raw()
                .body();
    }

    private static boolean red(BufferedImage image, double x, double y) {
        Color color = new Color(image.getRGB((int) (image.getWidth() * x), (int) (image.getHeight() * y)));
        return color.getRed() > 200 && color.getGreen() < 80 && color.getBlue() < 80;
    }

    @DataProvider
    Object[][] formats() {
        return new Object[][] {{"jpg"}, {"png"}};
    }

    @Test(dataProvider = "formats")
    public void aPictureIsKeptInFullAndSmall(String format) throws IOException {
        JsonNode picture = lay(begin("Cues"), file(marked(800, 600), format)).body();
        assertEquals(kept(picture, false).getWidth(), 800);
        assertEquals(kept(picture, true).getWidth(), 320);
        assertTrue(red(kept(picture, true), 0.25, 0.25) && !red(kept(picture, true), 0.75, 0.75));
    }

    @Test
    public void aLargePictureIsKeptAsLargeAsAScreenShows() throws IOException {
        JsonNode picture = lay(begin("Cues"), file(marked(5000, 2500), "png")).body();
        assertEquals(kept(picture, false).getWidth(), 2000);
        assertEquals(kept(picture, false).getHeight(), 1000);
    }

    /** Where the mark, upper left in the file, is seen when the camera was held so (Exif 2.32, tag 274, from memory). */
    @DataProvider
    Object[][] held() {
        return new Object[][] {
            {1, 0.25, 0.25, false},
            {2, 0.75, 0.25, false},
            {3, 0.75, 0.75, false},
            {4, 0.25, 0.75, false},
            {5, 0.25, 0.25, true},
            {6, 0.75, 0.25, true},
            {7, 0.75, 0.75, true},
            {8, 0.25, 0.75, true},
        };
    }

    @Test(dataProvider = "held")
    public void aPictureIsTurnedUpright(int orientation, double x, double y, boolean sideways) throws IOException {
        BufferedImage upright = kept(
                lay(begin("Cues"), heldAs(orientation, file(marked(400, 200), "jpg")))
                        .body(),
                false);
        assertEquals(upright.getWidth(), sideways ? 200 : 400);
        for (double[] quarter : new double[][] {{0.25, 0.25}, {0.75, 0.25}, {0.25, 0.75}, {0.75, 0.75}}) {
            assertEquals(red(upright, quarter[0], quarter[1]), quarter[0] == x && quarter[1] == y);
        }
    }

    @Test
    public void whereItWasTakenIsNotKept() throws IOException, ImageProcessingException {
        byte[] sent = heldAs(1, file(marked(400, 200), "jpg"));
        assertTrue(ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                .containsDirectoryOfType(GpsDirectory.class));
        byte[] kept = bytes(lay(begin("Cues"), sent).body(), false);
        assertFalse(ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept))
                .containsDirectoryOfType(GpsDirectory.class));
        assertFalse(new String(kept, StandardCharsets.ISO_8859_1).contains("Exif"));
    }

    /** A picture that says it is as large as a field, in a hundred bytes. */
    private static byte[] claimed(int width, int height) throws IOException {
        byte[] png = file(marked(2, 2), "png");
        ByteBuffer.wrap(png).putInt(16, width).putInt(20, height);
        CRC32 sum = new CRC32();
        sum.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
        return png;
    }

    @DataProvider
    Object[][] none() throws IOException {
        byte[] jpeg = file(marked(400, 200), "jpg");
        return new Object[][] {
            {"a text".getBytes(StandardCharsets.UTF_8), "JPEG and PNG are."},
            {file(marked(40, 20), "gif"), "JPEG and PNG are."},
            {Arrays.copyOf(file(marked(400, 300), "png"), 200), "it could not be read to its end."},
            {Arrays.copyOf(jpeg, 3), "it could not be read to its end."},
            {claimed(19_000, 19_000), "along a side are taken."},
            {claimed(1_000_000, 2), "along a side are taken."},
        };
    }

    @Test(dataProvider = "none")
    public void whatIsNoPictureIsRefusedInOneLine(byte[] file, String line) {
        JsonNode book = begin("Cues");
        Answer refused = lay(book, file);
        assertEquals(refused.status(), 422, refused.message());
        assertTrue(refused.message().endsWith(line), refused.message());
        assertEquals(
                get("/api/books/" + BooksTest.id(book) + "/page")
                        .body()
                        .get("pictures")
                        .size(),
                0);
    }

    @Test
    public void whatIsSeenIsWrittenUnderIt() throws IOException {
        JsonNode book = begin("Cues");
        String id = lay(book, file(marked(40, 20), "png")).body().get("id").asString();
        assertEquals(
                put("/api/pictures/" + id, Map.of("caption", "The spine, sewn")).status(), 204);
        assertEquals(
                get("/api/books/" + BooksTest.id(book) + "/page")
                        .body()
                        .get("pictures")
                        .get(0)
                        .get("caption")
                        .asString(),
                "The spine, sewn");
    }

    @Test
    public void aPictureTakenOutIsGone() throws IOException {
        String id =
                lay(begin("Cues"), file(marked(40, 20), "png")).body().get("id").asString();
        assertEquals(delete("/api/pictures/" + id).status(), 204);
        assertEquals(get("/api/pictures/" + id).status(), 404);
        assertEquals(delete("/api/pictures/" + id).status(), 404);
    }
}
