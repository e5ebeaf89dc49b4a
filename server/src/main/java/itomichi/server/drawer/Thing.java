package itomichi.server.drawer;

import itomichi.measure.Unit;
import itomichi.spec.UnfitValueException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;

/**
 * A thing in a drawer.
 *
 * @param particulars what is known of it besides its name, by the columns' keys: numbers in mm and g/m2, words, keys of choices
 */
record Thing(UUID id, Drawer drawer, String name, Map<String, Object> particulars, long version, boolean putAway) {

    Thing {
        particulars = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(particulars));
    }

    /**
     * What is known after some of it was typed anew; a blank takes a particular away.
     *
     * @param typed by the columns' keys
     * @param unit the unit of bare lengths
     * @throws UnfitValueException by the column's key, with one line
     */
    static Map<String, Object> read(Drawer drawer, Map<String, Object> before, Map<String, String> typed, Unit unit) {
        Map<String, Object> after = new LinkedHashMap<>();
        for (Column column : drawer.columns()) {
            String text = typed.get(column.key());
            if (text == null) {
                if (before.containsKey(column.key())) {
                    after.put(column.key(), before.get(column.key()));
                }
            } else if (!text.isBlank()) {
                after.put(column.key(), column.read(text, unit));
            }
            if (column.required() && !after.containsKey(column.key())) {
                throw new UnfitValueException(column.key(), column.label() + " is wanted; none was typed.");
            }
        }
        measuredWhole(after, "stackSheets", "stackMm");
        measuredWhole(after, "turns", "woundMm");
        return after;
    }

    /** A measurement needs both its numbers. */
    private static void measuredWhole(Map<String, Object> particulars, String number, String width) {
        if (particulars.containsKey(width) && !particulars.containsKey(number)) {
            throw new UnfitValueException(number, "What was measured is so thick; how many there were is wanted too.");
        }
    }

    static String readName(String typed) {
        if (typed.isBlank()) {
            throw new UnfitValueException(Drawer.NAME.key(), "A name is wanted; none was typed.");
        }
        return (String) Drawer.NAME.read(typed, Unit.MM);
    }
}
