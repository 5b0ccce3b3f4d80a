package nimblefurrow.server.shed;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

// A trailing single capital is not taken as a word by the naming of columns: those are named here.
@Entity
class Machine {
  @Id UUID id;
  UUID farmId;
  String name;
  String kind;
  String[] methods;

  @Column(name = "width_m")
  double widthM;

  double speedKmh;
  double efficiency;
  @Nullable Integer openers;

  @Column(name = "spacing_m")
  @Nullable Double spacingM;

  @Column(name = "hopper_m3")
  double hopperM3;

  @Nullable Double payloadKg;

  @Column(name = "turn_s")
  double turnS;

  @Column(name = "refill_s")
  double refillS;

  @Nullable Double ferryKmh;
  @Nullable Double batteryMin;
  String meter = "";
  @Nullable Double usdPerHour;
  @Nullable Double usdPerHa;
  String[] work;
  @Nullable Double massKg;
  @Nullable Integer rowUnits;
  Integer[] weekdays = {1, 2, 3, 4, 5, 6, 7};
  LocalDate[] onlyDays = {};

  @Column(name = "set_up_h")
  double setUpH = 0.4;

  @Column(name = "change_h")
  @Nullable Double changeH;

  @Column(name = "tender_m")
  @Nullable Double tenderM;

  double roadKmh = 25;
  boolean hired;
  @Nullable Double weightLimitKgPerHa;
  @Nullable Double leastUsd;
  @Nullable Double wayKm;
  @Nullable Double usdPerKm;
  @Nullable LocalDate outFrom;
  @Nullable LocalDate outUntil;
  String outWhy = "";
  boolean removed;
  String notes = "";
  @Version @Nullable Long version;
}
