package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import nimblefurrow.core.count.GreenCover;
import nimblefurrow.core.count.StandCount;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Counting what came. */
@RestController
@RequestMapping("/api/bench")
class CountBench {
  private static final int MOST_PIXELS = 60_000_000;
  private static final int ENOUGH_PIXELS = 2_000_000;

  @Schema(
      example =
          "{\"counts\":[18,20,20,22],\"frameM2\":0.25,\"liveSeedsPerM2\":200,\"confidence\":0.9}")
  record StandCountQuestion(
      List<Double> counts,
      double frameM2,
      @Nullable Double liveSeedsPerM2,
      @Nullable Double confidence) {}

  @PostMapping("/stand-count")
  StandCount standCount(@RequestBody StandCountQuestion q) {
    return StandCount.of(
        q.counts(),
        q.frameM2(),
        q.liveSeedsPerM2(),
        q.confidence() == null ? Usual.of("confidence") : q.confidence());
  }

  /** Ground under green leaves and how it was judged. */
  record CoverAnswer(double cover, String method, int pixels) {}

  @PostMapping(path = "/green-cover", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  CoverAnswer greenCover(@RequestParam("file") MultipartFile file) throws IOException {
    return judge(file.getBytes());
  }

  @PostMapping(
      path = "/green-cover",
      consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE})
  CoverAnswer greenCoverOfBody(@RequestBody byte[] picture) throws IOException {
    return judge(picture);
  }

  private static CoverAnswer judge(byte[] bytes) throws IOException {
    GreenCover cover = GreenCover.of(pixels(bytes));
    return new CoverAnswer(cover.cover(), GreenCover.METHOD, cover.pixels());
  }

  /** Reads only as many pixels as tell the cover; a large picture is thinned while it is read. */
  private static int[] pixels(byte[] bytes) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      String format = reader == null ? "" : reader.getFormatName().toLowerCase(Locale.ROOT);
      if (reader == null || !(format.equals("png") || format.equals("jpeg"))) {
        throw new Refused("file", "This is not a PNG or JPEG picture.");
      }
      try {
        reader.setInput(in);
        long all = (long) reader.getWidth(0) * reader.getHeight(0);
        if (all > MOST_PIXELS) {
          throw new Refused("file", "The picture has over 60 million pixels; send a smaller one.");
        }
        int step = (int) Math.max(1, Math.floor(Math.sqrt((double) all / ENOUGH_PIXELS)));
        var how = reader.getDefaultReadParam();
        how.setSourceSubsampling(step, step, 0, 0);
        BufferedImage image = reader.read(0, how);
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
      } catch (IOException e) {
        throw new Refused("file", "The picture cannot be read; is the file whole?");
      } finally {
        reader.dispose();
      }
    }
  }
}
