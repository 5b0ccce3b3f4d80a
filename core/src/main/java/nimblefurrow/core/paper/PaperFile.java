package nimblefurrow.core.paper;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import nimblefurrow.core.units.Refused;

/** What a paper is as a file, by how it begins: a name can say anything. */
public enum PaperFile {
  /** A portable document. */
  PDF("application/pdf", "%PDF-".getBytes(StandardCharsets.US_ASCII)),
  /** A picture. */
  PNG("image/png", new byte[] {(byte) 0x89, 'P', 'N', 'G'}),
  /** A photograph. */
  JPEG("image/jpeg", new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff});

  private final String mediaType;
  private final byte[] begins;

  PaperFile(String mediaType, byte[] begins) {
    this.mediaType = mediaType;
    this.begins = begins;
  }

  /** {@return its type on the wire} */
  public String mediaType() {
    return mediaType;
  }

  /**
   * {@return what a file is}
   *
   * @param bytes of it, from its beginning
   * @throws Refused when it is none of these
   */
  public static PaperFile of(byte[] bytes) {
    for (PaperFile f : values()) {
      int n = f.begins.length;
      if (bytes.length >= n && Arrays.equals(bytes, 0, n, f.begins, 0, n)) {
        return f;
      }
    }
    throw new Refused(
        "file", "A paper is a PDF, or a picture as PNG or JPEG; this file is neither.");
  }
}
