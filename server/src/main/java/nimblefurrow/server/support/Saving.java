package nimblefurrow.server.support;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.transaction.annotation.Transactional;

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
    maxRetries = 1,
    delay = 0)
public @interface Saving {}
