package itomichi.imposition;

import java.util.ArrayList;
import java.util.List;

/**
 * A printer that takes the top sheet of its tray, prints its upper face and lays it out; its stack is laid in again by hand as it came
 * out. Made apart from what is tested: it knows nothing of books.
 *
 * @param lastFirst whether the sheet that came out last goes in first
 * @param headFirst whether a back comes to stand on its head, of an upright sheet turned over as a leaf is
 */
record HandPrinter(boolean lastFirst, boolean headFirst) {

    /** A sheet that came out: its faces, and whether what is on the back stands upright behind what is on the front. */
    record Sheet(PrintedSide front, PrintedSide back, boolean upright) {}

    /** The other run of a stack of fronts. */
    List<Sheet> print(PrintFile fronts, PrintFile backs) {
        int number = fronts.pages().size();
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            PrintedSide front = fronts.pages().get(i).side();
            PrintFile.PrintPage back = backs.pages().get(lastFirst ? number - 1 - i : i);
            // a page that lies on its long edge goes in turned a quarter, so that its back stands otherwise
            boolean lying = front.width() > front.height();
            sheets.add(new Sheet(front, back.side(), (headFirst != lying) == back.upsideDown()));
        }
        return sheets;
    }
}
