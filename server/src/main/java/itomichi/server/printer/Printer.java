package itomichi.server.printer;

import itomichi.documents.drawing.Drawing;
import itomichi.imposition.Turning;

/** Something that puts drawings on paper; an adapter for a printer that is driven by this application implements it. */
public interface Printer {

    /**
     * Prints.
     *
     * @param sheet what is sent to it
     * @return what lies on the paper
     */
    Drawing print(Drawing sheet);

    /** What it does to a stack that is laid in again as it came out. */
    Turning turning();
}
