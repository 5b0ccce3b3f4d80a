package nimblefurrow.phone.build;

import org.teavm.classlib.ResourceSupplier;
import org.teavm.classlib.ResourceSupplierContext;

/** The tables of core that go into the module. */
public final class Tables implements ResourceSupplier {
  @Override
  public String[] supplyResources(ResourceSupplierContext context) {
    return new String[] {
      "nimblefurrow/core/curves.csv",
      "nimblefurrow/core/drainage.csv",
      "nimblefurrow/core/endingmethods.csv",
      "nimblefurrow/core/placements.csv",
      "nimblefurrow/core/seedingmethods.csv",
      "nimblefurrow/core/soils.csv",
      "nimblefurrow/core/species.csv",
      "nimblefurrow/core/stages.csv",
      "nimblefurrow/core/usual.csv"
    };
  }
}
