package nimblefurrow.server.support;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Problems as RFC 9457 details with a sentence and the place of each. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private static final String RACED = "Someone else saved this a moment ago; look and try again.";
  // Classes of SQLSTATE, PostgreSQL manual, appendix A.
  private static final String UNIQUE = "23505";
  private static final String FOREIGN_KEY = "23503";
  private static final String DATA = "22";
  private static final int LONGEST_SENTENCE = 600;
  private static final int MOST_PROBLEMS = 50;
  private static final long NUMBERS = 36L * 36 * 36 * 36 * 36 * 36;

  @ExceptionHandler
  ProblemDetail input(InputProblem problem) {
    ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, sentence(problem));
    detail.setProperty("errors", few(problem.problems()));
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

  /** Two savers at once: the lock lets the first one through. */
  @ExceptionHandler
  ProblemDetail raced(OptimisticLockingFailureException problem) {
    return detail(HttpStatus.CONFLICT, RACED);
  }

  /** What the database refuses: only a key that is taken is a race. */
  @ExceptionHandler
  ProblemDetail refusedByStorage(DataIntegrityViolationException problem) {
    String state = sqlState(problem);
    if (state.equals(UNIQUE)) {
      return detail(HttpStatus.CONFLICT, RACED);
    }
    if (state.equals(FOREIGN_KEY)) {
      return detail(
          HttpStatus.UNPROCESSABLE_CONTENT, "It names something that is not there, or no longer.");
    }
    if (state.startsWith(DATA)) {
      return detail(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "A text, number or day in it is not one that can be stored.");
    }
    return broken(problem);
  }

  private static String sqlState(Throwable problem) {
    for (Throwable t = problem; t != null; t = t.getCause()) {
      if (t instanceof SQLException sql && sql.getSQLState() != null) {
        return sql.getSQLState();
      }
    }
    return "";
  }

  /** No connection, or no answer in time: nothing was changed, and trying again may do. */
  @ExceptionHandler({
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class,
    TransientDataAccessException.class
  })
  ProblemDetail storageAway(Exception problem) {
    LOG.warn("the database does not answer: {}", problem.getMessage());
    return detail(
        HttpStatus.SERVICE_UNAVAILABLE,
        "The database does not answer just now; nothing was changed. Try again in a moment.");
  }

  /** Rules in core refuse what cannot be with a sentence of their own. */
  @ExceptionHandler
  ProblemDetail refused(Refused problem) {
    ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, sentence(problem));
    detail.setProperty("errors", List.of(new InputProblem.At(problem.where(), sentence(problem))));
    return detail;
  }

  /**
   * Anything nobody thought of: logged with a number that the user is shown, and nothing of its
   * text. What belongs to sign-in or to a client that has left goes on to those it is meant for.
   */
  @ExceptionHandler
  ProblemDetail unforeseen(Exception problem) throws Exception {
    if (problem instanceof AccessDeniedException
        || problem instanceof AuthenticationException
        || problem instanceof IOException) {
      throw problem;
    }
    return broken(problem);
  }

  private static ProblemDetail broken(Exception problem) {
    String number = Long.toString(ThreadLocalRandom.current().nextLong(NUMBERS), 36);
    LOG.error("unforeseen problem {}", number, problem);
    ProblemDetail detail =
        detail(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Something broke here that should not have; nothing was changed. Its number is %s."
                .formatted(number));
    detail.setProperty("number", number);
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
              ? "Not the JSON expected here: it goes wrong at line %d, column %d."
                  .formatted(json.getLocation().getLineNr(), json.getLocation().getColumnNr())
              : notOf(json, where);
    }
    // It is JSON of the right shape: only the word in it is none that is known.
    HttpStatus answer =
        ofAFew(e.getCause()) ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.BAD_REQUEST;
    ProblemDetail detail = detail(answer, sentence);
    detail.setProperty("errors", List.of(new InputProblem.At(where, sentence)));
    return handleExceptionInternal(e, detail, headers, answer, request);
  }

  private static boolean ofAFew(@Nullable Throwable json) {
    return json instanceof InvalidFormatException other && other.getTargetType().isEnum();
  }

  /** Of a kind that is one of a few, the few are named. */
  private static String notOf(JacksonException json, String where) {
    if (ofAFew(json) && json instanceof InvalidFormatException other) {
      return "“%s” is one of %s, not “%s”."
          .formatted(
              where,
              Arrays.stream(other.getTargetType().getEnumConstants())
                  .map(Object::toString)
                  .collect(Collectors.joining(", ")),
              other.getValue());
    }
    return "“" + where + "” is missing, or is not of the kind expected here.";
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
            .map(
                f ->
                    new InputProblem.At(
                        f.getField(),
                        f.isBindingFailure()
                            ? "“%s” is missing, or is not of the kind expected here."
                                .formatted(f.getField())
                            : f.getField() + " " + f.getDefaultMessage()))
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

  @Override
  protected @Nullable ResponseEntity<Object> handleTypeMismatch(
      TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    String name = e.getPropertyName() == null ? "A part of the address" : e.getPropertyName();
    String sentence = "“%s” in the address is not of the kind expected here.".formatted(name);
    ProblemDetail detail = detail(HttpStatus.BAD_REQUEST, sentence);
    detail.setProperty("errors", List.of(new InputProblem.At(name, sentence)));
    return handleExceptionInternal(e, detail, headers, status, request);
  }

  private static String sentence(RuntimeException problem) {
    return SaidDays.in(cut(String.valueOf(problem.getMessage())));
  }

  /** What somebody sent is not sent back by the page. */
  private static String cut(String sentence) {
    return sentence.length() <= LONGEST_SENTENCE
        ? sentence
        : sentence.substring(0, LONGEST_SENTENCE) + " …";
  }

  private static List<InputProblem.At> few(List<InputProblem.At> problems) {
    return problems.stream()
        .limit(MOST_PROBLEMS)
        .map(p -> new InputProblem.At(cut(p.path()), SaidDays.in(cut(p.message()))))
        .toList();
  }

  private static ProblemDetail detail(HttpStatus status, String sentence) {
    return ProblemDetail.forStatusAndDetail(status, sentence);
  }
}
