package nimblefurrow.server.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Pictures as cameras write them, with an Exif block made by hand from its specification. */
public final class CameraPicture {
  private static final int SHORT = 3;
  private static final int LONG = 4;
  private static final int RATIONAL = 5;
  private static final int ASCII = 2;

  private CameraPicture() {}

  /** A picture whose upper left quarter is green and whose rest is brown. */
  public static BufferedImage field(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(120, 85, 60));
    g.fillRect(0, 0, width, height);
    g.setColor(new Color(60, 140, 50));
    g.fillRect(0, 0, width / 2, height / 2);
    g.dispose();
    return image;
  }

  /** A JPEG of it without anything beside its pixels. */
  public static byte[] bare(int width, int height) {
    return PictureFile.jpeg(field(width, height));
  }

  /**
   * A JPEG of it as a camera lying on its side would write it.
   *
   * @param orientation 1 to 8
   * @param taken "2026:08:20 11:30:00"
   * @param latitude whole degrees and minutes north
   * @param longitude whole degrees and minutes west
   */
  public static byte[] withExif(
      int width, int height, int orientation, String taken, int[] latitude, int[] longitude) {
    byte[] bare = bare(width, height);
    byte[] exif = exif(orientation, taken, latitude, longitude);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(bare, 0, 2);
    int length = exif.length + 2;
    out.write(0xff);
    out.write(0xe1);
    out.write(length >> 8);
    out.write(length & 0xff);
    out.writeBytes(exif);
    out.write(bare, 2, bare.length - 2);
    return out.toByteArray();
  }

  private static byte[] exif(int orientation, String taken, int[] north, int[] west) {
    // Places from the start of the TIFF header: 3 entries at 8, 1 at 50, 4 at 68, data from 122.
    ByteBuffer b = ByteBuffer.allocate(6 + 220).order(ByteOrder.LITTLE_ENDIAN);
    b.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
    b.put("II".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
    b.putShort((short) 3);
    entry(b, 0x0112, SHORT, 1, orientation);
    entry(b, 0x8769, LONG, 1, 50);
    entry(b, 0x8825, LONG, 1, 68);
    b.putInt(0);
    b.putShort((short) 1);
    entry(b, 0x9003, ASCII, 20, 122);
    b.putInt(0);
    b.putShort((short) 4);
    entry(b, 0x0001, ASCII, 2, 'N');
    entry(b, 0x0002, RATIONAL, 3, 142);
    entry(b, 0x0003, ASCII, 2, 'W');
    entry(b, 0x0004, RATIONAL, 3, 166);
    b.putInt(0);
    b.put((taken + "\0").getBytes(StandardCharsets.US_ASCII));
    for (int[] place : new int[][] {north, west}) {
      b.putInt(place[0]).putInt(1).putInt(place[1]).putInt(1).putInt(0).putInt(1);
    }
    return b.array();
  }

  private static void entry(ByteBuffer b, int tag, int type, int count, int value) {
    b.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
  }
}
