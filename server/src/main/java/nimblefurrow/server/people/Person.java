package nimblefurrow.server.people;

import java.io.Serializable;
import java.util.UUID;

/** Who is signed in. */
public record Person(UUID id, String name) implements Serializable {
  @Override
  public String toString() {
    return id.toString();
  }
}
