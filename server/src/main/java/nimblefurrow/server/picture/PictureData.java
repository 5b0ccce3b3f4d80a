package nimblefurrow.server.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.GeoLocation;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.exif.GpsDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.TimeZone;
import nimblefurrow.core.record.Spots;
import org.jspecify.annotations.Nullable;

/**
 * What a camera wrote into a picture.
 *
 * @param takenOn by the camera's clock
 * @param orientation 1 to 8; 1 is upright
 */
record PictureData(@Nullable LocalDate takenOn, Spots.@Nullable Place place, int orientation) {
  private static final int UPRIGHT = 1;

  /** What there is in a file; nothing is missed where it cannot be read. */
  static PictureData of(byte[] bytes) {
    try {
      Metadata data = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
      return new PictureData(day(data), place(data), orientation(data));
    } catch (ImageProcessingException | IOException e) {
      return new PictureData(null, null, UPRIGHT);
    }
  }

  private static @Nullable LocalDate day(Metadata data) {
    for (ExifSubIFDDirectory d : data.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
      // A camera's clock knows no zone: read and said in the same one, it is the camera's day.
      Date taken = d.getDateOriginal(TimeZone.getTimeZone(ZoneOffset.UTC));
      if (taken != null) {
        return taken.toInstant().atZone(ZoneOffset.UTC).toLocalDate();
      }
    }
    return null;
  }

  private static Spots.@Nullable Place place(Metadata data) {
    GpsDirectory d = data.getFirstDirectoryOfType(GpsDirectory.class);
    GeoLocation at = d == null ? null : d.getGeoLocation();
    return at == null || at.isZero() || !real(at)
        ? null
        : new Spots.Place(at.getLatitude(), at.getLongitude());
  }

  private static boolean real(GeoLocation at) {
    return Math.abs(at.getLatitude()) <= 90 && Math.abs(at.getLongitude()) <= 180;
  }

  private static int orientation(Metadata data) {
    ExifIFD0Directory d = data.getFirstDirectoryOfType(ExifIFD0Directory.class);
    try {
      return d != null && d.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
          ? d.getInt(ExifIFD0Directory.TAG_ORIENTATION)
          : UPRIGHT;
    } catch (MetadataException e) {
      return UPRIGHT;
    }
  }
}
