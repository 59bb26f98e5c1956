package yellowtally.server.support;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Refuses a request in which something is absent that is not marked as optional, or in which a value is none that any screen sends:
 * text with control characters, endless lists, figures and days beyond all that there is. Tells all of it, by field.
 */
@RestControllerAdvice
class CompleteRequests extends RequestBodyAdviceAdapter {

    private static final int LONGEST_TEXT = 1_000;
    private static final int LONGEST_LIST = 500;
    private static final double LARGEST = 1e9;
    private static final int FIRST_YEAR = 1950;
    private static final int LAST_YEAR = 2100;

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
        check("", body, wrong);
        wrong.refuseIfAny();
        return body;
    }

    private static void check(String field, @Nullable Object value, Violations wrong) {
        if (value == null) {
            wrong.add(field, "missing");
        } else if (value instanceof Record part) {
            checkParts(field, part, wrong);
        } else if (value instanceof Collection<?> list) {
            checkList(field, list, wrong);
        } else if (value instanceof Map<?, ?> map) {
            checkList(field, map.values(), wrong);
            map.keySet().forEach(key -> check(field, key, wrong));
        } else if (value instanceof String text) {
            checkText(field, text, wrong);
        } else if (value instanceof Number number) {
            if (!(Math.abs(number.doubleValue()) <= LARGEST)) {
                wrong.add(field, "number.range", -LARGEST, LARGEST);
            }
        } else if (value instanceof Instant moment) {
            checkYear(field, moment, wrong);
        } else if (value instanceof LocalDate day) {
            checkYear(field, day.atStartOfDay().toInstant(ZoneOffset.UTC), wrong);
        }
    }

    private static void checkParts(String path, Record whole, Violations wrong) {
        for (RecordComponent component : whole.getClass().getRecordComponents()) {
            Object part = read(component, whole);
            if (part != null || !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                check(path.isEmpty() ? component.getName() : path + "." + component.getName(), part, wrong);
            }
        }
    }

    private static void checkList(String field, Collection<?> list, Violations wrong) {
        if (list.size() > LONGEST_LIST) {
            wrong.add(field, "list.long", LONGEST_LIST);
            return;
        }
        int i = 0;
        for (Object item : list) {
            check(field + "[" + i++ + "]", item, wrong);
        }
    }

    private static void checkText(String field, String text, Violations wrong) {
        if (text.length() > LONGEST_TEXT) {
            wrong.add(field, "text.long", LONGEST_TEXT);
        } else if (text.codePoints().anyMatch(CompleteRequests::noText)) {
            wrong.add(field, "text.control");
        }
    }

    /** Control characters but for the end of a line, halves of signs, and what turns the direction of the text around it. */
    private static boolean noText(int sign) {
        return (Character.isISOControl(sign) && sign != '\n' && sign != '\t')
                || Character.getType(sign) == Character.SURROGATE
                || (sign >= 0x202A && sign <= 0x202E)
                || (sign >= 0x2066 && sign <= 0x2069);
    }

    private static void checkYear(String field, Instant moment, Violations wrong) {
        boolean within = moment.isAfter(start(FIRST_YEAR)) && moment.isBefore(start(LAST_YEAR));
        if (!within) {
            wrong.add(field, "year.range", String.valueOf(FIRST_YEAR), String.valueOf(LAST_YEAR));
        }
    }

    private static Instant start(int year) {
        return LocalDate.of(year, 1, 1).atStartOfDay().toInstant(ZoneOffset.UTC);
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
