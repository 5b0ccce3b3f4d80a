package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.feed.GrazingService;
import nimblefurrow.server.feed.GrazingViews;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import org.springframework.stereotype.Component;

/** The demo farm's cattle: on the triticale before it is cut. */
@Component
class DemoHerd {
  private static final int SEASON = 2026;
  private static final int HEIFERS = 30;
  private static final double HEIFER_KG = 380;

  private final GrazingService grazing;
  private final FieldService fields;
  private final PlanService plans;

  DemoHerd(GrazingService grazing, FieldService fields, PlanService plans) {
    this.plans = plans;
    this.grazing = grazing;
    this.fields = fields;
  }

  void load(UUID farmId) {
    FieldView field =
        fields.list(farmId).stream()
            .filter(f -> f.name().equals("Far Corner"))
            .findFirst()
            .orElseThrow();
    UUID plan =
        plans
            .ofAllYears(farmId, List.of(field.piece()))
            .getOrDefault(field.piece(), List.of())
            .stream()
            .filter(p -> p.seasonYear() == SEASON)
            .map(PlanView::id)
            .findFirst()
            .orElseThrow();
    LocalDate in = LocalDate.of(2027, 4, 26);
    put(farmId, plan, "heifers", HEIFERS, HEIFER_KG, in, in.plusDays(12));
  }

  private void put(
      UUID farmId, UUID plan, String name, int head, double kg, LocalDate in, LocalDate out) {
    grazing.put(
        farmId,
        UUID.randomUUID(),
        new GrazingViews.GroupInput(null, plan, name, head, kg, in, out));
  }
}
