package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import nimblefurrow.core.learn.Correction;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What records say of forecasts. */
@RestController
@RequestMapping("/api/bench")
class LearnBench {
  /** Spreads are logarithms; the usual ones when not said. */
  @Schema(
      example =
          "{\"pairs\":[{\"predicted\":5.2,\"actual\":4.1},{\"predicted\":6,\"actual\":5.1}],"
              + "\"priorSd\":0.25,\"noiseSd\":0.3}")
  record CorrectionQuestion(
      List<Correction.Pair> pairs, @Nullable Double priorSd, @Nullable Double noiseSd) {}

  /** By what forecasts are to be multiplied, with its 90 % range. */
  record CorrectionAnswer(int n, double factor, double low, double high) {}

  @PostMapping("/correction")
  CorrectionAnswer correction(@RequestBody CorrectionQuestion q) {
    Correction c =
        Correction.of(
            q.pairs(),
            q.priorSd() == null ? Correction.USUAL_PRIOR_SD : q.priorSd(),
            q.noiseSd() == null ? Correction.USUAL_NOISE_SD : q.noiseSd());
    return new CorrectionAnswer(c.n(), c.factor(), c.low(), c.high());
  }
}
