package itomichi.server.copies;

import itomichi.edition.CopyMarks;
import itomichi.edition.CopyStage;
import itomichi.edition.SpoiltCopy;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is marked of copies, each in one transaction; nothing is planned here. */
@Service
class CopyKeeping {

    private final CopyStore store;

    CopyKeeping(CopyStore store) {
        this.store = store;
    }

    @Transactional
    void keep(UUID book, Map<Integer, CopyMarks> marks) {
        store.keep(book, marks);
    }

    @Transactional
    void spoilt(UUID book, SpoiltCopy spoilt) {
        store.insert(book, spoilt);
        store.keep(book, Map.of(spoilt.copy(), new CopyMarks(Set.of(), false, true)));
    }

    @Transactional
    void mended(UUID book, CopyStore.Spoilt spoilt, Set<CopyStage> done) {
        store.delete(spoilt.id());
        store.keep(book, Map.of(spoilt.copy().copy(), new CopyMarks(done, false, true)));
    }
}
