package itomichi.documents.drawing;

import java.util.Arrays;

/** A photograph as the bytes of a JPEG file, equal to another of the same bytes. */
public final class Photograph {

    private final byte[] jpeg;

    /** Of these bytes; whoever made them gives them away. */
    public Photograph(byte[] jpeg) {
        this.jpeg = jpeg.clone();
    }

    /** The bytes of the file. */
    public byte[] jpeg() {
        return jpeg.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Photograph photograph && Arrays.equals(jpeg, photograph.jpeg);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(jpeg);
    }
}
