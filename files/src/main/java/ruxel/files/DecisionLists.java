package ruxel.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.Decision;
import ruxel.core.decision.DoneChore;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.EndedSeam;
import ruxel.core.decision.GarmentWeight;
import ruxel.core.decision.JoinedBoard;
import ruxel.core.decision.KeptTail;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.LeftFinding;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwedItem;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.OwnFactor;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.PieceRows;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.PlacedSquares;
import ruxel.core.decision.RibYarn;
import ruxel.core.decision.SeamYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.StripStep;
import ruxel.core.decision.StripYarn;
import ruxel.core.decision.TakenOut;
import ruxel.core.decision.ToldCorner;
import ruxel.core.decision.ToldRun;
import ruxel.core.decision.TurnedSeam;
import ruxel.core.decision.TurnedSquare;
import ruxel.core.decision.WantedOrder;
import ruxel.core.decision.WearerMeasure;
import ruxel.core.decision.WishFor;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.decision.WornBy;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.ser.std.StdSerializer;

/** The maker's decisions in the file: a list for each kind, under its name; of some there is but one. */
final class DecisionLists {
  private static final List<Kept> ALL =
      List.of(
          new Kept("counts", MadeCount.class),
          new Kept("anchors", MovedAnchor.class),
          new Kept("methods", ChosenMethod.class),
          new Kept("laid", LaidPiece.class),
          new Kept("order", WantedOrder.class),
          new Kept("told", ToldRun.class),
          new Kept("measured", MeasuredEdge.class),
          new Kept("marks", MarkedEdge.class),
          new Kept("worked", WorkedSeam.class),
          new Kept("pins", OwnAnchor.class),
          new Kept("owed", OwedItem.class),
          new Kept("corners", ToldCorner.class),
          new Kept("leans", LeaningPiece.class),
          new Kept("rows", PieceRows.class),
          new Kept("edgings", EdgingRows.class),
          new Kept("left", LeftFinding.class),
          new Kept("out", TakenOut.class),
          new Kept("yarns", OwnYarn.class),
          new Kept("pieceYarns", PieceYarn.class),
          new Kept("ribYarns", RibYarn.class),
          new Kept("seamYarns", SeamYarn.class),
          new Kept("stripYarns", StripYarn.class),
          new Kept("tails", KeptTail.class),
          new Kept("done", DoneChore.class),
          new Kept("facings", ChosenFacing.class),
          new Kept("turnedSeams", TurnedSeam.class),
          new Kept("endedSeams", EndedSeam.class),
          new Kept("wishes", WishFor.class),
          new Kept("schools", OwnSchool.class),
          new Kept("weight", GarmentWeight.class),
          new Kept("wornBy", WornBy.class),
          new Kept("measures", WearerMeasure.class),
          new Kept("factors", OwnFactor.class),
          new Kept("colourways", OwnColourway.class),
          new Kept("squares", PlacedSquares.class),
          new Kept("turnedSquares", TurnedSquare.class),
          new Kept("boards", JoinedBoard.class),
          new Kept("strips", WorkedStrip.class),
          new Kept("stripCounts", StripCount.class),
          new Kept("stripSteps", StripStep.class));

  /** Of which a garment has one. */
  private static final Set<Class<? extends Decision>> SINGLE = Set.of(WantedOrder.class, GarmentWeight.class, WornBy.class);

  private DecisionLists() {}

  private record Kept(String name, Class<? extends Decision> kind) {
    boolean isOne() {
      return SINGLE.contains(kind);
    }
  }

  /** Reads them kind by kind. */
  static final class Read extends StdDeserializer<Settings> {
    Read() {
      super(Settings.class);
    }

    @Override
    public Settings deserialize(JsonParser parser, DeserializationContext context) {
      JsonNode lists = context.readTree(parser);
      List<Decision> decisions = new ArrayList<>();
      for (Kept kept : ALL) {
        JsonNode list = lists.path(kept.name());
        if (kept.isOne() && !list.isEmpty()) {
          decisions.add(context.readTreeAsValue(list, kept.kind()));
        }
        for (int i = 0; i < list.size() && !kept.isOne(); i++) {
          decisions.add(context.readTreeAsValue(list.get(i), kept.kind()));
        }
      }
      return new Settings(decisions);
    }
  }

  /** Writes those kinds of which there are any. */
  static final class Write extends StdSerializer<Settings> {
    Write() {
      super(Settings.class);
    }

    @Override
    public void serialize(Settings settings, JsonGenerator json, SerializationContext context) {
      json.writeStartObject();
      for (Kept kept : ALL) {
        List<? extends Decision> decisions = settings.of(kept.kind());
        if (!decisions.isEmpty()) {
          json.writeName(kept.name());
          context.writeValue(json, kept.isOne() ? decisions.get(0) : decisions);
        }
      }
      json.writeEndObject();
    }
  }
}
