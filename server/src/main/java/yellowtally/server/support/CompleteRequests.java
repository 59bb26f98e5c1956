package yellowtally.server.support;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Refuses a request in which something is absent that is not marked as optional; tells all of it, by field. */
@RestControllerAdvice
class CompleteRequests extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return parameter.getParameterType().isRecord();
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        Violations wrong = new Violations();
        addAbsent("", body, wrong);
        wrong.refuseIfAny();
        return body;
    }

    private static void addAbsent(String path, @Nullable Object value, Violations wrong) {
        if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                addAbsent(path + "[" + i + "]", list.get(i), wrong);
            }
        } else if (value instanceof Record part) {
            for (RecordComponent component : part.getClass().getRecordComponents()) {
                String field = path.isEmpty() ? component.getName() : path + "." + component.getName();
                Object inside = read(component, part);
                if (inside != null) {
                    addAbsent(field, inside, wrong);
                } else if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    wrong.add(field, "missing");
                }
            }
        } else if (value == null) {
            wrong.add(path, "missing");
        }
    }

    private static @Nullable Object read(RecordComponent component, Record part) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(part);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
