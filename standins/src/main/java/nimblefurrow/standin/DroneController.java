package nimblefurrow.standin;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A drone's flight controller: takes lines as GeoJSON, flies them with a little wander and wind,
 * and gives back what it flew as a log in the monitor's layout.
 */
public final class DroneController {
  private static final String COORDINATES = "\"coordinates\":";
  private static final Pattern POINT =
      Pattern.compile("\\[\\s*(-?[\\d.]+)\\s*,\\s*(-?[\\d.]+)[^\\]]*\\]");
  private static final double M_PER_DEGREE = 111_200;
  private static final double STEP_M = 20;
  private static final double WANDER_M = 0.4;

  private final double swathM;
  private final double rateKgPerHa;
  private final LocalDateTime start;
  private final Random random;
  private String log = "";

  /**
   * @param swathM it spreads
   * @param rateKgPerHa its gate is set for
   * @param start of the flight
   * @param seed of its noise
   */
  public DroneController(double swathM, double rateKgPerHa, LocalDateTime start, long seed) {
    this.swathM = swathM;
    this.rateKgPerHa = rateKgPerHa;
    this.start = start;
    this.random = new Random(seed);
  }

  /**
   * Flies lines.
   *
   * @param geoJson features with LineString coordinates
   * @return how many lines were found
   */
  public synchronized int fly(String geoJson) {
    StringBuilder flown = new StringBuilder("at,latitude,longitude,areaHa,seedKg,pluggedRows\n");
    int seconds = 0;
    int lines = 0;
    int at = geoJson.indexOf(COORDINATES);
    while (at >= 0) {
      int end = geoJson.indexOf("]]", at);
      List<double[]> points =
          points(geoJson.substring(at + COORDINATES.length() + 1, end < 0 ? at + 14 : end + 1));
      at = geoJson.indexOf(COORDINATES, at + 1);
      if (points.size() < 2) {
        continue;
      }
      lines++;
      for (int i = 1; i < points.size(); i++) {
        seconds = leg(points.get(i - 1), points.get(i), seconds, flown);
      }
      seconds += 6;
    }
    log = flown.toString();
    return lines;
  }

  private int leg(double[] from, double[] to, int seconds, StringBuilder flown) {
    double east = (to[0] - from[0]) * M_PER_DEGREE * Math.cos(Math.toRadians(from[1]));
    double north = (to[1] - from[1]) * M_PER_DEGREE;
    double metres = Math.hypot(east, north);
    int steps = (int) Math.max(1, Math.round(metres / STEP_M));
    int now = seconds;
    for (int s = 0; s < steps; s++) {
      double at = (s + 0.5) / steps;
      double area = metres / steps * swathM / 10_000;
      now += (int) Math.max(1, Math.round(metres / steps / 8));
      flown.append(
          String.format(
              Locale.ROOT,
              "%s,%.7f,%.7f,%.5f,%.4f,%n",
              start.plusSeconds(now),
              from[1] + (to[1] - from[1]) * at + WANDER_M * random.nextGaussian() / M_PER_DEGREE,
              from[0] + (to[0] - from[0]) * at,
              area,
              area * rateKgPerHa * (1 + 0.05 * random.nextGaussian())));
    }
    return now;
  }

  private static List<double[]> points(String text) {
    List<double[]> all = new ArrayList<>();
    Matcher point = POINT.matcher(text);
    while (point.find()) {
      all.add(
          new double[] {Double.parseDouble(point.group(1)), Double.parseDouble(point.group(2))});
    }
    return all;
  }

  /** What was flown last. */
  public synchronized String log() {
    return log;
  }

  /** Serves {@code /lines} (send GeoJSON) and {@code /as-flown.csv}. */
  public Device serve(int port) throws IOException {
    return Device.open(port)
        .on(
            "/lines",
            body -> {
              int lines = fly(body);
              return lines == 0
                  ? Device.Answer.refused("No lines were found in that; send GeoJSON.")
                  : Device.Answer.json("{\"lines\":" + lines + "}");
            })
        .on("/as-flown.csv", body -> Device.Answer.csv(log()));
  }

  /** Usage: port, swath in m, rate in kg/ha. */
  public static void main(String[] arguments) throws IOException {
    int port = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 9102;
    double swath = arguments.length > 1 ? Double.parseDouble(arguments[1]) : 9;
    double rate = arguments.length > 2 ? Double.parseDouble(arguments[2]) : 100;
    Device device =
        new DroneController(swath, rate, LocalDateTime.of(2026, 9, 16, 9, 0), 1).serve(port);
    System.out.println(
        "drone: send GeoJSON to http://127.0.0.1:%d/lines, then read /as-flown.csv"
            .formatted(device.port()));
  }
}
