package nimblefurrow.server.support;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A save of something that carries a version, in a transaction of its own. When another save comes
 * in between reading and writing, it is made once more from the start: now the version differs, and
 * {@link ChangedMeanwhile} can say what stands. Without that, whoever saves in the same instant
 * would only hear that somebody else did.
 */
@Documented
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional
@Retryable(
    includes = {OptimisticLockingFailureException.class, DataIntegrityViolationException.class},
    predicate = Saving.Outermost.class,
    maxRetries = 1,
    delay = 0)
public @interface Saving {
  /**
   * A save inside another's transaction is not made again by itself: it would read what it has just
   * failed to write, and call that the other's. The outer one begins anew.
   */
  final class Outermost implements MethodRetryPredicate {
    @Override
    public boolean shouldRetry(Method method, Throwable problem) {
      return !TransactionSynchronizationManager.isActualTransactionActive();
    }
  }
}
