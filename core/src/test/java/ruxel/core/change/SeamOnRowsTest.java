package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.EdgeChange.EdgeMeasured;
import ruxel.core.change.EdgeChange.RunTold;
import ruxel.core.change.OwnSeam.Part;
import ruxel.core.change.OwnSeam.SeamMade;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FreeParts;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;

/** Seams of the maker's own on edges that have rows, or runs told anew: they are kept by the runs the piece is given with, and follow. */
class SeamOnRowsTest {
  private static final Garment PULLOVER = Wardrobe.pullover();

  @Test
  void aSeamJoinedOnRowsStaysWhenTheyAreTakenOff() {
    Garment rowed = good(new EdgingWorked(new PieceId("sleeve.left"), "cuff", 2, 6, 30).apply(PULLOVER));
    FreeParts.FreePart left = part(rowed, new PieceId("sleeve.left"), "cuff");
    FreeParts.FreePart right = part(rowed, new PieceId("sleeve.right"), "cuff");
    Garment joined = good(made(left, right).apply(rowed));
    assertThat(joined.seams()).singleElement().matches(seam -> seam.a().spans().get(0).fromInclusive().run().equals(right(PULLOVER)));
    assertThat(seam(joined).counts()).startsWith("30 on ");
    Garment off = good(new EdgingWorked(new PieceId("sleeve.left"), "cuff", 0, 0, 0).apply(joined));
    assertThat(seam(off).counts()).isEqualTo(seam(good(made(part(PULLOVER, new PieceId("sleeve.left"), "cuff"), right).apply(PULLOVER))).counts());
  }

  @Test
  void endsOfRowsAloneAreNoSideOfASeam() {
    Garment rowed = good(new EdgingWorked(new PieceId("sleeve.left"), "front", 2, 6, 60).apply(PULLOVER));
    assertThat(FreeParts.of(rowed)).isInstanceOf(Outcome.Good.class);
    Part ends = new Part(new PieceId("sleeve.left"), "cuff", "rows.front", "rows.front", Along.FORWARD);
    assertThat(new SeamMade(new SeamId("own"), "Own", SeamRole.OTHER, List.of(ends), List.of(new Part(new PieceId("sleeve.right"), "cuff", "cuff", "cuff", Along.BACKWARD))).apply(rowed).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_RUN);
  }

  @Test
  void aSeamOnAPartOfARunIsKeptByTheRunItself() {
    int count = Wardrobe.plan(PULLOVER).pieces().stream().filter(piece -> piece.id().equals(new PieceId("sleeve.left"))).flatMap(piece -> piece.edges().stream()).filter(edge -> edge.id().equals("cuff")).findFirst().orElseThrow().units();
    Garment told = good(new RunTold(new PieceId("sleeve.left"), "cuff", "cuff", List.of(part(count - 10), part(10))).apply(PULLOVER));
    Garment joined = good(new SeamMade(new SeamId("own"), "Own", SeamRole.OTHER, List.of(new Part(new PieceId("sleeve.left"), "cuff", "cuff~2", "cuff~2", Along.FORWARD)), List.of(new Part(new PieceId("sleeve.right"), "cuff", "cuff", "cuff", Along.BACKWARD))).apply(told));
    assertThat(joined.seams().get(0).a().spans().get(0).fromInclusive().run()).isEqualTo("cuff");
    assertThat(seam(joined).counts()).startsWith("10 on ");
    Garment whole = good(new RunTold(new PieceId("sleeve.left"), "cuff", "cuff", List.of()).apply(joined));
    assertThat(seam(whole).counts()).as("the same stitches, told as one run again").startsWith("10 on ");
  }

  /** What a file could not hold says nothing. */
  @Test
  void aMeasuredLengthThatRowsMakeTooLongIsForgotten() {
    Garment measured = good(new EdgeMeasured(new PieceId("sleeve.left"), "cuff", Optional.of(9_990.0)).apply(PULLOVER));
    Garment rowed = good(new EdgingWorked(new PieceId("sleeve.left"), "front", 4, 6, 60).apply(measured));
    assertThat(rowed.settings().on(MeasuredEdge.class, new PieceId("sleeve.left"), "cuff")).isEmpty();
  }

  private static RunPart part(int count) {
    return new RunPart(UnitKind.FOUNDATION_LOOP, count, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
  }

  private static String right(Garment garment) {
    return part(garment, new PieceId("sleeve.right"), "cuff").first();
  }

  private static SeamMade made(FreeParts.FreePart one, FreeParts.FreePart other) {
    return new SeamMade(new SeamId("own"), "Own", SeamRole.OTHER, List.of(new Part(one.piece(), one.edge(), one.first(), one.last(), Along.FORWARD)), List.of(new Part(other.piece(), other.edge(), other.first(), other.last(), Along.BACKWARD)));
  }

  private static FreeParts.FreePart part(Garment garment, PieceId piece, String edge) {
    return ((Outcome.Good<List<FreeParts.FreePart>>) FreeParts.of(garment)).value().stream().filter(part -> part.piece().equals(piece) && part.edge().equals(edge)).findFirst().orElseThrow();
  }

  private static SeamPlan seam(Garment garment) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("own"))).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
