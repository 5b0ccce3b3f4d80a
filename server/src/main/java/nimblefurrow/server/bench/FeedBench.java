package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import nimblefurrow.core.feed.Bales;
import nimblefurrow.core.feed.GrazingDays;
import nimblefurrow.core.nutrient.ManureNitrogen;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Feed that stands, and manure that is brought out. */
@RestController
@RequestMapping("/api/bench")
class FeedBench {
  /** Of the organic part 0.35 is freed when not said. */
  @Schema(
      example =
          "{\"ratePerHa\":40,\"ammoniumPerUnit\":2.4,\"organicNPerUnit\":1.6,\"method\":\"incorporated\","
              + "\"daysToIncorporation\":2,\"cool\":true}")
  record ManureQuestion(
      double ratePerHa,
      double ammoniumPerUnit,
      double organicNPerUnit,
      ManureNitrogen.Way method,
      @Nullable Double daysToIncorporation,
      @Nullable Boolean cool,
      @Nullable Double organicShare) {}

  @PostMapping("/manure")
  ManureNitrogen manure(@RequestBody ManureQuestion q) {
    return ManureNitrogen.of(
        q.ratePerHa(),
        q.ammoniumPerUnit(),
        q.organicNPerUnit(),
        q.method(),
        q.daysToIncorporation(),
        q.cool() != null && q.cool(),
        q.organicShare() == null ? ManureNitrogen.USUAL_ORGANIC_SHARE : q.organicShare());
  }

  /** An animal eats 0.026 of its mass a day when not said. */
  @Schema(
      example =
          "{\"standingKgPerHa\":3200,\"leaveKgPerHa\":1200,\"useShare\":0.6,\"areaHa\":20,\"head\":60,"
              + "\"headKg\":550}")
  record GrazingQuestion(
      double standingKgPerHa,
      double leaveKgPerHa,
      double useShare,
      double areaHa,
      double head,
      double headKg,
      @Nullable Double intakeShare) {}

  @PostMapping("/grazing")
  GrazingDays grazing(@RequestBody GrazingQuestion q) {
    return GrazingDays.of(
        new GrazingDays.Standing(q.standingKgPerHa(), q.leaveKgPerHa(), q.useShare(), q.areaHa()),
        q.head(),
        q.headKg(),
        q.intakeShare() == null ? GrazingDays.USUAL_INTAKE : q.intakeShare());
  }

  @Schema(
      example =
          "{\"cutKgPerHa\":3000,\"areaHa\":10,\"dryMatter\":0.85,\"baleKg\":500,\"lossShare\":0.12}")
  record BalesQuestion(
      double cutKgPerHa, double areaHa, double dryMatter, double baleKg, double lossShare) {}

  @PostMapping("/bales")
  Bales bales(@RequestBody BalesQuestion q) {
    return Bales.of(q.cutKgPerHa(), q.areaHa(), q.dryMatter(), q.baleKg(), q.lossShare());
  }
}
