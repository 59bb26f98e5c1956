package yellowtally.server.support;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.SortedSet;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.ser.ValueSerializerModifier;
import tools.jackson.databind.ser.std.StdSerializer;
import tools.jackson.databind.type.CollectionType;

/**
 * Writes sets without an order of their own in that of their words: a set of Java has another one after each start, and a screen that
 * says two reasons would say them the other way round.
 */
final class OrderedSets extends ValueSerializerModifier {

    private static final long serialVersionUID = 1L;

    @Override
    public ValueSerializer<?> modifyCollectionSerializer(
            SerializationConfig config, CollectionType type, BeanDescription.Supplier bean, ValueSerializer<?> usual) {
        Class<?> raw = type.getRawClass();
        boolean ordered = SortedSet.class.isAssignableFrom(raw) || LinkedHashSet.class.isAssignableFrom(raw);
        boolean words = type.getContentType().isEnumType()
                || type.getContentType().getRawClass().equals(String.class);
        return Set.class.isAssignableFrom(raw) && !ordered && words ? new InOrder() : usual;
    }

    private static final class InOrder extends StdSerializer<Set<?>> {

        InOrder() {
            super(Set.class);
        }

        @Override
        public void serialize(Set<?> set, JsonGenerator to, SerializationContext context) {
            to.writeStartArray(set, set.size());
            set.stream().sorted().forEach(word -> context.writeValue(to, word));
            to.writeEndArray();
        }

        @Override
        public boolean isEmpty(SerializationContext context, Set<?> set) {
            return set.isEmpty();
        }
    }
}
