package nimblefurrow.server.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import nimblefurrow.core.count.GreenCover;
import nimblefurrow.core.units.Refused;

/** Pictures as files: read with care, turned upright, shrunk. */
public final class PictureFile {
  /** The longer edge of a picture that is kept, px. */
  static final int WHOLE = 2048;

  /** The longer edge of a picture in a list, px. */
  static final int SMALL = 320;

  /** The longer edge of a picture on paper, px: some eight centimetres of it. */
  static final int ON_PAPER = 720;

  private static final int MOST_PIXELS = 60_000_000;
  private static final float QUALITY = 0.85f;

  private PictureFile() {}

  /**
   * Reads a picture no larger than twice the edge that is wanted: of a large one only every so
   * manieth pixel is read, so that a camera's best fits into the heap.
   *
   * @param edge the longer edge that is wanted, px
   * @throws Refused when it is no picture, or one that is too large
   */
  public static BufferedImage read(byte[] bytes, int edge) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      String format = reader == null ? "" : reader.getFormatName().toLowerCase(Locale.ROOT);
      if (reader == null || !(format.equals("png") || format.equals("jpeg"))) {
        throw new Refused("file", "This is not a PNG or JPEG picture.");
      }
      try {
        reader.setInput(in);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
          throw new Refused("file", "The picture has over 60 million pixels; send a smaller one.");
        }
        int step = Math.max(1, Math.max(width, height) / (edge * 2));
        var how = reader.getDefaultReadParam();
        how.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, how);
      } finally {
        reader.dispose();
      }
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
      throw new Refused("file", "The picture cannot be read; is the file whole?");
    }
  }

  /**
   * {@return a picture turned upright and no larger than an edge, without transparency}
   *
   * @param orientation as cameras write it (Exif 2.3, tag 0x0112), 1 to 8; 1 is upright
   */
  static BufferedImage upright(BufferedImage image, int orientation, int edge) {
    double scale = Math.min(1, edge / (double) Math.max(image.getWidth(), image.getHeight()));
    int w = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int h = Math.max(1, (int) Math.round(image.getHeight() * scale));
    boolean lying = orientation >= 5;
    BufferedImage to = new BufferedImage(lying ? h : w, lying ? w : h, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = to.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, to.getWidth(), to.getHeight());
    g.transform(turn(orientation, w, h));
    g.drawImage(image, 0, 0, w, h, null);
    g.dispose();
    return to;
  }

  private static AffineTransform turn(int orientation, int w, int h) {
    return switch (orientation) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
      default -> new AffineTransform();
    };
  }

  /** {@return a picture as a JPEG, with nothing beside its pixels} */
  static byte[] jpeg(BufferedImage image) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      try (var out = ImageIO.createImageOutputStream(bytes)) {
        writer.setOutput(out);
        writer.write(null, new IIOImage(image, null, null), how);
      }
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException("a picture in memory could not be written", e);
    } finally {
      writer.dispose();
    }
  }

  /** {@return how much of the ground a picture shows under green leaves} */
  public static GreenCover green(BufferedImage image) {
    int w = image.getWidth();
    int h = image.getHeight();
    if (image.getType() != BufferedImage.TYPE_3BYTE_BGR) {
      return GreenCover.of(image.getRGB(0, 0, w, h, null, 0, w));
    }
    // As photographs are read: copied row by row, not asked pixel by pixel.
    BufferedImage packed = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = packed.createGraphics();
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return GreenCover.of(((DataBufferInt) packed.getRaster().getDataBuffer()).getData());
  }
}
