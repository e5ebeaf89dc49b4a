package itomichi.plan;

import itomichi.finding.Working;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.List;

/**
 * How thick a book's papers and its thread are: what every later figure rests on, worked out once.
 *
 * @param papers thickness of a sheet of each paper, in the order of the spec
 * @param thread diameter of one strand
 */
public record Thicknesses(List<Working> papers, Working thread) {

    public Thicknesses {
        papers = List.copyOf(papers);
    }

    /** Those of a book. */
    public static Thicknesses of(BookSpec spec) {
        return new Thicknesses(
                spec.papers().all().stream()
                        .map(paper -> spec.thickness(paper.paper()))
                        .toList(),
                spec.thread().thread().diameter());
    }

    /** Thickness of a sheet of one of the book's papers, counted from 0. */
    Length sheet(int paper) {
        return papers.get(paper).length();
    }

    /** What is pasted into a book, and room that is left for it. */
    Length pastedIn(BookSpec spec) {
        Length all = spec.gathering().pasteIns();
        for (PastedOn pasted : spec.pageWish().pasted()) {
            all = all.plus(pasted.thickness(sheet(pasted.paper())));
        }
        return all;
    }

    /** Diameter of one strand. */
    public Length strand() {
        return thread.length();
    }
}
