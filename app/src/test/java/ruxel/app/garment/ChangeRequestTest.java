package ruxel.app.garment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Change;
import ruxel.core.garment.EdgeChange;
import ruxel.core.garment.PieceChange;
import ruxel.core.garment.SeamChange;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;
import tools.jackson.databind.json.JsonMapper;

/** Changes as they come over the wire and go back over it. */
class ChangeRequestTest {
  private final JsonMapper json = JsonMapper.builder().build();

  /** Nothing but its kind: refused with what it needs, unless it needs nothing. */
  @ParameterizedTest
  @EnumSource(ChangeRequest.Kind.class)
  void anIncompleteChangeSaysWhatItNeeds(ChangeRequest.Kind kind) {
    Outcome<Change> outcome = read("{\"kind\":\"" + kind + "\"}").change();
    if (List.of(ChangeRequest.Kind.ANSWERS_CHANGED, ChangeRequest.Kind.ORDER_LEFT, ChangeRequest.Kind.GONE_SETTINGS_DROPPED).contains(kind)) {
      assertThat(outcome).isInstanceOf(Outcome.Good.class);
    } else {
      Finding finding = outcome.findings().get(0);
      assertThat(finding.code()).isEqualTo(FindingCode.CHANGE_INCOMPLETE);
      assertThat(finding.facts().toString()).contains(kind.name());
    }
  }

  static Stream<Arguments> wire() {
    return Stream.of(
        Arguments.of(
            "{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem','count':64,'when':'AS_WORKED'}",
            new Change.CountMade("back", "hem", "hem", Optional.of(64), Counts.Source.AS_WORKED)),
        Arguments.of("{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem'}", new Change.CountMade("back", "hem", "hem", Optional.empty())),
        Arguments.of(
            "{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem','count':64,'when':'PLANNED'}",
            new Change.CountMade("back", "hem", "hem", Optional.of(64))),
        Arguments.of("{'kind':'LEAN_FOUND','piece':'back','mm':-12.5,'expected':true}", new PieceChange.LeanFound("back", Optional.of(-12.5), true)),
        Arguments.of("{'kind':'LEAN_FOUND','piece':'back'}", new PieceChange.LeanFound("back", Optional.empty(), false)),
        Arguments.of(
            "{'kind':'CORNER_TOLD','piece':'back','edge':'hem','corner':'SPACE'}", new PieceChange.CornerTold("back", "hem", Optional.of(Corner.SPACE))),
        Arguments.of("{'kind':'CORNER_TOLD','piece':'back','edge':'hem'}", new PieceChange.CornerTold("back", "hem", Optional.empty())),
        Arguments.of(
            "{'kind':'EDGING_WORKED','piece':'back','edge':'hem','edging':{'rows':2,'rowMm':6.5,'stitches':70}}",
            new PieceChange.EdgingWorked("back", "hem", 2, 6.5, 70)),
        Arguments.of(
            "{'kind':'LANDMARK_PUT','piece':'back','edge':'left','landmark':{'id':'m','name':'Stop','kind':'MARKER','at':3,'every':0,'times':1,"
                + "'marker':{'purpose':'STOP','colour':' red ','takeOut':''}}}",
            new EdgeChange.LandmarkPut(
                "back", "left", "m", "Stop", Landmark.Kind.MARKER, 3, 0, 1, Optional.of(new Marker(Marker.Purpose.STOP, "red", "")))),
        Arguments.of(
            "{'kind':'SEAM_WORKED','seam':'s','working':{'together':true,'surplus':'SKIP','fullness':0.2,'a':{'placesPerRow':2,'spaces':'ROUND'},"
                + "'b':{'spaces':'INTO_CHAINS'}}}",
            new SeamChange.SeamWorked(
                "s", true, Surplus.SKIP, 0.2, false, new SideWorking(Optional.of(2), Seam.Spaces.ROUND),
                new SideWorking(Optional.empty(), Seam.Spaces.INTO_CHAINS))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("wire")
  void aChangeIsReadAsItIsMeant(String wire, Change change) {
    assertThat(((Outcome.Good<Change>) read(wire).change()).value()).isEqualTo(change);
  }

  /** 14 over 10 cm are 7.14 mm each; the gauge goes before a width. */
  @Test
  void aPartsWidthFollowsItsGauge() {
    ChangeRequest request =
        read(
            "{'kind':'RUN_TOLD','piece':'back','edge':'hem','run':'hem','parts':[{'unit':'STITCH_TOP','count':3,'widthMm':9,'gauge':{'count':14,'over':'TEN_CM'}},"
                + "{'unit':'STITCH_TOP','count':3,'gauge':{'count':16,'over':'FOUR_INCHES'}},{'unit':'STITCH_TOP','count':3}]}");
    EdgeChange.RunTold told = (EdgeChange.RunTold) ((Outcome.Good<Change>) request.change()).value();
    assertThat(told.parts()).extracting(part -> part.widthMm()).containsExactly(Optional.of(100 / 14.0), Optional.of(101.6 / 16), Optional.empty());
  }

  static Stream<Change> ofRepairs() {
    return Stream.of(
        new Change.CountMade("back", "hem", "hem", Optional.of(64)),
        new Change.AnswersChanged(Map.of("armholeRows", Optional.of(new Answers.Numeric(16)))),
        new EdgeChange.EdgeMeasured("back", "left", Optional.of(570.0)),
        new EdgeChange.LandmarkPut("back", "left", "w", "Wave", Landmark.Kind.REPEAT, 4, 8, 3, Optional.empty()),
        new PieceChange.EdgingWorked("back", "hem", 2, 6.5, 70),
        new SeamChange.SeamWorked("s", false, Surplus.TO_OPEN, 0.1, true, SideWorking.USUAL, SideWorking.USUAL),
        new SeamChange.AnchorPinned("s", "own.a", "bobble row", 4, 6));
  }

  /** What a repair sends is, sent back, the same change. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("ofRepairs")
  void aRepairsChangeComesBackTheSame(Change change) {
    ChangeRequest written = new ChangeRequests(json).of(change);
    assertThat(((Outcome.Good<Change>) read(json.writeValueAsString(written)).change()).value()).isEqualTo(change);
  }

  private ChangeRequest read(String text) {
    return json.readValue(text.replace('\'', '"'), ChangeRequest.class);
  }
}
