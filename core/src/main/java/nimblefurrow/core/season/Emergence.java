package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;

/** Seed of one species as it wakes, dies waiting and comes up. Mutable, and alive only in a run. */
final class Emergence {
  /** In place of a day that has not come. */
  static final int NOT_YET = Integer.MIN_VALUE;

  private static final double FIRST_FRACTION = 0.16;
  private static final double HALF = 0.5;
  private static final double LAST_FRACTION = 0.84;

  /** Share of its warmth from which seed has taken up water and can no longer wait. */
  private static final double WOKEN = 0.2;

  private final Species.Germination germination;
  private final boolean buried;

  /** Live seed that may still come up, per m². */
  double waiting;

  /** Plants that have come up, per m². */
  double emerged;

  /** Day on which half was up. */
  int emergedOn = NOT_YET;

  private double clock;
  private double ratio;
  private double emergedShare;
  private int firstDay = NOT_YET;
  private int lastDay = NOT_YET;

  Emergence(CoverComponent component, ModelParameters.SeedPlacement placement, double comesUp) {
    germination = component.species().germination();
    buried = placement.buried();
    double live = component.liveSeedsPerM2();
    // No more comes up than was alive, whatever the farm's record says.
    waiting = Math.min(live, live * placement.ceiling() * sizeFactor(component, buried) * comesUp);
  }

  private Emergence(Emergence of, int days) {
    germination = of.germination;
    buried = of.buried;
    waiting = of.waiting;
    emerged = of.emerged;
    clock = of.clock;
    ratio = of.ratio;
    emergedShare = of.emergedShare;
    emergedOn = moved(of.emergedOn, days);
    firstDay = moved(of.firstDay, days);
    lastDay = moved(of.lastDay, days);
  }

  /** The same with its days counted from elsewhere. */
  Emergence moved(int days) {
    return new Emergence(this, days);
  }

  private static int moved(int day, int days) {
    return day == NOT_YET ? NOT_YET : day + days;
  }

  /** Large seed does not lie well on the surface, small seed does not come up from deep. */
  private static double sizeFactor(CoverComponent component, boolean buried) {
    double mg = component.species().seed().singleMg();
    if (!buried) {
      return mg > 60 ? 0.5 : mg > 25 ? 0.75 : 1;
    }
    Double depth = component.depthMm();
    return mg < 4 && depth != null && depth > 15 ? 0.6 : 1;
  }

  /** Plants that come up on day {@code i}, per m². */
  double comeUp(int i, double groundC, double meanC, boolean wet, boolean wetBefore) {
    if (waiting <= 0) {
      return 0;
    }
    if (wet) {
      clock += Math.max(0, groundC - germination.baseC());
      ratio = clock / germination.thermalTimeCd();
    }
    if (!buried) {
      dieWaiting(meanC, wet, wetBefore);
    }
    double share = clamp((ratio - 0.8) / 0.4);
    if (share <= emergedShare) {
      return 0;
    }
    double fresh = waiting * (share - emergedShare) / (1 - emergedShare);
    waiting -= fresh;
    emerged += fresh;
    emergedShare = share;
    reach(i, share);
    return fresh;
  }

  /** On top seed is eaten, and what has begun to germinate dies when it dries. */
  private void dieWaiting(double meanC, boolean wet, boolean wetBefore) {
    if (meanC > 5) {
      waiting *= 0.985;
    }
    if (!wet && wetBefore) {
      waiting *= ratio > 0.5 ? 0.60 : ratio > WOKEN ? 0.88 : 1;
    }
  }

  private void reach(int i, double share) {
    if (firstDay == NOT_YET && share >= FIRST_FRACTION) {
      firstDay = i;
    }
    if (emergedOn == NOT_YET && share >= HALF) {
      emergedOn = i;
    }
    if (lastDay == NOT_YET && share >= LAST_FRACTION) {
      lastDay = i;
    }
    if (share >= 1) {
      waiting = 0;
    }
  }

  /** A count outranks the model: so many more have come up. */
  void see(double more, int i) {
    emerged += Math.max(0, more);
    if (emergedOn == NOT_YET) {
      emergedOn = i;
    }
  }

  boolean woken() {
    return ratio >= WOKEN;
  }

  /** Spread of emergence, days. */
  double spreadDays() {
    return firstDay != NOT_YET && lastDay != NOT_YET ? (lastDay - firstDay) / 2.0 : 0;
  }
}
