package itomichi.documents.imposing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Files that nobody should be sent, each answered in one line. */
public class HostileTextTest {

    private static List<String> read(Path source, String password) throws IOException {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        Path opened = Files.createTempDirectory("opened").resolve("opened.pdf");
        ImposingProcess.serve(
                List.of("read", source.toString(), opened.toString()),
                password,
                new PrintStream(said, true, StandardCharsets.UTF_8));
        return said.toString(StandardCharsets.UTF_8)
                .lines()
                .filter(line -> !line.equals(ImposingProcess.END))
                .toList();
    }

    private static Path sized(float width, float height) throws IOException {
        return Sources.file(document -> document.addPage(new PDPage(new PDRectangle(width, height))));
    }

    private static byte[] sound() throws IOException {
        return Files.readAllBytes(Sources.labelled(3));
    }

    private static Path repeated(int pages) throws IOException {
        return Sources.file(document -> {
            Sources.labelled(document, 1, Sources.A6);
            COSArray kids = (COSArray) document.getPages().getCOSObject().getDictionaryObject(COSName.KIDS);
            for (int i = 1; i < pages; i++) {
                kids.add(kids.get(0));
            }
            document.getPages().getCOSObject().setInt(COSName.COUNT, pages);
        });
    }

    /** A tree of pages that is its own branch. */
    private static Path looping() throws IOException {
        return Sources.file(document -> {
            COSArray kids = (COSArray) document.getPages().getCOSObject().getDictionaryObject(COSName.KIDS);
            kids.add(document.getPages().getCOSObject());
        });
    }

    /** A megabyte that swells to a gigabyte. */
    private static Path bomb() throws IOException {
        ByteArrayOutputStream once = new ByteArrayOutputStream();
        byte[] blanks = new byte[1 << 20];
        Arrays.fill(blanks, (byte) ' ');
        try (OutputStream out = new DeflaterOutputStream(once)) {
            for (int i = 0; i < 1024; i++) {
                out.write(blanks);
            }
        }
        return Sources.file(document -> {
            PDPage page = new PDPage(Sources.A6);
            document.addPage(page);
            var stream = document.getDocument().createCOSStream();
            try (OutputStream out = stream.createRawOutputStream()) {
                out.write(once.toByteArray());
            }
            stream.setItem(COSName.FILTER, COSName.FLATE_DECODE);
            page.getCOSObject().setItem(COSName.CONTENTS, stream);
        });
    }

    @DataProvider
    Object[][] files() throws IOException {
        byte[] sound = sound();
        return new Object[][] {
            {"nothing", Sources.of(new byte[0]), "The file is empty."},
            {"a letter", Sources.of("Dear maker".getBytes(StandardCharsets.UTF_8)), "This is no PDF file."},
            {"its beginning", Sources.of(Arrays.copyOf(sound, 60)), "The file is damaged: it cannot be read to its end."
            },
            {"no page", Sources.file(document -> {}), "There is no page in this file."},
            {"a loop", looping(), "There is no page in this file."},
            {"a box of nothing", sized(0, 595), "Page 1 of the file is 0 by 210 mm; from 5 mm to 5 m is printed."},
            {"fifty metres", sized(141_732, 595), "Page 1 of the file is 50000 by 210 mm; from 5 mm to 5 m is printed."
            },
            {"100,000 pages", repeated(100_000), "The file has more than 4,000 pages; no more are printed."},
        };
    }

    @Test(dataProvider = "files")
    public void whatCannotBePrintedIsToldInOneLine(String name, Path file, String line) throws IOException {
        assertEquals(read(file, ""), List.of(ImposingProcess.FAULT + line), name);
    }

    @Test
    public void aLockedFileAsksForItsPassword() throws IOException {
        assertEquals(
                read(Sources.locked("owner", "user", true), ""),
                List.of(ImposingProcess.LOCKED + "The file is locked; its password is wanted."));
    }

    @Test
    public void aFileNotToBePrintedAsksForThePasswordOfItsOwner() throws IOException {
        assertEquals(
                read(Sources.locked("owner", "", false), ""),
                List.of(ImposingProcess.LOCKED
                        + "Whoever made this file does not let it be printed; the password of its owner is wanted."));
    }

    @Test
    public void aLockedFileIsOpenedByItsPassword() throws IOException {
        Path locked = Sources.locked("owner", "user", true);
        assertTrue(read(locked, "user").get(0).startsWith(ImposingProcess.SIZE));
        assertEquals(
                read(locked, "usher"),
                List.of(ImposingProcess.LOCKED + "That password does not open the file; type it once more."));
    }

    /** A file that swells beyond the memory it is given is left alone, and does not take its reader along. */
    @Test
    public void aBombOfFiltersIsLeftAlone() throws Exception {
        Process process = new ProcessBuilder(ImposingProcess.command(1, Files.createTempDirectory("scratch")))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (OutputStream order = process.getOutputStream()) {
            order.write(ImposingProcess.order(List.of("read", bomb().toString(), "nowhere"), ""));
        }
        List<String> said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertEquals(
                said,
                List.of(
                        ImposingProcess.READY,
                        ImposingProcess.FAULT + "The file unpacks to more than is taken; it was left alone."));
    }

    /** Bytes changed anywhere: it is read, or one line says why not; nothing else is ever said. */
    @Test
    public void aDamagedFileIsReadOrToldInOneLine() throws IOException {
        byte[] sound = sound();
        java.util.Random dice = new java.util.Random(7);
        for (int i = 0; i < 60; i++) {
            byte[] damaged = sound.clone();
            for (int j = 0; j < 1 + dice.nextInt(20); j++) {
                damaged[dice.nextInt(damaged.length)] = (byte) dice.nextInt(256);
            }
            List<String> said = read(Sources.of(damaged), "");
            assertFalse(said.isEmpty());
            boolean sizes = said.stream().allMatch(line -> line.startsWith(ImposingProcess.SIZE));
            assertTrue(sizes || (said.size() == 1 && said.get(0).startsWith(ImposingProcess.FAULT)), said.toString());
        }
    }

    /** Locked files are kept opened, so that their password need not be. */
    @Test
    public void aLockedFileIsWrittenOpened() throws IOException {
        Path folder = Files.createTempDirectory("opened");
        Path opened = folder.resolve("opened.pdf");
        ImposingProcess.serve(
                List.of("read", Sources.locked("owner", "user", true).toString(), opened.toString()),
                "user",
                new PrintStream(OutputStream.nullOutputStream(), true, StandardCharsets.UTF_8));
        try (PDDocument document = org.apache.pdfbox.Loader.loadPDF(opened.toFile())) {
            assertFalse(document.isEncrypted());
        }
    }
}
