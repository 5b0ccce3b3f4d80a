package nimblefurrow.server.people;

import java.time.Instant;

/**
 * A place where a person is signed in.
 *
 * @param id to end it by; not what the browser holds
 * @param device what they sit at, as far as its browser says
 * @param here whether it is the one that asks
 */
record SignedIn(String id, String device, Instant begunAt, Instant lastUsedAt, boolean here) {}
