package nimblefurrow.core.ending;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Tanks for a spray.
 *
 * @param tanks how many, the last one counted
 * @param lastTankL spray in the last tank
 * @param haPerTank area of a full tank
 * @param products of each product
 */
public record TankMix(int tanks, double lastTankL, double haPerTank, List<Product> products) {

  public TankMix {
    products = List.copyOf(products);
  }

  /** A product's rate: amount of {@code unit} per ha. */
  public record Rate(String name, double ratePerHa, String unit) {}

  /** A product's amounts in its own unit. */
  public record Product(String name, String unit, double perTank, double lastTank, double total) {}

  /**
   * @param rates products from their labels
   * @param carrierLPerHa spray volume
   * @param tankL what a tank is filled to
   * @param areaHa to spray
   * @return the tank mix
   */
  public static TankMix of(List<Rate> rates, double carrierLPerHa, double tankL, double areaHa) {
    Need.positive("carrierLPerHa", "The spray volume", carrierLPerHa);
    Need.positive("tankL", "The tank", tankL);
    Need.positive("areaHa", "The area", areaHa);
    if (rates.isEmpty()) {
      throw new Refused("products", "Enter at least one product from its label.");
    }
    double all = areaHa * carrierLPerHa;
    int tanks = (int) Math.max(1, Math.ceil(all / tankL - 1e-9));
    double last = all - (tanks - 1) * tankL;
    double perTank = tankL / carrierLPerHa;
    List<Product> products = new ArrayList<>();
    for (int i = 0; i < rates.size(); i++) {
      Rate r = rates.get(i);
      Need.positive("products[" + i + "].ratePerHa", "The rate of " + r.name(), r.ratePerHa());
      products.add(
          new Product(
              r.name(),
              r.unit(),
              r.ratePerHa() * perTank,
              r.ratePerHa() * last / carrierLPerHa,
              r.ratePerHa() * areaHa));
    }
    return new TankMix(tanks, last, perTank, products);
  }
}
