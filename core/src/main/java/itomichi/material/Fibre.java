package itomichi.material;

/** What a thread is spun from. */
public enum Fibre {
    LINEN("linen", 1500, 40),
    COTTON("cotton", 1520, 20),
    POLYESTER("polyester", 1380, 45),
    NYLON("nylon", 1140, 50);

    private final String words;
    private final double kgPerM3;
    private final double cNPerTex;

    Fibre(String words, double kgPerM3, double cNPerTex) {
        this.words = words;
        this.kgPerM3 = kgPerM3;
        this.cNPerTex = cNPerTex;
    }

    public String words() {
        return words;
    }

    /** What a twisted thread of it bears, cN for each tex: handbook values from memory, lowered for twist. */
    double cNPerTex() {
        return cNPerTex;
    }

    /** Density of the fibre itself, kg/m3. */
    double kgPerM3() {
        return kgPerM3;
    }
}
