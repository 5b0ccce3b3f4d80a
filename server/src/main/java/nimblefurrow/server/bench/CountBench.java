package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.List;
import nimblefurrow.core.count.GreenCover;
import nimblefurrow.core.count.StandCount;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.picture.PictureFile;
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
  /** Pixels along the longer edge that tell the cover. */
  private static final int ENOUGH = 1024;

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
  CoverAnswer greenCoverOfBody(@RequestBody byte[] picture) {
    return judge(picture);
  }

  private static CoverAnswer judge(byte[] bytes) {
    GreenCover cover = PictureFile.green(PictureFile.read(bytes, ENOUGH));
    return new CoverAnswer(cover.cover(), GreenCover.METHOD, cover.pixels());
  }
}
