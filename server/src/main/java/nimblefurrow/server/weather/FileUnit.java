package nimblefurrow.server.weather;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;

/** What the numbers of somebody's table are in. */
final class FileUnit {
  private FileUnit() {}

  /** Temperatures. */
  enum Temperature implements Keyed {
    CELSIUS("C"),
    FAHRENHEIT("F");

    private final String key;

    Temperature(String key) {
      this.key = key;
    }

    double celsius(double value) {
      return this == FAHRENHEIT ? UnitSystem.US.toSi(value, Unit.CELSIUS) : value;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /** Rain. */
  enum Rain implements Keyed {
    MILLIMETRES("mm"),
    INCHES("in");

    private final String key;

    Rain(String key) {
      this.key = key;
    }

    double mm(double value) {
      return this == INCHES ? UnitSystem.US.toSi(value, Unit.MM) : value;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /** Wind. */
  enum Wind implements Keyed {
    M_PER_S("ms"),
    KM_PER_H("kmh"),
    MILES_PER_H("mph");

    private static final double KMH_PER_M_PER_S = 3.6;

    private final String key;

    Wind(String key) {
      this.key = key;
    }

    double mPerS(double value) {
      return switch (this) {
        case M_PER_S -> value;
        case KM_PER_H -> value / KMH_PER_M_PER_S;
        case MILES_PER_H -> UnitSystem.US.toSi(value, Unit.M_PER_S);
      };
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /** Which part of a date stands first. */
  enum DateOrder implements Keyed {
    YEAR_FIRST("iso", "uuuu.M.d"),
    DAY_FIRST("dmy", "d.M.uuuu"),
    MONTH_FIRST("mdy", "M.d.uuuu");

    private final String key;
    private final String pattern;

    DateOrder(String key, String pattern) {
      this.key = key;
      this.pattern = pattern;
    }

    /** How it is read once its separators are dots. */
    String pattern() {
      return pattern;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }
}
