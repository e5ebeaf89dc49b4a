package itomichi.server.printer;

import itomichi.documents.drawing.Drawing;

/** Something that puts drawings on paper; an adapter for a printer that is driven by this application implements it. */
public interface Printer {

    /**
     * Prints.
     *
     * @param sheet what is sent to it
     * @return what lies on the paper
     */
    Drawing print(Drawing sheet);
}
