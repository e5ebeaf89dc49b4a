package itomichi.material;

/** What a thread is spun from. */
public enum Fibre {
    LINEN("linen", 1500),
    COTTON("cotton", 1520),
    POLYESTER("polyester", 1380),
    NYLON("nylon", 1140);

    private final String words;
    private final double kgPerM3;

    Fibre(String words, double kgPerM3) {
        this.words = words;
        this.kgPerM3 = kgPerM3;
    }

    public String words() {
        return words;
    }

    /** Density of the fibre itself, kg/m3. */
    double kgPerM3() {
        return kgPerM3;
    }
}
