package itomichi.server.notebook;

import itomichi.server.plan.LooksView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part of the notebook.
 *
 * @param pages the books of this part, those finished last first
 * @param all how many there are
 * @param structures how books can be sewn, to look for
 */
record NotebookView(List<NotebookRow> pages, int all, List<SewnAs> structures) {

    /** A structure by its key. */
    record SewnAs(String key, String name) {}

    /**
     * A book in the notebook.
     *
     * @param finished the day it came to the shelf; left out while it is in work
     * @param begins how its notes begin
     * @param picture its first picture
     * @param looks how it looks from outside
     */
    record NotebookRow(
            UUID id,
            String name,
            String structure,
            List<String> papers,
            @Nullable String finished,
            String begins,
            @Nullable UUID picture,
            LooksView looks) {}
}
