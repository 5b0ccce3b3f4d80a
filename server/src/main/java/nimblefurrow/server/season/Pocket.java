package nimblefurrow.server.season;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.TriedDays;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherStamp;
import org.jspecify.annotations.Nullable;

/** What a phone takes along of a farm, to reckon a field's season where there is no signal. */
final class Pocket {
  private Pocket() {}

  /**
   * The weather that a season's ways are made of.
   *
   * @param stamp another whenever it changes
   * @param past whole years
   * @param seen what was measured of the season up to today; null where nothing was
   */
  @Schema(name = "PocketSky")
  record PocketSky(
      String stamp,
      int seasonYear,
      LocalDate today,
      double latitudeDeg,
      double elevationM,
      boolean coastal,
      PocketDays past,
      @Nullable PocketDays seen) {
    static PocketSky of(FarmWeather w) {
      int season = w.ensemble().seasonYear();
      LocalDate january = LocalDate.of(season, Month.JANUARY, 1);
      DailyWeather record = w.record();
      boolean begun = !record.start().isAfter(january) && !record.end().isBefore(january);
      return new PocketSky(
          stampOf(w),
          season,
          w.ensemble().today(),
          w.place().latitudeDeg(),
          w.place().elevationM(),
          w.place().coastal(),
          PocketDays.of(w.past()),
          begun ? PocketDays.of(record.slice(january, record.end())) : null);
    }
  }

  private static String stampOf(FarmWeather w) {
    WeatherStamp s = w.stamp();
    return "%s %d %d %s".formatted(s.station(), s.version(), s.seasonYear(), s.today());
  }

  /** Days in columns; wind and dew point may be missing. */
  @Schema(name = "PocketDays")
  record PocketDays(
      LocalDate start,
      double[] tminC,
      double[] tmaxC,
      double[] precipMm,
      List<@Nullable Double> windMs,
      List<@Nullable Double> dewPointC) {
    static PocketDays of(DailyWeather w) {
      return new PocketDays(
          w.start(),
          column(w, w::tminC),
          column(w, w::tmaxC),
          column(w, w::precipMm),
          gaps(column(w, w::windMs)),
          gaps(column(w, w::dewPointC)));
    }

    private static double[] column(DailyWeather w, IntToDoubleFunction value) {
      return IntStream.range(0, w.days()).mapToDouble(value).toArray();
    }

    private static List<@Nullable Double> gaps(double[] values) {
      List<@Nullable Double> all = new ArrayList<>();
      Arrays.stream(values).forEach(v -> all.add(Double.isNaN(v) ? null : v));
      return all;
    }
  }

  /**
   * A field's cover, to try other days on.
   *
   * @param stamp of the weather it belongs to
   * @param season null where it is reckoned with a signal alone
   * @param why then
   */
  @Schema(name = "PocketField")
  record PocketField(String stamp, @Nullable PocketSeason season, @Nullable String why) {
    static PocketField of(FarmWeather w, PocketSeason season) {
      return new PocketField(stampOf(w), season, null);
    }

    static PocketField not(FarmWeather w, String why) {
      return new PocketField(stampOf(w), null, why);
    }
  }

  /** All that {@link TriedDays} needs, and the crop. */
  @Schema(name = "PocketSeason")
  record PocketSeason(
      String texture,
      String drainage,
      boolean tiled,
      String nitrogen,
      double availableWater,
      double residueMgPerHa,
      double growth,
      double comesUp,
      PocketCrop crop,
      List<PocketComponent> cover,
      String method,
      String ending,
      LocalDate seedOn,
      LocalDate endOn,
      LocalDate plantOn,
      @Nullable LocalDate closes,
      @Nullable LocalDate harvestLikely,
      @Nullable LocalDate meantPlanting,
      List<PocketDeed> logged,
      List<PocketKept> kept,
      List<PocketDeed> said,
      double seededShare,
      List<PocketSighting> seen,
      Purpose purpose) {
    static PocketSeason of(TriedDays t, PocketCrop crop) {
      FieldStanding.Known k = t.known();
      FieldStart start = t.cover().start();
      return new PocketSeason(
          Keys.of(t.cover().soil().texture()),
          Keys.of(t.cover().soil().drainage()),
          t.cover().soil().tiled(),
          Keys.of(start.nitrogen()),
          start.initialAvailableWater(),
          start.residueMgPerHa(),
          start.growth(),
          start.comesUp(),
          crop,
          t.cover().cover().stream().map(PocketComponent::of).toList(),
          t.cover().method().key(),
          t.ending().key(),
          t.cover().seedOn(),
          t.cover().endOn(),
          t.cover().plantOn(),
          t.closes(),
          k.harvestLikely(),
          k.plantOn(),
          PocketDeed.of(k.logged()),
          t.kept().entrySet().stream()
              .map(e -> new PocketKept(e.getKey(), e.getValue().day(), e.getValue().meantOn()))
              .toList(),
          k.said().entrySet().stream()
              .map(e -> new PocketDeed(e.getKey(), e.getValue().on(), e.getValue().share()))
              .toList(),
          k.seededShare(),
          t.cover().seen().stream().map(PocketSighting::of).toList(),
          t.purpose());
    }
  }

  /** A crop; figures that are not of its kind are missing. */
  @Schema(name = "PocketCrop")
  record PocketCrop(
      String kind,
      @Nullable LocalDate planted,
      @Nullable Double maturity,
      @Nullable Double rowSpacingM,
      @Nullable LocalDate harvested,
      boolean silage,
      @Nullable Double moisturePercent) {
    /** Nothing where it is a cover. */
    static @Nullable PocketCrop of(CashCrop crop) {
      if (crop instanceof CashCrop.Corn c) {
        return new PocketCrop(
            "corn",
            c.planted(),
            c.relativeMaturityDays(),
            null,
            c.harvested(),
            c.silage(),
            c.moistureTargetPercent());
      }
      if (crop instanceof CashCrop.Soybean s) {
        return new PocketCrop(
            "soybean", s.planted(), s.maturityGroup(), s.rowSpacingM(), s.harvested(), false, null);
      }
      if (crop instanceof CashCrop.SmallGrain g) {
        return new PocketCrop("smallGrain", null, null, null, g.harvested(), false, null);
      }
      return crop instanceof CashCrop.None
          ? new PocketCrop("none", null, null, null, null, false, null)
          : null;
    }
  }

  /** One species as it went out, or is to. */
  @Schema(name = "PocketComponent")
  record PocketComponent(
      String species,
      double rateKgPerHa,
      double germination,
      double purity,
      @Nullable Double depthMm) {
    static PocketComponent of(CoverComponent c) {
      return new PocketComponent(
          c.species().id(), c.rateKgPerHa(), c.germination(), c.purity(), c.depthMm());
    }
  }

  /** A kept day of a deed, and the day its plan meant then. */
  @Schema(name = "PocketKept")
  record PocketKept(Deed deed, LocalDate day, @Nullable LocalDate meantOn) {}

  /** A day of a deed: written down, or said not to be it with what was done by then. */
  @Schema(name = "PocketDeed")
  record PocketDeed(Deed deed, LocalDate on, double share) {
    static List<PocketDeed> of(java.util.Map<Deed, LocalDate> days) {
      return days.entrySet().stream()
          .map(e -> new PocketDeed(e.getKey(), e.getValue(), 0))
          .toList();
    }
  }

  /** Something seen: plants or a stage of a component, else of the whole cover. */
  @Schema(name = "PocketSighting")
  record PocketSighting(String what, LocalDate on, int component, double value) {
    static PocketSighting of(Sighting s) {
      if (s instanceof Sighting.Plants p) {
        return new PocketSighting("plants", p.on(), p.component(), p.perM2());
      }
      if (s instanceof Sighting.Stage g) {
        return new PocketSighting("stage", g.on(), g.component(), g.fraction());
      }
      if (s instanceof Sighting.Cover c) {
        return new PocketSighting("cover", c.on(), 0, c.mgPerHa());
      }
      Sighting.Height h = (Sighting.Height) s;
      return new PocketSighting("height", h.on(), 0, h.cm());
    }
  }
}
