package ruxel.files;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.construction.Answers;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.Settings;
import ruxel.core.decision.SideWorking;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.ToldCorner;
import ruxel.core.decision.WantedOrder;
import ruxel.core.decision.WishFor;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;
import ruxel.core.yarn.Yarn;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.module.SimpleModule;

/**
 * The core's records as they stand in a garment file (docs/garment-file.md): under other names where the file has them, without what
 * is empty, and with the usual value for what is absent. A new decision needs its name in {@link DecisionLists} and no more.
 */
final class GarmentJson extends SimpleModule {
  private static final long serialVersionUID = 1L;

  GarmentJson() {
    super("garment file");
    Stream.of(
            Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Fabric.PLAIN, SeamRole.OTHER, Surplus.EVEN, Seam.Spaces.ROUND, Counts.Source.AS_MADE,
            ExpectedOpening.Kind.OTHER)
        .forEach(this::usual);
    addDeserializer(Settings.class, new DecisionLists.Read());
    addSerializer(Settings.class, new DecisionLists.Write());
    setMixInAnnotation(Garment.class, GarmentNames.class);
    setMixInAnnotation(HouseRules.class, RulesByName.class);
    setMixInAnnotation(Answers.class, AnswersByKey.class);
    setMixInAnnotation(Answers.Answer.class, AnswerValue.class);
    setMixInAnnotation(Recipe.class, RecipeRules.class);
    setMixInAnnotation(Mirror.class, MirrorRules.class);
    setMixInAnnotation(Piece.class, PieceNames.class);
    setMixInAnnotation(Run.class, RunFlat.class);
    setMixInAnnotation(Seam.class, SeamFlat.class);
    setMixInAnnotation(Seam.Working.class, WorkingRules.class);
    setMixInAnnotation(Cut.class, CutNames.class);
    setMixInAnnotation(Span.class, SpanNames.class);
    setMixInAnnotation(Landmark.class, LandmarkNames.class);
    setMixInAnnotation(RunPart.class, PartRules.class);
    setMixInAnnotation(WantedOrder.class, OrderList.class);
    setMixInAnnotation(ToldCorner.class, CornerNames.class);
    setMixInAnnotation(LeaningPiece.class, LeanFlat.class);
    setMixInAnnotation(WorkedSeam.class, WorkedFlat.class);
    setMixInAnnotation(OwnYarn.class, YarnFlat.class);
    setMixInAnnotation(WishFor.class, WishNames.class);
    setMixInAnnotation(WorkedStrip.class, StripFlat.class);
    setMixInAnnotation(StripCount.class, CountFlat.class);
    setMixInAnnotation(Strip.class, TrimsFlat.class);
    setMixInAnnotation(WorkRef.class, WorkRefJson.class);
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private void usual(Enum usual) {
    addDeserializer(usual.getDeclaringClass(), Usual.word(usual));
  }

  @JsonPropertyOrder({"name", "unit", "terms", "hand", "recipe", "pieces", "seams", "openings", "settings", "houseRules"})
  private interface GarmentNames {
    @JsonDeserialize(using = UsualSettings.class)
    Settings settings();

    @JsonProperty("houseRules")
    @JsonDeserialize(using = UsualRules.class)
    HouseRules rules();
  }

  private abstract static class RulesByName {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    RulesByName(Map<HouseRules.Rule, Double> changed) {}

    @JsonValue
    abstract Map<HouseRules.Rule, Double> ordered();
  }

  private abstract static class AnswersByKey {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    AnswersByKey(Map<String, Answers.Answer> values) {}

    @JsonValue
    abstract Map<String, Answers.Answer> values();
  }

  @JsonDeserialize(converter = AnswerValues.Read.class)
  @JsonSerialize(converter = AnswerValues.Written.class)
  private interface AnswerValue {}

  private interface RecipeRules {
    @JsonInclude
    Answers answers();
  }

  private interface MirrorRules {
    @JsonInclude
    Map<String, String> edges();
  }

  private interface PieceNames {
    @JsonDeserialize(using = CornerList.Read.class)
    @JsonSerialize(converter = CornerList.Written.class)
    Map<String, Corner> corners();
  }

  @JsonDeserialize(converter = FlatRun.Read.class)
  @JsonSerialize(converter = FlatRun.Written.class)
  private interface RunFlat {}

  private interface SeamFlat {
    @JsonUnwrapped
    Seam.Working working();
  }

  private interface WorkingRules {
    @JsonInclude(JsonInclude.Include.NON_DEFAULT)
    double fullness();
  }

  private interface CutNames {
    @JsonProperty("end")
    Cut.End from();
  }

  private interface SpanNames {
    @JsonProperty("from")
    Cut fromInclusive();

    @JsonProperty("to")
    Cut toExclusive();
  }

  private interface LandmarkNames {
    @JsonProperty("at")
    Cut first();

    @JsonDeserialize(using = Once.class)
    int times();
  }

  private interface PartRules {
    @JsonInclude(JsonInclude.Include.NON_DEFAULT)
    int chains();

    @JsonInclude(JsonInclude.Include.NON_DEFAULT)
    int heldBack();
  }

  private abstract static class OrderList {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    OrderList(List<SeamId> seams) {}

    @JsonValue
    abstract List<SeamId> seams();
  }

  private interface CornerNames {
    @JsonProperty("kind")
    Corner corner();
  }

  private interface LeanFlat {
    @JsonUnwrapped
    Lean lean();
  }

  private interface StripFlat {
    @JsonUnwrapped
    Strip strip();
  }

  private interface CountFlat {
    @JsonUnwrapped
    Stitches stitches();
  }

  private interface TrimsFlat {
    @JsonUnwrapped
    Trims trims();
  }

  private interface YarnFlat {
    @JsonUnwrapped
    Yarn yarn();
  }

  /** A wish without a role is for no role, not for the usual one. */
  private interface WishNames {
    @JsonDeserialize(contentUsing = NoUsualRole.class)
    Optional<SeamRole> role();
  }

  private static final class NoUsualRole extends Usual<SeamRole> {
    NoUsualRole() {
      super(SeamRole.class, null, (parser, context) -> SeamRole.valueOf(parser.getString()));
    }
  }

  private interface WorkedFlat {
    @JsonUnwrapped
    Seam.Working working();

    @JsonDeserialize(using = UsualSide.class)
    SideWorking a();

    @JsonDeserialize(using = UsualSide.class)
    SideWorking b();
  }

  private static final class Once extends Usual<Integer> {
    Once() {
      super(Integer.class, 1, (parser, context) -> parser.getIntValue());
    }
  }

  private static final class UsualSide extends Usual<SideWorking> {
    UsualSide() {
      super(SideWorking.class, SideWorking.USUAL, (parser, context) -> context.readValue(parser, SideWorking.class));
    }
  }

  private static final class UsualSettings extends Usual<Settings> {
    UsualSettings() {
      super(Settings.class, Settings.NONE, (parser, context) -> context.readValue(parser, Settings.class));
    }
  }

  private static final class UsualRules extends Usual<HouseRules> {
    UsualRules() {
      super(HouseRules.class, HouseRules.USUAL, (parser, context) -> context.readValue(parser, HouseRules.class));
    }
  }
}
