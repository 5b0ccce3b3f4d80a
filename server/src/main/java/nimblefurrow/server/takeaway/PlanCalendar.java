package nimblefurrow.server.takeaway;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Accepted plans as all-day entries of a calendar (RFC 5545). */
final class PlanCalendar {
  private PlanCalendar() {}

  static String write(String farm, List<PlanRow> rows) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Nimble Furrow//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new XProperty("X-WR-CALNAME", farm + " covers"));
    for (PlanRow r : rows) {
      if (!r.accepted()) {
        continue;
      }
      add(calendar, r, "seed", r.plan().seedOn(), "Seed " + r.field() + ": " + r.method());
      add(calendar, r, "end", r.plan().endOn(), "End " + r.field() + ": " + r.ending());
      add(calendar, r, "plant", r.nextPlantOn(), "Plant " + r.nextCrop() + ": " + r.field());
    }
    return calendar.toString();
  }

  private static void add(
      Calendar calendar, PlanRow row, String step, LocalDate day, String summary) {
    VEvent event = new VEvent(day, summary);
    // The same field and step keep their entry when the day moves.
    String name = row.fieldId() + step;
    UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    event.add(new Uid(id + "@nimble-furrow"));
    event.add(new Description(row.coverWords() + "\n" + row.why()));
    calendar.add(event);
  }
}
