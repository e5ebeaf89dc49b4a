package itomichi.gathering;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The sheets of a book as they are gathered: folded into signatures, or lying singly. */
public sealed interface Gathered {

    /**
     * The answer for how they lie.
     *
     * @param folded asked where they are folded
     * @param singly asked where they lie singly
     */
    <T> T match(Function<InSignatures, T> folded, Function<Singly, T> singly);

    /** The signatures, where the sheets are folded. */
    default Optional<InSignatures> folded() {
        return match(Optional::of, singly -> Optional.empty());
    }

    /** Signatures that are sewn; 1 for a block of single sheets. */
    default int signatures() {
        return match(folded -> folded.block().signatures().size(), singly -> 1);
    }

    /** Sheets in all, endpapers not counted. */
    int sheets();

    /** Pages there will be. */
    int pages();

    /**
     * Folded and nested.
     *
     * @param sharing sheets in each signature of pages
     * @param block all that is sewn, endpaper sections included
     */
    record InSignatures(Sharing sharing, Block block) implements Gathered {
        @Override
        public <T> T match(Function<InSignatures, T> folded, Function<Singly, T> singly) {
            return folded.apply(this);
        }

        @Override
        public int sheets() {
            return sharing.sheets();
        }

        @Override
        public int pages() {
            List<Signature> all = block.signatures();
            return all.subList(endpapers(), all.size() - endpapers()).stream()
                    .mapToInt(signature -> signature.pages(block.leaf()))
                    .sum();
        }

        /** Sections of endpapers at either end of the block. */
        public int endpapers() {
            return (block.signatures().size() - sharing.signatures()) / 2;
        }

        /** Whether a signature of the block, from 0, is a section of endpapers. */
        public boolean endpaper(int signature) {
            return signature < endpapers() || signature >= block.signatures().size() - endpapers();
        }

        /** The thickest signature. */
        public Signature thickest() {
            List<Signature> signatures = block.signatures();
            Signature thickest = signatures.get(0);
            for (Signature signature : signatures) {
                if (signature.laidFlat().isMoreThan(thickest.laidFlat())) {
                    thickest = signature;
                }
            }
            return thickest;
        }
    }

    /**
     * Single sheets on each other.
     *
     * @param sheets how many
     * @param sheet thickness of one
     * @param pasteIns thickness of what is to be pasted in
     * @param doubled whether each is folded at the fore edge, and lies double
     */
    record Singly(int sheets, Length sheet, Length pasteIns, boolean doubled) implements Gathered {

        private static final Formula THICK = Formula.of("s × t + p");
        private static final Formula THICK_DOUBLED = Formula.of("2 × s × t + p");

        @Override
        public <T> T match(Function<InSignatures, T> folded, Function<Singly, T> singly) {
            return singly.apply(this);
        }

        @Override
        public int pages() {
            return sheets * Extent.pagesPerSheet(false);
        }

        /** Sheets that are folded at the fore edge. */
        public int creased() {
            return doubled ? sheets : 0;
        }

        /** Thickness of the stack, pressed. */
        public Working thickness() {
            return Working.by(doubled ? THICK_DOUBLED : THICK)
                    .with("s", doubled ? "sheets, folded at the fore edge" : "sheets", Quantity.count(sheets))
                    .with("t", "thickness of a sheet", Quantity.of(sheet, Fineness.HAIR))
                    .with("p", "what is pasted in, and room for it", Quantity.of(pasteIns, Fineness.BUNDLE))
                    .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE));
        }
    }
}
