package ruxel.core.change;

import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/** Whether a method may be chosen for a seam of a garment. */
public final class MethodCheck {
  private MethodCheck() {}

  static Outcome<Method> of(Garment garment, ResolvedSeam seam, String methodId) {
    return Method.of(methodId)
        .map(method -> judged(garment, seam, method))
        .orElseGet(() -> Outcome.refused(unknown(seam.seam().id(), methodId)));
  }

  private static Outcome<Method> judged(Garment garment, ResolvedSeam seam, Method method) {
    SideLayout a = SideLayout.of(seam, Side.A, garment.rules());
    SideLayout b = SideLayout.of(seam, Side.B, garment.rules());
    return never(seam.seam(), a, b, method, garment.wording()).map(Outcome::<Method>refused).orElseGet(() -> Outcome.of(method));
  }

  /** What is to be said of the method a seam has already, as a file may give it. */
  public static Optional<Finding> of(Seam seam, SideLayout a, SideLayout b, Wording wording) {
    return seam.method()
        .flatMap(
            id ->
                Method.of(id)
                    .map(method -> never(seam, a, b, method, wording))
                    .orElseGet(() -> Optional.of(unknown(seam.id(), id))));
  }

  private static Optional<Finding> never(Seam seam, SideLayout a, SideLayout b, Method method, Wording wording) {
    return new Nevers(a, b, seam.role())
        .of(method)
        .map(
            never ->
                Finding.of(
                    FindingCode.METHOD_NEVER, Where.seam(seam.id()), Fact.text("method", method.title(wording)),
                    Fact.text("reason", never.reason()), Fact.text("instead", never.instead())));
  }

  private static Finding unknown(SeamId seam, String method) {
    return Finding.of(FindingCode.UNKNOWN_METHOD, Where.seam(seam), Fact.text("value", method), Fact.text("choices", Method.ids()));
  }
}
