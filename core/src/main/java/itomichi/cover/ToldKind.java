package itomichi.cover;

/** A kind of cover that says of itself what it is called and what it is good for. */
abstract class ToldKind implements CoverKind {

    private final String key;
    private final String name;
    private final String purpose;

    ToldKind(String key, String name, String purpose) {
        this.key = key;
        this.name = name;
        this.purpose = purpose;
    }

    @Override
    public final String key() {
        return key;
    }

    @Override
    public final String name() {
        return name;
    }

    @Override
    public final String purpose() {
        return purpose;
    }
}
