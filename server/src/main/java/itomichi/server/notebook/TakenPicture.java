package itomichi.server.notebook;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import itomichi.server.platform.ProblemException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.http.HttpStatus;

/**
 * A picture made anew from a file that was sent: upright, no larger than a screen shows, as JPEG. Of what the file says besides, such as
 * where it was taken, nothing is kept.
 */
final class TakenPicture {

    /** The longer side of what is kept, points. */
    static final int LARGEST = 2000;

    static final int THUMB = 320;

    private static final Set<String> TAKEN = Set.of("jpeg", "png");
    /** No camera at a bench takes more; a small file can claim to be as large as it likes. */
    private static final long MOST_POINTS = 50_000_000;

    private static final int LONGEST_SIDE = 20_000;
    private static final double QUALITY = 0.85;

    private final BufferedImage image;

    private TakenPicture(BufferedImage image) {
        this.image = image;
    }

    /** Width in points. */
    int width() {
        return image.getWidth();
    }

    /** Height in points. */
    int height() {
        return image.getHeight();
    }

    /**
     * The picture as a JPEG file.
     *
     * @param most points along its longer side
     */
    byte[] jpeg(int most) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            Thumbnails.of(image)
                    .size(Math.min(most, width()), Math.min(most, height()))
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
        } catch (IOException unexpected) {
            throw new UncheckedIOException(
                    "A picture of " + width() + " by " + height() + " could not be written", unexpected);
        }
        return out.toByteArray();
    }

    /**
     * Takes a picture from a file.
     *
     * @throws ProblemException if it is none, or larger than any camera takes
     */
    static TakenPicture of(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                if (TAKEN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return read(reader, in, file);
                }
            }
        } catch (IOException | RuntimeException broken) {
            if (broken instanceof ProblemException said) {
                throw said;
            }
            throw refused("This picture is broken: it could not be read to its end.");
        }
        throw refused("This is no picture that can be read here; JPEG and PNG are.");
    }

    private static TakenPicture read(ImageReader reader, ImageInputStream in, byte[] file) throws IOException {
        try {
            // what is said beside the picture is not read
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (Math.max(width, height) > LONGEST_SIDE || (long) width * height > MOST_POINTS) {
                throw refused(
                        "Read a picture of %,d by %,d points; at most %,d points in all and %,d along a side are taken."
                                .formatted(width, height, MOST_POINTS, LONGEST_SIDE));
            }
            ImageReadParam coarse = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(width, height) / LARGEST);
            coarse.setSourceSubsampling(step, step, 0, 0);
            BufferedImage upright = upright(reader.read(0, coarse), orientation(file));
            BufferedImage kept = Math.max(upright.getWidth(), upright.getHeight()) > LARGEST
                    ? Thumbnails.of(upright).size(LARGEST, LARGEST).asBufferedImage()
                    : upright;
            return new TakenPicture(kept);
        } finally {
            reader.dispose();
        }
    }

    /** How the camera was held, from 1 to 8 (Exif 2.32, tag 274); 1 is upright. */
    private static int orientation(byte[] file) throws IOException {
        try {
            return Optional.ofNullable(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length)
                            .getFirstDirectoryOfType(ExifIFD0Directory.class))
                    .map(held -> held.getInteger(ExifIFD0Directory.TAG_ORIENTATION))
                    .filter(Objects::nonNull)
                    .orElse(1);
        } catch (ImageProcessingException unsaid) {
            return 1;
        }
    }

    /** The picture turned upright, on white where it can be seen through. */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        boolean sideways = orientation >= 5 && orientation <= 8;
        double w = image.getWidth();
        double h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        BufferedImage upright = new BufferedImage(
                sideways ? image.getHeight() : image.getWidth(),
                sideways ? image.getWidth() : image.getHeight(),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = upright.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, upright.getWidth(), upright.getHeight());
        pen.drawImage(image, turn, null);
        pen.dispose();
        return upright;
    }

    private static ProblemException refused(String line) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, line);
    }
}
