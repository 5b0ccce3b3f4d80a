package nimblefurrow.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Set;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

/** What seed an organic field may get, and the papers that say so. */
class OrganicSeedTest {
  private static String words(OrganicSeed seed) {
    Reason reason = seed.reason();
    return reason == null ? "" : reason.text();
  }

  @Test
  void organicSeedMayAndItsCertificateIsAskedFor() {
    OrganicSeed bare = OrganicSeed.of(true, false, Set.of());
    assertThat(bare.may()).isTrue();
    assertThat(words(bare)).contains("certificate is not with the lot yet");
    OrganicSeed certified = OrganicSeed.of(true, false, Set.of(PaperKind.CERTIFICATE));
    assertThat(certified).isEqualTo(new OrganicSeed(true, null));
  }

  @Test
  void treatedSeedNeverMayWhateverItsPapers() {
    for (boolean organic : new boolean[] {true, false}) {
      OrganicSeed seed = OrganicSeed.of(organic, true, Set.of(PaperKind.values()));
      assertThat(seed.may()).isFalse();
      assertThat(words(seed)).startsWith("treated seed never");
    }
  }

  @Test
  void conventionalSeedNeedsBothPapersAndTheCertifier() {
    assertThat(words(OrganicSeed.of(false, false, Set.of()))).contains("untreated statement and");
    OrganicSeed half = OrganicSeed.of(false, false, Set.of(PaperKind.UNTREATED));
    assertThat(half.may()).isFalse();
    assertThat(words(half)).contains("search").doesNotContain("untreated statement");
    OrganicSeed other =
        OrganicSeed.of(false, false, Set.of(PaperKind.SEED_SEARCH, PaperKind.CERTIFICATE));
    assertThat(other.may()).isFalse();
    assertThat(words(other)).contains("untreated statement");
    OrganicSeed both =
        OrganicSeed.of(false, false, Set.of(PaperKind.UNTREATED, PaperKind.SEED_SEARCH));
    assertThat(both.may()).isTrue();
    assertThat(words(both)).contains("confirm with the certifier");
  }

  @Test
  void eachHolderKeepsItsKindsAndAnyOther() {
    assertThat(PaperKind.with(PaperHolder.PRODUCT))
        .containsExactly(PaperKind.LABEL, PaperKind.OTHER);
    assertThat(PaperKind.with(PaperHolder.LOT))
        .contains(PaperKind.CERTIFICATE, PaperKind.UNTREATED, PaperKind.SEED_SEARCH)
        .doesNotContain(PaperKind.LABEL, PaperKind.MANURE);
    for (PaperHolder h : PaperHolder.values()) {
      assertThat(PaperKind.with(h)).contains(PaperKind.OTHER).hasSizeGreaterThan(1);
    }
  }

  @Test
  void aFileIsWhatItBeginsAs() {
    assertThat(PaperFile.of("%PDF-1.7 x".getBytes(StandardCharsets.US_ASCII)))
        .isEqualTo(PaperFile.PDF);
    assertThat(PaperFile.of(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0})).isEqualTo(PaperFile.PNG);
    assertThat(PaperFile.of(new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff}))
        .isEqualTo(PaperFile.JPEG);
    for (String no : new String[] {"", "%PDF", "<script>", "MZ"}) {
      assertThatThrownBy(() -> PaperFile.of(no.getBytes(StandardCharsets.US_ASCII)))
          .isInstanceOf(Refused.class)
          .hasMessageContaining("PDF");
    }
  }
}
