package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.gathering.Block;
import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.server.plan.PlanView.NestedView;
import itomichi.server.plan.PlanView.SignatureView;
import java.util.ArrayList;
import java.util.List;

/** Shows how sheets lie on each other. */
final class BlockViews {

    private BlockViews() {}

    static PlanView.BlockView of(BookPlan plan) {
        return plan.gathered().match(BlockViews::of, BlockViews::of);
    }

    private static PlanView.BlockView of(Gathered.Singly singly) {
        double thickMm = singly.thickness().result().number();
        return new PlanView.BlockView(
                singly.sheets() + (singly.doubled() ? " sheets folded at the fore edge" : " single sheets"),
                List.of(),
                List.of(),
                thickMm - singly.pasteIns().mm(),
                thickMm,
                thickMm - singly.pasteIns().mm(),
                thickMm - singly.pasteIns().mm(),
                singly.pasteIns().mm(),
                FoldedSheet.USUAL_STUB.mm());
    }

    private static PlanView.BlockView of(Gathered.InSignatures folded) {
        Block block = folded.block();
        List<Signature> kinds = block.signatures().stream().distinct().toList();
        return new PlanView.BlockView(
                folded.sharing().words(),
                signatures(folded, kinds),
                kinds.stream().map(BlockViews::nest).toList(),
                block.pressed().result().number(),
                block.foreEdge().result().number(),
                block.spine().result().number(),
                block.spineLoose().result().number(),
                block.pasteIns().mm(),
                FoldedSheet.USUAL_STUB.mm());
    }

    private static List<SignatureView> signatures(Gathered.InSignatures folded, List<Signature> kinds) {
        List<Signature> all = folded.block().signatures();
        List<SignatureView> views = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Signature signature = all.get(i);
            views.add(new SignatureView(
                    i + 1,
                    signature.count(),
                    2 * signature.laidFlat().mm(),
                    kinds.indexOf(signature),
                    folded.endpaper(i)));
        }
        return views;
    }

    private static List<NestedView> nest(Signature signature) {
        return signature.nested().stream()
                .map(nested -> new NestedView(
                        nested.sheet().paper(),
                        nested.sheet().thickness().mm(),
                        nested.innerRadiusMm(),
                        nested.fallsBackMm(),
                        nested.sheet().first().mm(),
                        nested.sheet().second().mm()))
                .toList();
    }
}
