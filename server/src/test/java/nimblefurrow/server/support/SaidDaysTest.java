package nimblefurrow.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SaidDaysTest {
  @Test
  void daysAreSaidAsPeopleSayThem() {
    assertThat(SaidDays.in("Windmill was seeded on 2026-08-12; it ends by 2027-05-01."))
        .isEqualTo("Windmill was seeded on 12 Aug 2026; it ends by 1 May 2027.");
    assertThat(SaidDays.in("2026-08-12 is after today")).isEqualTo("12 Aug 2026 is after today");
  }

  @Test
  void whatIsQuotedOrNoDayStays() {
    assertThat(SaidDays.in("“2026-08-12” is no day, $1 neither"))
        .isEqualTo("“2026-08-12” is no day, $1 neither");
    assertThat(SaidDays.in("2026-13-45 cannot be")).isEqualTo("2026-13-45 cannot be");
    assertThat(SaidDays.in("at 2026-08-12T10:00")).isEqualTo("at 2026-08-12T10:00");
    assertThat(SaidDays.in("lot 12026-08-123")).isEqualTo("lot 12026-08-123");
  }
}
