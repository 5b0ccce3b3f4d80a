package nimblefurrow.server.support;

import java.util.List;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Problems as RFC 9457 details with a sentence and the place of each. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  @ExceptionHandler
  ProblemDetail input(InputProblem problem) {
    ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, sentence(problem));
    detail.setProperty("errors", problem.problems());
    return detail;
  }

  @ExceptionHandler
  ProblemDetail notFound(NotFound problem) {
    return detail(HttpStatus.NOT_FOUND, sentence(problem));
  }

  @ExceptionHandler
  ProblemDetail notAllowed(NotAllowed problem) {
    return detail(HttpStatus.FORBIDDEN, sentence(problem));
  }

  @ExceptionHandler
  ProblemDetail tooMany(TooManyTries problem) {
    return detail(HttpStatus.TOO_MANY_REQUESTS, sentence(problem));
  }

  @ExceptionHandler
  ProblemDetail changed(ChangedMeanwhile problem) {
    ProblemDetail detail = detail(HttpStatus.CONFLICT, sentence(problem));
    detail.setProperty("theirs", problem.theirs());
    return detail;
  }

  /** Two savers at once: the lock or a unique key lets the first one through. */
  @ExceptionHandler({
    ObjectOptimisticLockingFailureException.class,
    DataIntegrityViolationException.class
  })
  ProblemDetail raced() {
    return detail(HttpStatus.CONFLICT, "Someone else saved this a moment ago; look and try again.");
  }

  /** Rules in core refuse what cannot be with a sentence of their own. */
  @ExceptionHandler
  ProblemDetail refused(IllegalArgumentException problem) {
    String sentence = sentence(problem);
    ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
    String where = problem instanceof Refused refused ? refused.where() : "";
    detail.setProperty("errors", List.of(new InputProblem.At(where, sentence)));
    return detail;
  }

  private static @Nullable Throwable refusal(Throwable thrown) {
    Throwable cause = thrown;
    while (cause != null && !(cause instanceof Refused)) {
      cause = cause.getCause();
    }
    return cause;
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String sentence = "This is not the JSON that is expected here.";
    String where = "";
    if (e.getCause() instanceof JacksonException json && refusal(json) instanceof Refused refused) {
      // A value in the body refused what it was to be made of.
      String at = where(json);
      ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, sentence(refused));
      String path = at.isEmpty() ? refused.where() : at + "." + refused.where();
      detail.setProperty("errors", List.of(new InputProblem.At(path, sentence(refused))));
      return ResponseEntity.unprocessableContent().body(detail);
    }
    if (e.getCause() instanceof JacksonException json) {
      where = where(json);
      sentence =
          where.isEmpty()
              ? "Not the JSON expected here: " + json.getOriginalMessage()
              : "“" + where + "” is missing, or is not of the kind expected here.";
    }
    ProblemDetail detail = detail(HttpStatus.BAD_REQUEST, sentence);
    detail.setProperty("errors", List.of(new InputProblem.At(where, sentence)));
    return handleExceptionInternal(e, detail, headers, status, request);
  }

  /** Where in the JSON it went wrong, such as {@code components[0].rateKgPerHa}. */
  private static String where(JacksonException json) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : json.getPath()) {
      if (step.getPropertyName() == null) {
        path.append('[').append(step.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
      }
    }
    return path.toString();
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<InputProblem.At> problems =
        e.getFieldErrors().stream()
            .map(f -> new InputProblem.At(f.getField(), f.getField() + " " + f.getDefaultMessage()))
            .toList();
    ProblemDetail detail =
        detail(
            HttpStatus.UNPROCESSABLE_CONTENT,
            problems.isEmpty() ? "Wrong input." : problems.get(0).message());
    detail.setProperty("errors", problems);
    return handleExceptionInternal(e, detail, headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return handleExceptionInternal(
        e,
        detail(
            HttpStatus.CONTENT_TOO_LARGE,
            "The file is larger than 10 MB. Split it, or leave out what is not needed."),
        headers,
        HttpStatus.CONTENT_TOO_LARGE,
        request);
  }

  private static String sentence(RuntimeException problem) {
    return String.valueOf(problem.getMessage());
  }

  private static ProblemDetail detail(HttpStatus status, String sentence) {
    return ProblemDetail.forStatusAndDetail(status, sentence);
  }
}
