package ruxel.app.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.app.web.StrictJson;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.FindingChange;
import ruxel.core.change.PieceChange;
import ruxel.core.change.SeamChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.SideWorking;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.json.JsonMapper;

/** Changes as they come over the wire and go back over it. */
class ChangeJsonTest {
  private final JsonMapper json = StrictJson.applied(JsonMapper.builder()).addModule(new ChangeJson()).build();

  static Stream<String> kinds() {
    return ChangeJson.kinds().keySet().stream();
  }

  /** Nothing but its kind: refused with a place, unless it needs nothing. */
  @ParameterizedTest
  @MethodSource("kinds")
  void anIncompleteChangeIsRefused(String kind) {
    String bare = "{'kind':'" + kind + "'}";
    if (List.of("ANSWERS_CHANGED", "ORDER_LEFT", "GONE_SETTINGS_DROPPED", "WISHED", "FACING_CHOSEN", "GARMENT_WEIGHED", "WEARER_TOLD").contains(kind)) {
      assertThat(read(bare)).isNotNull();
    } else {
      assertThatThrownBy(() -> read(bare)).isInstanceOf(MismatchedInputException.class);
    }
  }

  /** The kinds are the wire's and the history's: none may be lost or renamed. */
  @Test
  void kindsAreAsTheyHaveAlwaysBeen() {
    assertThat(kinds())
        .contains(
            "RENAMED", "REWORDED", "ANSWERS_CHANGED", "COUNT_MADE", "ANCHOR_MOVED", "METHOD_CHOSEN", "PIECE_MOVED", "STEP_MOVED", "ORDER_LEFT",
            "RUN_TOLD", "EDGE_MEASURED", "LANDMARK_PUT", "LANDMARK_REMOVED", "SEAM_WORKED", "ANCHOR_PINNED", "ANCHOR_REMOVED", "HANDLE_DRAGGED",
            "LEAN_FOUND", "CORNER_TOLD", "EDGING_WORKED", "OWED_NOTED", "OWED_DONE", "FINDING_LEFT", "FINDING_TAKEN_BACK", "RULE_CHANGED",
            "GONE_SETTINGS_DROPPED");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{'name':'Pier'}", "{'kind':'RENAMED','name':'Pier','colour':'red'}", "{'kind':'NAMED','name':'Pier'}", "{'kind':'RENAMED','name':3}",
        "{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem','count':64,'when':'PLANNED'}"
      })
  void whatIsNoChangeIsRefused(String wrong) {
    assertThatThrownBy(() -> read(wrong)).isInstanceOf(MismatchedInputException.class);
  }

  static Stream<Arguments> wire() {
    return Stream.of(
        Arguments.of(
            "{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem','count':64,'when':'AS_WORKED'}",
            new CountMade(new PieceId("back"), "hem", "hem", Optional.of(64), Counts.Source.AS_WORKED)),
        Arguments.of("{'kind':'COUNT_MADE','piece':'back','edge':'hem','run':'hem'}", new CountMade(new PieceId("back"), "hem", "hem", Optional.empty())),
        Arguments.of("{'kind':'REWORDED','unit':'INCH','terms':'UK','hand':'LEFT'}", new Change.Reworded(Wording.Unit.INCH, Terms.UK, Wording.Hand.LEFT)),
        Arguments.of("{'kind':'PIECE_MOVED','piece':'back','laid':{'dxMm':1.5,'dyMm':-2,'quarterTurns':3}}",
            new PieceChange.PieceMoved(new PieceId("back"), Optional.of(new PieceChange.PieceMoved.Laid(1.5, -2, 3)))),
        Arguments.of("{'kind':'ANSWERS_CHANGED','answers':{'rows':7,'kind':'VEST'},'cleared':['neck']}",
            new Change.AnswersChanged(
                Map.of("rows", Optional.of(new Answers.Numeric(7)), "kind", Optional.of(new Answers.Word("VEST")), "neck", Optional.empty()))),
        Arguments.of("{'kind':'FINDING_LEFT','finding':'GAP.1','what':'so'}", new FindingChange.FindingLeft("GAP.1", "so")),
        Arguments.of("{'kind':'LEAN_FOUND','piece':'back','mm':-12.5,'expected':true}", new PieceChange.LeanFound(new PieceId("back"), Optional.of(-12.5), true)),
        Arguments.of("{'kind':'LEAN_FOUND','piece':'back'}", new PieceChange.LeanFound(new PieceId("back"), Optional.empty(), false)),
        Arguments.of(
            "{'kind':'CORNER_TOLD','piece':'back','edge':'hem','corner':'SPACE'}", new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.of(Corner.SPACE))),
        Arguments.of("{'kind':'CORNER_TOLD','piece':'back','edge':'hem'}", new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.empty())),
        Arguments.of(
            "{'kind':'EDGING_WORKED','piece':'back','edge':'hem','edging':{'rows':2,'rowMm':6.5,'stitches':70}}",
            new EdgingWorked(new PieceId("back"), "hem", 2, 6.5, 70)),
        Arguments.of(
            "{'kind':'EDGING_WORKED','piece':'back','edge':'neck','edging':{'rows':1,'rowMm':12.5,'stitches':26,'joins':'HDC'}}",
            new EdgingWorked(new PieceId("back"), "neck", new EdgingWorked.Rows(1, 12.5, 26, Optional.empty(), Optional.of(Stitch.HDC)))),
        Arguments.of(
            "{'kind':'LANDMARK_PUT','piece':'back','edge':'left','landmark':{'id':'m','name':'Stop','kind':'MARKER','at':3,'every':0,'times':1,"
                + "'marker':{'purpose':'STOP','colour':'red','takeOut':''}}}",
            new EdgeChange.LandmarkPut(
                new PieceId("back"), "left", "m", "Stop", Landmark.Kind.MARKER, 3, 0, 1, Optional.of(new Marker(Marker.Purpose.STOP, "red", "")))),
        Arguments.of(
            "{'kind':'SEAM_WORKED','seam':'s','working':{'together':true,'surplus':'SKIP','fullness':0.2,'a':{'placesPerRow':2,'spaces':'ROUND'},"
                + "'b':{'spaces':'INTO_CHAINS'}}}",
            new SeamChange.SeamWorked(
                new SeamId("s"), true, Surplus.SKIP, 0.2, false, new SideWorking(Optional.of(2), Seam.Spaces.ROUND),
                new SideWorking(Optional.empty(), Seam.Spaces.INTO_CHAINS))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("wire")
  void aChangeIsReadAsItIsMeantAndComesBackTheSame(String wire, Change change) {
    assertThat(read(wire)).isEqualTo(change);
    String written = json.writerFor(ChangeJson.LIST).writeValueAsString(List.of(change));
    assertThat(json.readValue(written, ChangeJson.LIST)).containsExactly(change);
  }

  /** 14 over 10 cm are 7.14 mm each; the gauge goes before a width. */
  @Test
  void aPartsWidthFollowsItsGauge() {
    EdgeChange.RunTold told =
        (EdgeChange.RunTold)
            read(
                "{'kind':'RUN_TOLD','piece':'back','edge':'hem','run':'hem','parts':[{'unit':'STITCH_TOP','count':3,'widthMm':9,'gauge':{'count':14,'over':'TEN_CM'}},"
                    + "{'unit':'STITCH_TOP','count':3,'gauge':{'count':16,'over':'FOUR_INCHES'}},{'unit':'STITCH_TOP','count':3}]}");
    assertThat(told.parts()).extracting(part -> part.widthMm()).containsExactly(Optional.of(100 / 14.0), Optional.of(101.6 / 16), Optional.empty());
  }

  private Change read(String text) {
    return json.readValue(text.replace('\'', '"'), Change.class);
  }
}
