package nimblefurrow.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PriceBookTest {
  @ParameterizedTest
  @EnumSource(Priced.class)
  void everyPriceShipsWithItsYearAndItsSource(Priced what) {
    BookedPrice price = PriceBook.shipped().of(what);
    assertThat(price.usd()).isPositive();
    assertThat(price.year()).isGreaterThanOrEqualTo(2026);
    assertThat(price.source()).startsWith("working value");
    assertThat(Priced.of(what.key())).isEqualTo(what);
    assertThat(what.unit().name()).startsWith("USD_PER");
  }

  @Test
  void aPriceOfTheFarmGoesBeforeTheOneThatShipsAndLeavesTheOthers() {
    PriceBook own =
        PriceBook.shipped().with(List.of(new BookedPrice(Priced.CORN, 190, 2027, " contract ")));
    assertThat(own.usd(Priced.CORN)).isEqualTo(190);
    assertThat(own.of(Priced.CORN).source()).isEqualTo("contract");
    assertThat(own.usd(Priced.HAY)).isEqualTo(PriceBook.shipped().usd(Priced.HAY));
  }

  @Test
  void whatLatePlantingCostsAndWhatNitrogenIsWorthGoByTheBook() {
    PriceBook book =
        PriceBook.shipped()
            .with(
                List.of(
                    new BookedPrice(Priced.CORN, 200, 2027, ""),
                    new BookedPrice(Priced.OTHER_CROP, 111, 2027, ""),
                    new BookedPrice(Priced.NITROGEN, 1.5, 2027, "")));
    EndingRules rules = EndingRules.shipped().priced(book);
    assertThat(rules.nitrogenUsdPerKg()).isEqualTo(1.5);
    assertThat(rules.late(NextCrop.Kind.CORN).usdPerMg()).isEqualTo(200);
    assertThat(rules.late(NextCrop.Kind.OTHER).usdPerMg()).isEqualTo(111);
    assertThat(rules.late(NextCrop.Kind.SOYBEAN).usdPerMg()).isEqualTo(400);
    assertThat(rules.ways()).isEqualTo(EndingRules.shipped().ways());
  }

  @Test
  void everyCropThatIsSoldHasItsPrice() {
    for (CropKind crop : CropKind.values()) {
      assertThat(crop.priced() == null).as(crop.label()).isEqualTo(crop == CropKind.NONE);
    }
    assertThat(CropKind.SMALL_GRAIN.priced()).isEqualTo(Priced.SMALL_GRAIN);
    assertThat(CropKind.SILAGE_CORN.priced()).isEqualTo(Priced.SILAGE);
  }

  @Test
  void aTonIsTwoThousandPounds() {
    double usdPerMg = UnitSystem.US.toSi(100, Priced.HAY.unit());
    assertThat(usdPerMg).isCloseTo(110.231, org.assertj.core.api.Assertions.within(0.001));
  }

  @Test
  void nonsenseIsRefusedInASentence() {
    assertThatThrownBy(() -> new BookedPrice(Priced.HAY, -1, 2026, ""))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("price");
    assertThatThrownBy(() -> new BookedPrice(Priced.HAY, 100_001, 2026, ""))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new BookedPrice(Priced.HAY, 1, 1989, ""))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("1990");
    assertThat(new BookedPrice(Priced.HAY, 0, 1990, "").usd()).isZero();
    assertThatThrownBy(() -> new BookedPrice(Priced.HAY, 1, 2026, "x".repeat(201)))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Priced.of("gold"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("gold");
  }
}
