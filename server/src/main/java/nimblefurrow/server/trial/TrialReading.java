package nimblefurrow.server.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.trial.BlockTrial;
import nimblefurrow.core.trial.Pay;
import nimblefurrow.core.trial.Sentence;
import nimblefurrow.core.trial.YearsTogether;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** What the strips of stored trials say. */
final class TrialReading {
  static final double CONFIDENCE = 0.9;

  /** What is measured on strips, the deciding one first. */
  static final List<EntryFigure> MEASURES =
      List.of(
          EntryFigure.YIELD,
          EntryFigure.PLANTS,
          EntryFigure.COVER,
          EntryFigure.KILL,
          EntryFigure.WEEDS);

  private final List<Trial> all;
  private final PriceBook prices;

  /**
   * @param all trials of the farm, for years of one question
   * @param prices of the farm
   */
  TrialReading(List<Trial> all, PriceBook prices) {
    this.all = all;
    this.prices = prices;
  }

  static Unit unit(EntryFigure figure, CropKind crop) {
    return figure == EntryFigure.YIELD ? crop.yieldUnit() : figure.unit();
  }

  /** One result for each figure that stands on a strip. */
  List<TrialViews.ResultView> of(Trial t, List<String> fields) {
    return MEASURES.stream()
        .filter(f -> t.strips.stream().anyMatch(s -> s.figures().containsKey(f.key())))
        .map(f -> of(t, f, fields))
        .toList();
  }

  private TrialViews.ResultView of(Trial t, EntryFigure figure, List<String> fields) {
    CropKind crop = CropKind.of(t.crop);
    Unit unit = unit(figure, crop);
    BlockTrial trial;
    try {
      trial = analysed(t, figure);
    } catch (Refused notYet) {
      return new TrialViews.ResultView(
          figure.key(),
          figure.label(),
          unit,
          ReasonView.of(notYet(t, figure, notYet)),
          List.of(),
          List.of(),
          null,
          null,
          null,
          List.of(),
          null);
    }
    return new TrialViews.ResultView(
        figure.key(),
        figure.label(),
        unit,
        ReasonView.of(Sentence.of(trial, CONFIDENCE, unit)),
        trial.treatments(),
        trial.differences(),
        trial.lsd(),
        trial.cv(),
        trial.anova().p(),
        figure == EntryFigure.YIELD ? pays(t, trial) : List.of(),
        together(t, figure, fields));
  }

  /** Why nothing can be said: strips that wait to be measured come before any other reason. */
  private static Reason notYet(Trial t, EntryFigure figure, Refused why) {
    long waiting =
        t.strips.stream()
            .filter(s -> s.lost() == null && !s.figures().containsKey(figure.key()))
            .count();
    if (waiting > 0) {
      return Reason.of("nothing can be told yet: {n} strips are still to be measured")
          .with("n", waiting, Unit.COUNT);
    }
    String sentence = String.valueOf(why.getMessage());
    return Reason.of(sentence.replaceFirst("\\.$", ""));
  }

  private List<Pay> pays(Trial t, BlockTrial trial) {
    return price(t.crop)
        .map(p -> Pay.of(trial, p, t.treatments.stream().map(Trial.Treated::usdPerHa).toList()))
        .orElse(List.of());
  }

  private Optional<Double> price(String crop) {
    return Optional.ofNullable(CropKind.of(crop).priced()).map(prices::usd);
  }

  /** The analysis of one figure over the strips that count. */
  private static BlockTrial analysed(Trial t, EntryFigure figure) {
    return BlockTrial.of(
        t.strips.stream()
            .sorted(java.util.Comparator.comparingInt(Trial.Strip::treatment))
            .map(
                s ->
                    new BlockTrial.Strip(
                        String.valueOf(s.block()),
                        t.treatments.get(s.treatment()).name(),
                        s.lost() == null ? s.figures().get(figure.key()) : null))
            .toList(),
        CONFIDENCE);
  }

  private TrialViews.@Nullable TogetherView together(
      Trial t, EntryFigure figure, List<String> fields) {
    List<TrialViews.YearView> years = new ArrayList<>();
    List<YearsTogether.Year> asked = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      Trial other = all.get(i);
      if (!alike(t, other)) {
        continue;
      }
      BlockTrial said = tried(other, figure);
      if (said != null) {
        BlockTrial.Difference d = said.differences().get(0);
        double reach = (d.high() - d.low()) / 2;
        asked.add(
            new YearsTogether.Year(
                d.difference(), reach / Interval.student(CONFIDENCE, said.anova().errorDf())));
        years.add(
            new TrialViews.YearView(
                other.seasonYear, fields.get(i), d.difference(), d.low(), d.high()));
      }
    }
    return years.size() < 2 ? null : new TrialViews.TogetherView(years, YearsTogether.of(asked));
  }

  private static @Nullable BlockTrial tried(Trial t, EntryFigure figure) {
    try {
      return analysed(t, figure);
    } catch (Refused notYet) {
      return null;
    }
  }

  /** The same question with the same first two treatments. */
  private static boolean alike(Trial a, Trial b) {
    return same(a.question, b.question)
        && a.crop.equals(b.crop)
        && IntStream.range(0, 2)
            .allMatch(i -> same(a.treatments.get(i).name(), b.treatments.get(i).name()));
  }

  private static boolean same(String a, String b) {
    return Objects.equals(a.toLowerCase(Locale.ROOT), b.toLowerCase(Locale.ROOT));
  }
}
