package itomichi.cover;

/** A kind of cover with boards that hides the sewing on the spine. */
abstract class CasedKind extends ToldKind {

    CasedKind(String key, String name, String purpose) {
        super(key, name, purpose);
    }

    @Override
    public final boolean spineSeen() {
        return false;
    }

    @Override
    public final boolean boards() {
        return true;
    }
}
