package yellowtally.server.support;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.Field;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Describes the components of a record as required unless they are marked nullable, so that the web's types say so too. */
@Component
class RequiredUnlessNullable implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        JavaType javaType = Json.mapper().constructType(type.getType());
        if (schema == null || javaType == null || !javaType.getRawClass().isRecord()) {
            return schema;
        }
        Schema<?> described = schema;
        if (schema.get$ref() != null) {
            String name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
            described = context.getDefinedModels().get(name);
        }
        if (described != null) {
            described.setRequired(Arrays.stream(javaType.getRawClass().getRecordComponents())
                    .filter(component -> !mayBeAbsent(component))
                    .flatMap(RequiredUnlessNullable::names)
                    .toList());
        }
        return schema;
    }

    /** Its own name, or those of what it brings along unwrapped. */
    private static Stream<String> names(RecordComponent component) {
        return component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                ? Arrays.stream(component.getType().getDeclaredFields())
                        .filter(field -> field.isAnnotationPresent(JsonProperty.class))
                        .map(RequiredUnlessNullable::name)
                : Stream.of(component.getName());
    }

    private static String name(Field field) {
        String given = field.getAnnotation(JsonProperty.class).value();
        return given.isEmpty() ? field.getName() : given;
    }

    private static boolean mayBeAbsent(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
