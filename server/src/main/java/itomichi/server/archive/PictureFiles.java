package itomichi.server.archive;

import java.util.UUID;

/** Names of the files that a picture is kept in. */
final class PictureFiles {

    private PictureFiles() {}

    static String name(UUID picture, boolean small) {
        return "pictures/" + picture + (small ? "-small" : "") + ".jpg";
    }
}
