package nimblefurrow.server.support;

import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Says which part of a body is missing: records promise that what is not nullable is there. */
@RestControllerAdvice
class MissingParts extends RequestBodyAdviceAdapter {

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    check(body, "");
    return body;
  }

  private static void check(@Nullable Object value, String path) {
    if (!(value instanceof Record)) {
      return;
    }
    for (RecordComponent component : value.getClass().getRecordComponents()) {
      String where = path.isEmpty() ? component.getName() : path + "." + component.getName();
      part(get(component, value), component.getAnnotatedType(), where);
    }
  }

  private static void part(@Nullable Object value, AnnotatedType type, String where) {
    if (value == null) {
      if (!type.isAnnotationPresent(Nullable.class)) {
        throw new InputProblem(where, "“" + where + "” is missing.");
      }
    } else if (value instanceof List<?> list && type instanceof AnnotatedParameterizedType of) {
      AnnotatedType element = of.getAnnotatedActualTypeArguments()[0];
      for (int i = 0; i < list.size(); i++) {
        part(list.get(i), element, where + "[" + i + "]");
      }
    } else {
      check(value, where);
    }
  }

  private static @Nullable Object get(RecordComponent component, Object of) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(of);
    } catch (IllegalAccessException | InvocationTargetException e) {
      throw new IllegalStateException(e);
    }
  }
}
