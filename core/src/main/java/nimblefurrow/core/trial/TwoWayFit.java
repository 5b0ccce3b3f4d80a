package nimblefurrow.core.trial;

import java.util.List;
import nimblefurrow.core.units.Refused;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Blocks and treatments fitted to strips by least squares, some of which may be lost. Columns are
 * the mean, each block but the first, each treatment but the first.
 */
final class TwoWayFit {
  /** Variances of means, in error mean squares, are a few at most. */
  private static final double SINGULAR = 1e9;

  private final int blocks;
  private final int treatments;
  private final DMatrixRMaj inverse;
  private final DMatrixRMaj effects;
  private final double totalSs;
  private final double blockSs;
  private final double errorSs;

  private TwoWayFit(int blocks, int treatments, DMatrixRMaj x, DMatrixRMaj y, double blockSs) {
    this.blocks = blocks;
    this.treatments = treatments;
    this.blockSs = blockSs;
    inverse = new DMatrixRMaj(x.numCols, x.numCols);
    DMatrixRMaj squares = new DMatrixRMaj(x.numCols, x.numCols);
    CommonOps_DDRM.multTransA(x, x, squares);
    if (!CommonOps_DDRM.invert(squares, inverse)
        || CommonOps_DDRM.elementMaxAbs(inverse) > SINGULAR
        || Double.isNaN(CommonOps_DDRM.elementSum(inverse))) {
      throw new Refused(
          "values",
          "So many strips are lost that some treatments never stand in a block together.");
    }
    DMatrixRMaj products = new DMatrixRMaj(x.numCols, 1);
    CommonOps_DDRM.multTransA(x, y, products);
    effects = new DMatrixRMaj(x.numCols, 1);
    CommonOps_DDRM.mult(inverse, products, effects);
    DMatrixRMaj left = y.copy();
    CommonOps_DDRM.multAdd(-1, x, effects, left);
    errorSs = squares(left);
    totalSs = squares(y);
  }

  static TwoWayFit of(List<BlockTrial.Strip> strips, List<String> blocks, List<String> treatments) {
    int n = strips.size();
    double mean = strips.stream().mapToDouble(TwoWayFit::value).average().orElseThrow();
    DMatrixRMaj x = new DMatrixRMaj(n, blocks.size() + treatments.size() - 1);
    DMatrixRMaj y = new DMatrixRMaj(n, 1);
    double[] sum = new double[blocks.size()];
    int[] count = new int[blocks.size()];
    for (int i = 0; i < n; i++) {
      int block = blocks.indexOf(strips.get(i).block());
      int treatment = treatments.indexOf(strips.get(i).treatment());
      x.set(i, 0, 1);
      if (block > 0) {
        x.set(i, block, 1);
      }
      if (treatment > 0) {
        x.set(i, blocks.size() - 1 + treatment, 1);
      }
      // Far from nought small differences would drown.
      double value = value(strips.get(i)) - mean;
      y.set(i, 0, value);
      sum[block] += value;
      count[block]++;
    }
    double blockSs = 0;
    for (int b = 0; b < sum.length; b++) {
      blockSs += sum[b] * sum[b] / count[b];
    }
    TwoWayFit fit = new TwoWayFit(blocks.size(), treatments.size(), x, y, blockSs);
    fit.effects.add(0, 0, mean);
    return fit;
  }

  private static double value(BlockTrial.Strip strip) {
    Double value = strip.value();
    return value == null ? Double.NaN : value;
  }

  private static double squares(DMatrixRMaj column) {
    double sum = 0;
    for (int i = 0; i < column.numRows; i++) {
      sum += column.get(i, 0) * column.get(i, 0);
    }
    return sum;
  }

  double totalSs() {
    return totalSs;
  }

  double blockSs() {
    return blockSs;
  }

  /** What treatments explain that blocks do not. */
  double treatmentSs() {
    return totalSs - blockSs - errorSs;
  }

  double errorSs() {
    return errorSs;
  }

  /** A treatment's mean over all blocks alike. */
  double mean(int treatment) {
    return dot(meanOf(treatment), effects);
  }

  /** Variance of the mean, in error mean squares. */
  double meanVariance(int treatment) {
    return variance(meanOf(treatment));
  }

  /** Variance of the difference of two means, likewise. */
  double differenceVariance(int a, int b) {
    DMatrixRMaj c = meanOf(a);
    CommonOps_DDRM.subtractEquals(c, meanOf(b));
    return variance(c);
  }

  private DMatrixRMaj meanOf(int treatment) {
    DMatrixRMaj c = new DMatrixRMaj(blocks + treatments - 1, 1);
    c.set(0, 0, 1);
    for (int b = 1; b < blocks; b++) {
      c.set(b, 0, 1.0 / blocks);
    }
    if (treatment > 0) {
      c.set(blocks - 1 + treatment, 0, 1);
    }
    return c;
  }

  private double variance(DMatrixRMaj c) {
    DMatrixRMaj part = new DMatrixRMaj(inverse.numRows, 1);
    CommonOps_DDRM.mult(inverse, c, part);
    return dot(c, part);
  }

  private static double dot(DMatrixRMaj a, DMatrixRMaj b) {
    return CommonOps_DDRM.dot(a, b);
  }
}
