package yellowtally.server.support;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Describes a sealed type as one of its kinds and nothing else, so that the web has to answer for each of them. A kind is told
 * from the others by a code that it alone has, or by the name that is written beside it.
 */
@Component
@Order(1)
class SealedTypes implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        JavaType javaType = Json.mapper().constructType(type.getType());
        if (javaType != null && javaType.getRawClass().isSealed()) {
            return oneOf(javaType.getRawClass(), context);
        }
        return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    private static Schema<?> oneOf(Class<?> sealed, ModelConverterContext context) {
        Schema<?> described = new Schema<>();
        for (Class<?> kind : sealed.getPermittedSubclasses()) {
            Schema<?> ref = context.resolve(new AnnotatedType(kind).resolveAsRef(true));
            described.addOneOfItem(ref);
            String name = nameOf(kind, sealed);
            if (name != null) {
                addName(
                        Objects.requireNonNull(context.getDefinedModels().get(kind.getSimpleName())),
                        propertyOf(sealed),
                        name);
            }
        }
        context.defineModel(sealed.getSimpleName(), described);
        return new Schema<>().$ref("#/components/schemas/" + sealed.getSimpleName());
    }

    private static void addName(Schema<?> kind, String property, String name) {
        kind.setDiscriminator(null);
        kind.addProperty(property, new StringSchema()._enum(List.of(name)));
        if (kind.getRequired() == null || !kind.getRequired().contains(property)) {
            kind.addRequiredItem(property);
        }
    }

    private static @Nullable String nameOf(Class<?> kind, Class<?> sealed) {
        JsonSubTypes names = sealed.getAnnotation(JsonSubTypes.class);
        if (names == null) {
            return null;
        }
        for (JsonSubTypes.Type named : names.value()) {
            if (named.value() == kind) {
                return named.name();
            }
        }
        throw new IllegalStateException("no name for " + kind);
    }

    private static String propertyOf(Class<?> sealed) {
        return sealed.getAnnotation(JsonTypeInfo.class).property();
    }
}
