package nimblefurrow.core.money;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WayCost;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.record.MoneyWay;
import org.jspecify.annotations.Nullable;

/**
 * What came of a cover, as the record has it.
 *
 * @param seeded null while it is not
 * @param ended null while it is not
 * @param passes work over it after its ending, that the way itself does not take
 * @param bookings bills and payments
 * @param animalDays head times days of all grazing
 * @param own lines that the farm wrote by itself
 */
public record CameOf(
    @Nullable Seeded seeded,
    @Nullable Ended ended,
    List<Pass> passes,
    List<Booked> bookings,
    double animalDays,
    List<AccountLine> own) {
  /** Nothing yet. */
  public static final CameOf NOTHING = new CameOf(null, null, List.of(), List.of(), 0, List.of());

  public CameOf {
    passes = List.copyOf(passes);
    bookings = List.copyOf(bookings);
    own = List.copyOf(own);
  }

  /**
   * What went out.
   *
   * @param seed components with their rates
   * @param with the machine; null where nobody wrote it down
   * @param hours it took; null where nobody wrote them down
   * @param sideDressed whether nitrogen went out in the same pass
   */
  public record Seeded(
      List<CoverComponent> seed,
      @Nullable Machine with,
      @Nullable Double hours,
      boolean sideDressed) {
    public Seeded {
      seed = List.copyOf(seed);
    }
  }

  /**
   * How it was ended.
   *
   * @param on the day
   * @param cost what the way costs on the farm
   * @param lag days from it to planting; null where no crop follows
   */
  public record Ended(LocalDate on, WayCost cost, @Nullable PlantingLag lag) {}

  /** A pass that was needed beside. */
  public record Pass(LogKind kind, LocalDate on) {}

  /**
   * A bill or a payment.
   *
   * @param what it is for; null where nobody said
   */
  public record Booked(Owed.Booking booking, @Nullable MoneyPart what) {
    /** {@return what it is for: said, else payments where the farm is paid, other where it pays} */
    MoneyPart part() {
      if (what != null) {
        return what;
      }
      return booking.way() == MoneyWay.IS_PAID ? MoneyPart.PAYMENT : MoneyPart.OTHER;
    }
  }
}
