package itomichi.documents.imposing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNull;
import org.apache.pdfbox.cos.COSObject;

/**
 * Takes out of what is printed whatever does more than be seen: scripts and other actions, attached files, links, and ways back to the
 * pages as they were.
 */
final class Scrubbed {

    private static final Set<String> ACTS = Set.of(
            "GoTo",
            "GoToR",
            "GoToE",
            "GoToDp",
            "Launch",
            "Thread",
            "URI",
            "Sound",
            "Movie",
            "Hide",
            "Named",
            "SubmitForm",
            "ResetForm",
            "ImportData",
            "JavaScript",
            "SetOCGState",
            "Rendition",
            "Trans",
            "GoTo3DView",
            "RichMediaExecute");

    private static final Set<String> NOT_SEEN =
            Set.of("Page", "Pages", "Filespec", "F", "EmbeddedFile", "Metadata", "Annot", "Action");

    private final Set<COSBase> visited = Collections.newSetFromMap(new IdentityHashMap<>());
    private final Deque<COSBase> open = new ArrayDeque<>();

    private Scrubbed() {}

    /** Scrubs all that is reached from any of these, each once, however it loops. */
    static void from(Collection<? extends COSBase> roots) {
        Scrubbed scrubbed = new Scrubbed();
        scrubbed.open.addAll(roots);
        while (!scrubbed.open.isEmpty()) {
            scrubbed.look(scrubbed.open.pop());
        }
    }

    private void look(COSBase at) {
        if (!visited.add(at)) {
            return;
        }
        if (at instanceof COSDictionary dictionary) {
            List<COSName> away = new ArrayList<>();
            for (Map.Entry<COSName, COSBase> entry : dictionary.entrySet()) {
                COSBase value = resolved(entry.getValue());
                if (unwanted(value)) {
                    away.add(entry.getKey());
                } else {
                    later(value);
                }
            }
            away.forEach(dictionary::removeItem);
        } else if (at instanceof COSArray array) {
            for (int i = 0; i < array.size(); i++) {
                COSBase value = resolved(array.get(i));
                if (unwanted(value)) {
                    array.set(i, COSNull.NULL);
                } else {
                    later(value);
                }
            }
        }
    }

    private void later(COSBase value) {
        if (value instanceof COSDictionary || value instanceof COSArray) {
            open.push(value);
        }
    }

    private static COSBase resolved(COSBase value) {
        if (value instanceof COSObject object) {
            COSBase pointed = object.getObject();
            return pointed == null ? COSNull.NULL : pointed;
        }
        return value == null ? COSNull.NULL : value;
    }

    private static boolean unwanted(COSBase value) {
        return value instanceof COSDictionary dictionary
                && (ACTS.contains(name(dictionary, COSName.S)) || NOT_SEEN.contains(name(dictionary, COSName.TYPE)));
    }

    private static String name(COSDictionary dictionary, COSName key) {
        return dictionary.getDictionaryObject(key) instanceof COSName name ? name.getName() : "";
    }
}
