package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.material.Paper;
import itomichi.material.Supply;
import java.util.Optional;

/**
 * A paper of a book.
 *
 * @param paper the paper
 * @param supply the stock sheets it comes in; nothing where it comes cut to size
 */
@RecordBuilder
public record BookPaper(Paper paper, Optional<Supply> supply) implements BookPaperBuilder.With {}
