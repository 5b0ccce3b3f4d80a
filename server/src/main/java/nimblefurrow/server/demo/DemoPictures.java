package nimblefurrow.server.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import javax.imageio.ImageIO;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Spots;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.picture.PictureService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Component;

/** Made-up pictures of a few fields: the ground from above, drawn as green as it was. */
@Component
class DemoPictures {
  private static final List<String> FIELDS = List.of("Heron Low", "Creek Forty");
  private static final Set<LogKind> TAKEN = Set.of(LogKind.SEEDED, LogKind.COVER, LogKind.PLANTED);
  private static final int YEAR = 2025;
  private static final int WIDTH = 800;
  private static final int HEIGHT = 600;
  private static final int ROW = 48;
  private static final Color SOIL = new Color(0x6b, 0x50, 0x3c);

  /** A Mg/ha of cover shades so much of what was bare before it. */
  private static final double SHADED = 1.2;

  private final FieldService fields;
  private final LogService log;
  private final PictureService pictures;
  private final Map<Double, byte[]> drawn = new ConcurrentHashMap<>();

  DemoPictures(FieldService fields, LogService log, PictureService pictures) {
    this.fields = fields;
    this.log = log;
    this.pictures = pictures;
  }

  void load(UUID farm, UUID owner) {
    for (FieldView field : fields.list(farm)) {
      if (FIELDS.contains(field.name())) {
        Point stake = Objects.requireNonNull(fields.boundary(farm, field.id())).getCentroid();
        Spots.Place place = new Spots.Place(stake.getY(), stake.getX());
        for (EntryView e : log.of(farm, field.id())) {
          if (TAKEN.contains(e.kind()) && e.doneOn().getYear() >= YEAR) {
            picture(farm, field.id(), e, place, owner);
          }
        }
      }
    }
  }

  private void picture(UUID farm, UUID field, EntryView e, Spots.Place place, UUID owner) {
    Double clipped = e.figures().get(EntryFigure.COVER.key());
    double green = clipped == null ? 0 : 1 - Math.exp(-SHADED * clipped);
    pictures.add(
        farm,
        field,
        e.id(),
        UUID.randomUUID(),
        drawn.computeIfAbsent(green, DemoPictures::draw),
        new PictureService.Told(e.doneOn(), place, true, true),
        DemoFarm.DAY,
        owner);
  }

  /** Leaves along rows on bare soil, until so much of it is covered. */
  private static byte[] draw(double green) {
    Random random = new Random(41);
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(SOIL);
    g.fillRect(0, 0, WIDTH, HEIGHT);
    for (int i = 0; i < 9000; i++) {
      int shade = random.nextInt(40) - 20;
      g.setColor(new Color(107 + shade, 80 + shade, 60 + shade));
      g.fillOval(random.nextInt(WIDTH), random.nextInt(HEIGHT), 6, 4);
    }
    // Leaves overlap: of n leaves with area a each, 1 − exp(−n·a) of the ground is under one.
    int leaf = 22;
    double area = leaf * 4.0 / ((double) WIDTH * HEIGHT);
    long leaves = Math.round(-Math.log(1 - green) / area);
    for (long i = 0; i < leaves; i++) {
      int row = random.nextInt(HEIGHT / ROW + 1) * ROW;
      double off = random.nextGaussian() * ROW * (0.1 + green / 2);
      int x = random.nextInt(WIDTH);
      int y = (int) Math.round(row + off);
      g.setColor(new Color(60 + random.nextInt(40), 125 + random.nextInt(50), 45));
      g.rotate(random.nextDouble() * Math.PI, x, y);
      g.fillOval(x - leaf / 2, y - 2, leaf, 5);
      g.setTransform(new java.awt.geom.AffineTransform());
    }
    g.dispose();
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, "jpeg", bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
