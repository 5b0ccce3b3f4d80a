package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.seeding.SeedingMethods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobCautionsTest {
  private static String said(JobKind kind, String way) {
    return JobCautions.of(kind, way).toString();
  }

  @ParameterizedTest
  @CsvSource({
    "rollPlant, drum, label is the law",
    "plantGreenRoll, drum, label is the law",
    "sprayEarly, label is the law, drum",
    "rowZone, label is the law, drum",
    "graze, grazing interval, drum",
    "hay, power take-off, label is the law",
    "mow, power take-off, drum",
    "betweenRows, power take-off, label is the law",
    "till, power take-off, drum",
    "cultivate, power take-off, drum"
  })
  void anEndingSaysItsOwnDangersAndNoOther(String way, String said, String not) {
    assertThat(said(JobKind.END, way)).contains(said).doesNotContain(not);
  }

  @Test
  void aRollerWithASprayBehindSaysBoth() {
    assertThat(said(JobKind.END, "rollSpray")).contains("drum", "label is the law");
  }

  @Test
  void everyKindOfWorkSaysSomethingButWhatComesByItself() {
    SeedingMethods.all().forEach(m -> assertThat(said(JobKind.SEED, m.key())).isNotEqualTo("[]"));
    EndingMethods.all()
        .forEach(
            m ->
                assertThat(JobCautions.of(JobKind.END, m.key()).isEmpty())
                    .as(m.key())
                    .isEqualTo(m.ofItself()));
    assertThat(said(JobKind.SECOND, "spray again")).contains("label is the law");
    assertThat(said(JobKind.SECOND, "roll")).contains("drum", "hook").doesNotContain("label is");
    assertThat(said(JobKind.SECOND, "mow")).contains("power take-off").doesNotContain("drum");
    assertThat(said(JobKind.PLANT, "")).contains("row unit");
    assertThat(said(JobKind.HARVEST, "")).contains("header");
    assertThat(said(JobKind.LOOK, "")).contains("go in again");
  }
}
