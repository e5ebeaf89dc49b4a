package itomichi.server.demo;

import itomichi.pattern.PatternText;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StitchDocuments;
import java.util.List;

/** A gallery of small patterns, all made up, to begin with. */
final class DemoPatterns {

    private DemoPatterns() {}

    /** A pattern and what is noted of it. */
    record DemoPattern(String notes, BookDocument.Pattern pattern) {}

    static List<DemoPattern> all() {
        return List.of(
                demo("Three short stitches outside, the long ones hidden in the fold.", """
                        pattern Stepping stones
                        fold 210
                        hole 25
                        hole 45
                        hole 95
                        hole 115
                        hole 165
                        hole 185
                        outside 1-2 3-4 5-6
                        inside 1-3 2-5 4-6
                        """),
                demo("Every gap once on each face, and the middle ones twice: a strong back for a thick fold.", """
                        pattern Drumbeat
                        fold 210
                        hole 30
                        hole 70
                        hole 105
                        hole 140
                        hole 180
                        outside 1-2 2-3 2-3 3-4 3-4 4-5
                        inside 1-2 2-3 2-3 3-4 3-4 4-5
                        """),
                demo("Flags between the curtain rods: points away from the spine, wrapped between.", """
                        pattern Pennants
                        side 210
                        hole 20 12
                        hole 48 26
                        hole 76 12
                        hole 105 26
                        hole 134 12
                        hole 162 26
                        hole 190 12
                        front 1-2 2-3 3-4 4-5 5-6 6-7
                        back 1-2 2-3 3-4 4-5 5-6 6-7
                        wrap 1 spine head
                        wrap 3 spine
                        wrap 5 spine
                        wrap 7 spine tail
                        """),
                demo("Crossed on the front, two straight rails at the back.", """
                        pattern Trellis
                        side 210
                        hole 30 10
                        hole 30 24
                        hole 80 10
                        hole 80 24
                        hole 130 10
                        hole 130 24
                        hole 180 10
                        hole 180 24
                        front 1-4 2-3 3-6 4-5 5-8 6-7
                        back 1-3 3-5 5-7 2-4 4-6 6-8
                        """));
    }

    private static DemoPattern demo(String notes, String text) {
        PatternText.Parsed parsed = PatternText.parse(text);
        if (parsed instanceof PatternText.Parsed.Read read) {
            return new DemoPattern(notes, StitchDocuments.document(read.pattern()));
        }
        throw new IllegalStateException("The demo pattern cannot be read: " + parsed);
    }
}
