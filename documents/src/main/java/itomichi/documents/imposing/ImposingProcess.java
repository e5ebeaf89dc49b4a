package itomichi.documents.imposing;

import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * What runs in a process of its own. It is told what to do by its input, and says how far it is and what is wrong by lines of its output.
 */
public final class ImposingProcess {

    /** Says that an order is waited for. */
    public static final String READY = "ready";

    /** Begins a line that says how many pages are done. */
    public static final String DONE = "done ";

    /** Begins a line that says of a page how large it is, in mm. */
    public static final String SIZE = "size ";

    /** Begins a line that says what is wrong. */
    public static final String FAULT = "fault ";

    /** Says that an order was done, whole; nobody need wait for the process to end. */
    public static final String END = "end";

    /** Begins a line that says why a password is wanted. */
    public static final String LOCKED = "locked ";

    /** With memory of its own, and compiled quickly, for it does not live long. */
    private static final List<String> FLAGS = List.of(
            "-Xmx256m",
            // room for what is made of a text before any of it is looked through for what can be let go
            "-Xmn48m",
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-Djava.awt.headless=true",
            // PDFBox speaks of every oddity of a file; nobody listens, and it takes time
            "-Dorg.apache.commons.logging.LogFactory=org.apache.commons.logging.impl.LogFactoryImpl",
            "-Dorg.apache.commons.logging.Log=org.apache.commons.logging.impl.NoOpLog");

    private static final String DAMAGED = "The file is damaged: it cannot be read to its end.";
    private static final String TOO_MUCH = "The file unpacks to more than is taken; it was left alone.";

    private static final System.Logger LOG = System.getLogger(ImposingProcess.class.getName());

    private final String password;
    private final PrintStream out;

    private ImposingProcess(String password, PrintStream out) {
        this.password = password;
        this.out = out;
    }

    /**
     * The command that begins such a process.
     *
     * @param rounds how often it goes through a piece of its own to make itself ready
     * @param scratch the folder that it lays in what it unpacks
     */
    public static List<String> command(int rounds, Path scratch) {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(FLAGS);
        command.addAll(List.of(
                "-Djava.io.tmpdir=" + scratch,
                "-cp",
                System.getProperty("java.class.path"),
                ImposingProcess.class.getName(),
                Integer.toString(rounds)));
        return command;
    }

    /** An order as it is sent to such a process. */
    public static byte[] order(List<String> words, String password) {
        return (words.size() + "\n" + String.join("\n", words) + "\n" + password + "\n")
                .getBytes(StandardCharsets.UTF_8);
    }

    /**
     * Makes itself ready by so many rounds of a piece of its own, says so, and waits for an order; does that one, and ends. An order is a line with the number of its words, the words
     * each on a line, and a line with a password, which may be empty. Its words: {@code read SOURCE OPENED},
     * {@code impose SOURCE (LAYOUT MARKS TO)…} or {@code show SOURCE FOLDER PIXELS FIRST LAST}. Where its input ends before, so does it.
     */
    public static void main(String[] rounds) throws IOException {
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), true, StandardCharsets.UTF_8);
        // what libraries have to say goes elsewhere
        System.setOut(System.err);
        WarmUp.run(Integer.parseInt(rounds[0]));
        // what that left behind is not cleared away while somebody waits
        System.gc();
        out.println(READY);
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        String number = in.readLine();
        if (number != null) {
            List<String> words = new ArrayList<>();
            for (int i = Integer.parseInt(number); i > 0; i--) {
                words.add(String.valueOf(in.readLine()));
            }
            serve(words, String.valueOf(in.readLine()), out);
        }
        // a library may have left a thread behind
        System.exit(0);
    }

    /** Does it, and says what is wrong in one line. */
    static void serve(List<String> arguments, String password, PrintStream out) {
        ImposingProcess process = new ImposingProcess(password, out);
        try {
            process.run(arguments);
            out.println(END);
        } catch (TextFault.Locked locked) {
            out.println(LOCKED + locked.getMessage());
        } catch (TextFault fault) {
            process.fault(String.valueOf(fault.getMessage()));
        } catch (OutOfMemoryError tooMuch) {
            process.fault(TOO_MUCH);
        } catch (IOException | RuntimeException | StackOverflowError damaged) {
            LOG.log(System.Logger.Level.WARNING, "A file could not be read", damaged);
            process.fault(full(damaged) ? TOO_MUCH : DAMAGED);
        }
        out.flush();
    }

    /** Whether there was no more room for what is unpacked; nothing but its words tells. */
    private static boolean full(Throwable fault) {
        return String.valueOf(fault.getMessage()).contains("scratch file");
    }

    private void fault(String line) {
        out.println(FAULT + line);
    }

    private void run(List<String> arguments) throws TextFault, IOException {
        Path source = Path.of(arguments.get(1));
        switch (arguments.get(0)) {
            case "read" -> read(source, Path.of(arguments.get(2)));
            case "impose" -> impose(source, arguments.subList(2, arguments.size()));
            case "show" -> show(source, arguments);
            default -> throw new IllegalArgumentException("Not known: " + arguments);
        }
    }

    /** Says how large its pages are; of a file that is locked, an opened one is written. */
    private void read(Path source, Path opened) throws TextFault, IOException {
        try (OpenedText text = OpenedText.open(source, password)) {
            List<String> sizes = new ArrayList<>();
            for (PDPage page : text.pages()) {
                SeenPage seen = SeenPage.of(page, sizes.size() + 1);
                sizes.add(SIZE + seen.widthMm() + " " + seen.heightMm());
                unpack(page);
            }
            if (text.document().isEncrypted()) {
                text.document().setAllSecurityToBeRemoved(true);
                text.document().save(opened.toFile());
            }
            sizes.forEach(out::println);
        }
    }

    /** Whatever swells beyond all measure does so here, and not in whoever prints it. */
    private static void unpack(PDPage page) throws IOException {
        try (InputStream content = page.getContents()) {
            content.transferTo(OutputStream.nullOutputStream());
        }
    }

    private void impose(Path source, List<String> files) throws TextFault, IOException {
        int before = 0;
        for (int i = 0; i < files.size(); i += 3) {
            Layout layout = Layout.read(Files.readAllLines(Path.of(files.get(i))));
            int from = before;
            Composer.write(
                    source,
                    layout,
                    Path.of(files.get(i + 1)),
                    Path.of(files.get(i + 2)),
                    pages -> out.println(DONE + (from + pages)));
            before += layout.pages().size();
        }
    }

    /** Draws some of its pages, from the first to the last given, counted from 0. One that cannot be drawn is left out. */
    private void show(Path source, List<String> arguments) throws TextFault, IOException {
        Path folder = Path.of(arguments.get(2));
        double pixels = Double.parseDouble(arguments.get(3));
        int first = Integer.parseInt(arguments.get(4));
        int last = Integer.parseInt(arguments.get(5));
        try (OpenedText text = OpenedText.open(source, "")) {
            PDFRenderer renderer = new PDFRenderer(text.document());
            renderer.setSubsamplingAllowed(true);
            for (int i = first; i <= Math.min(last, text.pages().size() - 1); i++) {
                SeenPage seen = SeenPage.of(text.pages().get(i), i + 1);
                double longer = Math.max(seen.widthMm(), seen.heightMm()) * SeenPage.POINTS / seen.unit();
                picture(renderer, i, (float) (pixels / longer), folder.resolve(i + ".png"));
                out.println(DONE + (i + 1));
            }
        }
    }

    private static void picture(PDFRenderer renderer, int page, float scale, Path to) throws IOException {
        try {
            BufferedImage image = renderer.renderImage(page, scale, ImageType.RGB);
            Path whole = to.resolveSibling(to.getFileName() + ".part");
            ImageIO.write(image, "png", whole.toFile());
            Files.move(whole, to, java.nio.file.StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | RuntimeException undrawn) {
            LOG.log(System.Logger.Level.WARNING, "A page could not be drawn", undrawn);
        }
    }
}
