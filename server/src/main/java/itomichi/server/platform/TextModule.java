package itomichi.server.platform;

import itomichi.spec.UnfitValueException;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** Reads the texts of what is sent; one with letters that cannot be kept is refused whole, never changed without a word. */
@JacksonComponent
class TextModule {

    /** Texts as they are kept. */
    static final class KeptText extends StdScalarDeserializer<String> {

        KeptText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.getValueAsString();
            if (text == null) {
                return context.reportInputMismatch(this, "a text is wanted");
            }
            if (!Letters.kept(text)) {
                throw new UnfitValueException(field(parser), "A text has letters in it that cannot be kept.");
            }
            return text;
        }

        /** The field by its path in the book, wherever the book lies in what was sent. */
        private static String field(JsonParser parser) {
            String path = parser.streamReadContext().pathAsPointer().toString();
            return path.replaceFirst("^/(document/|book/)?", "").replace('/', '.');
        }
    }
}
