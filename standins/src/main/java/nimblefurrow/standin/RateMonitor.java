package nimblefurrow.standin;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.Random;

/**
 * A seed-rate monitor on a drill. It works on at a steady pace: each reading is a hundredth of a
 * hectare per tick further on. The rate drifts, and after a while one row plugs.
 */
public final class RateMonitor {
  private static final double HA_PER_TICK = 0.05;
  private static final int ROWS = 24;
  private static final int PLUGGED_ROW = 17;
  private static final int PLUGS_AT_TICK = 40;
  private static final double DRIFT_PER_TICK = -0.0009;

  private final double targetKgPerHa;
  private final Random random;
  private final LocalDateTime start;
  private final StringBuilder log =
      new StringBuilder("at,latitude,longitude,areaHa,seedKg,pluggedRows\n");
  private int tick;
  private double areaHa;
  private double seedKg;

  /**
   * @param targetKgPerHa what it was set for
   * @param start time of the first reading
   * @param seed of its noise
   */
  public RateMonitor(double targetKgPerHa, LocalDateTime start, long seed) {
    this.targetKgPerHa = targetKgPerHa;
    this.start = start;
    this.random = new Random(seed);
  }

  /** Works on for one tick. */
  public synchronized void work() {
    tick++;
    boolean plugged = tick >= PLUGS_AT_TICK;
    double rows = plugged ? (ROWS - 1.0) / ROWS : 1;
    double rate =
        targetKgPerHa * (1 + DRIFT_PER_TICK * tick) * rows * (1 + 0.02 * random.nextGaussian());
    areaHa += HA_PER_TICK;
    seedKg += rate * HA_PER_TICK;
    log.append(
        String.format(
            Locale.ROOT,
            "%s,%.6f,%.6f,%.4f,%.4f,%s%n",
            start.plusSeconds(20L * tick),
            41.2 + 1e-5 * tick,
            -96.6,
            HA_PER_TICK,
            rate * HA_PER_TICK,
            plugged ? PLUGGED_ROW : ""));
  }

  /** Where it stands. */
  public synchronized String reading() {
    boolean plugged = tick >= PLUGS_AT_TICK;
    return String.format(
        Locale.ROOT,
        "{\"at\":\"%s\",\"areaHa\":%.4f,\"seedKg\":%.3f,\"rateKgPerHa\":%.2f,"
            + "\"targetKgPerHa\":%.2f,\"rows\":%d,\"pluggedRows\":[%s]}",
        start.plusSeconds(20L * tick),
        areaHa,
        seedKg,
        areaHa > 0 ? seedKg / areaHa : 0,
        targetKgPerHa,
        ROWS,
        plugged ? PLUGGED_ROW : "");
  }

  /** All of it as a file. */
  public synchronized String file() {
    return log.toString();
  }

  /** Serves {@code /reading} (working on a few ticks each time) and {@code /as-applied.csv}. */
  public Device serve(int port) throws IOException {
    return Device.open(port)
        .on(
            "/reading",
            body -> {
              for (int i = 0; i < 5; i++) {
                work();
              }
              return Device.Answer.json(reading());
            })
        .on("/as-applied.csv", body -> Device.Answer.csv(file()));
  }

  /** Usage: port, target in kg/ha. */
  public static void main(String[] arguments) throws IOException {
    int port = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 9101;
    double target = arguments.length > 1 ? Double.parseDouble(arguments[1]) : 70;
    Device device = new RateMonitor(target, LocalDateTime.of(2026, 9, 12, 8, 0), 1).serve(port);
    System.out.println(
        "monitor: http://127.0.0.1:%d/reading and /as-applied.csv".formatted(device.port()));
  }
}
