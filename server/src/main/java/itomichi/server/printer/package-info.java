/**
 * Printers and what each is corrected by. Read {@link itomichi.server.printer.Printer} first; a simulated one ships.
 */
@NullMarked
package itomichi.server.printer;

import org.jspecify.annotations.NullMarked;
