package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruxel.core.change.StripChange.BandWorkedOn;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** A band worked on sideways, asked for as one thing: where there are no stitches a row of them comes first (handbook 11). */
class BandWorkedOnTest {
  private static RibBand band(RibBand.Kind kind, double rowMm) {
    return new RibBand(kind, 40, rowMm, Optional.of(60), Optional.of("backstitch"), false);
  }

  private static Garment edged(String opening) {
    Garment pullover = Wardrobe.pullover();
    Spot from = Wardrobe.plan(pullover).gluing().openings().stream().filter(open -> open.name().equals(opening)).findFirst().orElseThrow().start();
    Strip strip = new Strip(new StripId("one"), opening, from, Optional.empty(), List.of(Round.usual(Stitch.DC, 7)), new Strip.Multiple(3, 1), true, Trims.NONE, Optional.empty(), Optional.empty());
    return good(new StripAdded(strip).apply(pullover));
  }

  /** On a neck of row ends and stitches: single crochets of 5 / 0.90 mm, an even number, and as many rows of the band as there are. */
  @ParameterizedTest
  @EnumSource(RibBand.Kind.class)
  void aRowOfStitchesComesFirst(RibBand.Kind kind) {
    GarmentPlan plan = Wardrobe.plan(good(new BandWorkedOn(new StripId("one"), band(kind, 5), new StripId("two")).apply(edged("Neck"))));
    assertThat(plan.strips()).extracting(StripPlan::id).containsExactly(new StripId("one"), new StripId("two"));
    StripPlan row = plan.strips().get(0);
    StripPlan on = plan.strips().get(1);
    assertThat(row.ofStitches()).isFalse();
    assertThat(row.strip().rounds()).singleElement().isEqualTo(Round.usual(Stitch.SC, 5 / kind.usual()));
    assertThat(row.strip().straightOn()).as("as it was told").isTrue();
    assertThat(row.outer().units() % 2).isZero();
    assertThat(on.ofStitches()).isTrue();
    assertThat(on.called()).isEqualToIgnoringCase(kind.words());
    assertThat(on.band().orElseThrow().rows()).isEqualTo(row.outer().units());
    assertThat(on.strip().band().orElseThrow()).isEqualTo(new RibBand(kind, 40, 5, Optional.empty(), Optional.empty(), true));
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.BAND_ODD, FindingCode.BAND_ONTO_STITCHES, FindingCode.BAND_STITCHES);
  }

  /** On the stitches of a round of an even count it takes the place of what was to be there. */
  @Test
  void onStitchesItNeedsNone() {
    Garment garment = good(new BandWorkedOn(new StripId("one"), band(RibBand.Kind.NECKBAND, 5), new StripId("two")).apply(edged("Neck")));
    Garment again = good(new BandWorkedOn(new StripId("two"), band(RibBand.Kind.COLLAR, 5), new StripId("three")).apply(garment));
    assertThat(Wardrobe.plan(again).strips()).extracting(StripPlan::id).containsExactly(new StripId("one"), new StripId("two"));
    assertThat(Wardrobe.plan(again).strips().get(1).strip().band().orElseThrow().kind()).isEqualTo(RibBand.Kind.COLLAR);
  }

  @Test
  void whatCannotBeIsRefusedAndNothingIsChanged() {
    Garment garment = edged("Neck");
    assertThat(codes(new BandWorkedOn(new StripId("none"), band(RibBand.Kind.CUFF, 5), new StripId("two")).apply(garment))).containsExactly(FindingCode.STRIP_UNKNOWN);
    assertThat(codes(new BandWorkedOn(new StripId("one"), new RibBand(RibBand.Kind.CUFF, 0, 5, Optional.empty(), Optional.empty(), true), new StripId("two")).apply(garment))).containsExactly(FindingCode.STRIP_RANGE);
    assertThat(codes(new BandWorkedOn(new StripId("one"), band(RibBand.Kind.CUFF, 5), new StripId("Two words")).apply(garment))).containsExactly(FindingCode.ID_FORM);
    assertThat(codes(new BandWorkedOn(new StripId("one"), band(RibBand.Kind.CUFF, 5), new StripId("back")).apply(garment))).containsExactly(FindingCode.ID_TAKEN);
    assertThat(codes(new BandWorkedOn(new StripId("one"), band(RibBand.Kind.CUFF, 5), new StripId("one")).apply(garment))).as("it would stand on itself").isNotEmpty();
  }

  private static List<FindingCode> codes(Outcome<Garment> outcome) {
    return outcome.findings().stream().map(Finding::code).toList();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
