package ruxel.core.garment;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.match.SideLayout;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Side;

/** Whether a method may be chosen for a seam of a garment. */
final class MethodCheck {
  private MethodCheck() {}

  static Outcome<Method> of(Garment garment, Construct construct, String seamId, String methodId) {
    Optional<Method> method = Method.of(methodId);
    if (method.isEmpty()) {
      String choices = Stream.of(Method.values()).map(Method::id).collect(Collectors.joining(", "));
      return Outcome.refused(
          Finding.of(FindingCode.UNKNOWN_METHOD, Where.seam(seamId), Fact.text("value", methodId), Fact.text("choices", choices)));
    }
    Optional<ResolvedSeam> seam =
        SeamResolver.find(construct.pieces(), construct.seams(), seamId);
    return seam
        .map(found -> judged(garment, found, method.get()))
        .orElseGet(() -> Outcome.refused(Change.unknownSeam(seamId, construct.seams())));
  }

  private static Outcome<Method> judged(Garment garment, ResolvedSeam seam, Method method) {
    SideLayout a = SideLayout.of(seam, Side.A, garment.rules());
    SideLayout b = SideLayout.of(seam, Side.B, garment.rules());
    return new Nevers(a, b, seam.seam().role())
        .of(method)
        .map(never -> Outcome.<Method>refused(finding(garment, seam, method, never)))
        .orElseGet(() -> Outcome.of(method));
  }

  private static Finding finding(Garment garment, ResolvedSeam seam, Method method, Nevers.Never never) {
    return Finding.of(
        FindingCode.METHOD_NEVER, Where.seam(seam.seam().id()),
        Fact.text("method", method.title(garment.wording())),
        Fact.text("reason", never.reason()),
        Fact.text("instead", never.instead()));
  }
}
