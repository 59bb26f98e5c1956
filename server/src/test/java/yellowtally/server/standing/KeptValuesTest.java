package yellowtally.server.standing;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.Entity;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowtally.server.fleet.Model;

/** What is kept in memory and shared between requests is made of values: no row hangs in it that a write could change. */
class KeptValuesTest {

    private static Stream<Class<?>> named(Type type) {
        if (type instanceof ParameterizedType generic) {
            return Stream.concat(
                    named(generic.getRawType()),
                    Arrays.stream(generic.getActualTypeArguments()).flatMap(KeptValuesTest::named));
        }
        return type instanceof Class<?> plain ? Stream.of(plain) : Stream.empty();
    }

    private static Set<Class<?>> reachable(Class<?> from) {
        Set<Class<?>> seen = new HashSet<>();
        Deque<Class<?>> open = new ArrayDeque<>(List.of(from));
        while (!open.isEmpty()) {
            Class<?> next = open.pop();
            if (next.getName().startsWith("yellowtally.") && seen.add(next)) {
                for (Field field : next.getDeclaredFields()) {
                    named(field.getGenericType()).forEach(open::push);
                }
                if (next.isSealed()) {
                    open.addAll(Arrays.asList(next.getPermittedSubclasses()));
                }
            }
        }
        return seen;
    }

    @Test
    void noRowIsKept() {
        Set<Class<?>> kept = reachable(Standing.class);
        kept.addAll(reachable(SawRecords.class));
        assertThat(kept).hasSizeGreaterThan(60);
        assertThat(kept)
                .filteredOn(type -> type.isAnnotationPresent(Entity.class))
                .as("a model is never changed once written")
                .containsExactly(Model.class);
    }
}
