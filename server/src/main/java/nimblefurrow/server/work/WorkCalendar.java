package nimblefurrow.server.work;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Shifts as all-day entries of a calendar (RFC 5545). */
final class WorkCalendar {
  private WorkCalendar() {}

  /** Of one person; of everyone when the name is empty. */
  static String write(List<WorkViews.ItemView> items, String person) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Nimble Furrow//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    for (WorkViews.ItemView i : items) {
      for (WorkViews.Shift s : i.segments()) {
        if (person.isEmpty() || person.equals(s.person())) {
          VEvent event =
              new VEvent(
                  s.day(),
                  "%s: %s, %s, %.1f h".formatted(i.field(), i.label(), i.doer(), s.hours()));
          String name = i.id() + s.day().toString() + s.person();
          UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
          event.add(new Uid(id + "@nimble-furrow"));
          calendar.add(event);
        }
      }
    }
    return calendar.toString();
  }
}
