package yellowtally.server.support;

import java.text.Normalizer;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.function.Function;
import org.springframework.boot.http.converter.autoconfigure.ServerHttpMessageConvertersCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * How bodies are read: each value in the one form in which the screens send it. Text is normalised (NFC), and nothing that cannot be
 * seen is left around it; so two words that look the same are the same.
 */
@Configuration
class StrictJson {

    @Bean
    JsonMapperBuilderCustomizer strict() {
        return builder -> builder.enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .addModule(new SimpleModule("strict")
                        .setSerializerModifier(new OrderedSets())
                        .addDeserializer(String.class, new FromText<>(String.class, StrictJson::tidied))
                        .addDeserializer(Instant.class, new FromText<>(Instant.class, Instant::parse))
                        .addDeserializer(LocalDate.class, new FromText<>(LocalDate.class, LocalDate::parse)));
    }

    /** Whatever other forms the libraries at hand could read and write. */
    @Bean
    ServerHttpMessageConvertersCustomizer jsonOnly() {
        return converters -> converters.configureMessageConvertersList(list ->
                list.removeIf(converter -> converter.getSupportedMediaTypes().contains(MediaType.APPLICATION_YAML)));
    }

    /** Text as it is kept: normalised, with no blank or invisible sign at its ends. */
    static String tidied(String text) {
        String normal = Normalizer.normalize(text, Normalizer.Form.NFC);
        int from = 0;
        int to = normal.length();
        while (from < to && invisible(normal.charAt(from))) {
            from++;
        }
        while (to > from && invisible(normal.charAt(to - 1))) {
            to--;
        }
        return normal.substring(from, to);
    }

    private static boolean invisible(char sign) {
        return Character.isWhitespace(sign)
                || Character.isSpaceChar(sign)
                || Character.getType(sign) == Character.FORMAT;
    }

    /** Reads a value from text and from nothing else. */
    private static final class FromText<T> extends StdDeserializer<T> {

        private final Function<String, T> read;

        FromText(Class<T> type, Function<String, T> read) {
            super(type);
            this.read = read;
        }

        @Override
        @SuppressWarnings("unchecked")
        public T deserialize(JsonParser at, DeserializationContext context) {
            if (!at.hasToken(JsonToken.VALUE_STRING)) {
                return (T) context.handleUnexpectedToken(handledType(), at);
            }
            if (!Utf8Check.canBeKept(at.getString())) {
                return (T) context.handleWeirdStringValue(handledType(), "", "half a letter");
            }
            try {
                return read.apply(at.getString());
            } catch (DateTimeException e) {
                return (T) context.handleWeirdStringValue(handledType(), at.getString(), "no moment or day");
            }
        }
    }
}
