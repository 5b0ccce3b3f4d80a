package nimblefurrow.server.feed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import nimblefurrow.core.feed.GrazedGround;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.season.SeedWentOut;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.ProductOut;
import nimblefurrow.server.worklog.SeasonLog;
import org.springframework.stereotype.Component;

/** Covers as animals find them: what was seeded and sprayed, what froze. */
@Component
class GrazedGrounds {
  private final SeedWentOut wentOut;
  private final LabelWaits waits;

  GrazedGrounds(SeedWentOut wentOut, LabelWaits waits) {
    this.wentOut = wentOut;
    this.waits = waits;
  }

  GrazedGround of(
      UUID farmId,
      CoverPlan cover,
      double areaHa,
      SeasonLog log,
      DailyWeather record,
      Function<LocalDate, Spread> feed,
      Function<LocalDate, Integer> fit) {
    Map<UUID, SeedWentOut.Seeding> out = wentOut.of(farmId);
    Map<String, Integer> wait = waits.grazingDays(farmId);
    List<GrazedGround.Sprayed> sprays = new ArrayList<>();
    boolean rich = false;
    for (EntryView e : log.entries()) {
      for (ProductOut p : e.products()) {
        sprays.add(new GrazedGround.Sprayed(e.doneOn(), p.name(), wait.get(p.name())));
      }
      rich |= GrazedGround.rich(e.kind() == LogKind.MANURED, e.get(EntryFigure.NITROGEN));
    }
    return new GrazedGround(
        areaHa,
        cover.cover(),
        cover.seedOn(),
        cover.endOn(),
        feed,
        fit,
        log.seedings().stream().anyMatch(id -> out.containsKey(id) && out.get(id).treated()),
        sprays,
        frosts(record, cover.seedOn()),
        rich);
  }

  private static List<LocalDate> frosts(DailyWeather record, LocalDate from) {
    List<LocalDate> all = new ArrayList<>();
    for (LocalDate d = from; !d.isAfter(record.end()); d = d.plusDays(1)) {
      if (!d.isBefore(record.start()) && record.tminC(record.indexOf(d)) <= 0) {
        all.add(d);
      }
    }
    return all;
  }
}
