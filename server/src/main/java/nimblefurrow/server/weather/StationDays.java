package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StationDays extends JpaRepository<StationDay, StationDay.Key> {
  @Query(
      "select new nimblefurrow.server.weather.StationDays$Row(d.key.day, d.tminC, d.tmaxC,"
          + " d.precipMm, d.windMs, d.dewPointC) from StationDay d"
          + " where d.key.stationId = :station order by d.key.day")
  List<Row> rows(UUID station);

  @Query("select count(d) from StationDay d where d.key.stationId = :station")
  long days(UUID station);

  @Query("select count(d) from StationDay d where d.key.stationId = :station and d.filled")
  long filledDays(UUID station);

  @Query("select min(d.key.day) from StationDay d where d.key.stationId = :station")
  @Nullable LocalDate first(UUID station);

  @Query("select max(d.key.day) from StationDay d where d.key.stationId = :station")
  @Nullable LocalDate last(UUID station);

  @Modifying
  @Query(
      "delete from StationDay d where d.key.stationId = :station"
          + " and d.key.day between :from and :to")
  void clear(UUID station, LocalDate from, LocalDate to);

  /** A day as it was stored; wind and dew point where the station has them. */
  record Row(
      LocalDate day,
      float tminC,
      float tmaxC,
      float precipMm,
      @Nullable Float windMs,
      @Nullable Float dewPointC) {}
}
