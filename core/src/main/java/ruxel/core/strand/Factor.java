package ruxel.core.strand;

import java.util.List;
import ruxel.core.method.Method;
import ruxel.core.yarn.Sample;

/**
 * Yarn a method takes, mm per mm of seam: the table's starting value, or the maker's own with its spread (the standard deviation of
 * single measurements, 0 for one) and how often it was measured (handbook 8).
 */
public record Factor(double mmPerMm, double spread, int times) {
  public static Factor ofTable(Method method) {
    return new Factor(method.yarnCmPerCm(), 0, 0);
  }

  /** Long stretches count more than short ones. Linear in the samples, of which there is at least one. */
  public static Factor measured(List<Sample> samples) {
    double seam = samples.stream().mapToDouble(Sample::seamMm).sum();
    double mean = samples.stream().mapToDouble(Sample::yarnMm).sum() / seam;
    double squares = samples.stream().mapToDouble(sample -> Math.pow(sample.share() - mean, 2)).sum();
    return new Factor(mean, samples.size() < 2 ? 0 : Math.sqrt(squares / (samples.size() - 1)), samples.size());
  }

  public boolean isMeasured() {
    return times > 0;
  }
}
