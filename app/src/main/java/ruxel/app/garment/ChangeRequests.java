package ruxel.app.garment;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ruxel.core.construction.Answers;
import ruxel.core.decision.SideWorking;
import ruxel.core.garment.Change;
import ruxel.core.garment.EdgeChange;
import ruxel.core.garment.PieceChange;
import ruxel.core.garment.SeamChange;
import tools.jackson.databind.json.JsonMapper;

/** Writes the changes of a repair as they are sent back when the maker takes it. */
@Component
class ChangeRequests {
  private final JsonMapper json;

  ChangeRequests(JsonMapper json) {
    this.json = json;
  }

  ChangeRequest of(Change change) {
    return json.convertValue(fields(change), ChangeRequest.class);
  }

  private static Map<String, Object> fields(Change change) {
    Map<String, Object> fields = new LinkedHashMap<>();
    if (change instanceof Change.CountMade made) {
      edge(fields, ChangeRequest.Kind.COUNT_MADE, made.piece(), made.edge());
      fields.put("run", made.run());
      made.count().ifPresent(count -> fields.put("count", count));
      fields.put("when", made.when());
    } else if (change instanceof Change.AnswersChanged changed) {
      fields.put("kind", ChangeRequest.Kind.ANSWERS_CHANGED);
      Map<String, Object> answers = new LinkedHashMap<>();
      changed.answers().forEach((key, answer) -> answer.ifPresent(given -> answers.put(key, value(given))));
      fields.put("answers", answers);
    } else if (change instanceof EdgeChange.EdgeMeasured measured) {
      edge(fields, ChangeRequest.Kind.EDGE_MEASURED, measured.piece(), measured.edge());
      measured.mm().ifPresent(mm -> fields.put("mm", mm));
    } else if (change instanceof EdgeChange.LandmarkPut put) {
      edge(fields, ChangeRequest.Kind.LANDMARK_PUT, put.piece(), put.edge());
      fields.put("landmark", new ChangeRequest.LandmarkRequest(put.id(), put.name(), put.kind(), put.at(), put.every(), put.times(), put.marker().map(m -> new ChangeRequest.MarkerRequest(m.purpose(), m.colour(), m.takeOut()))));
    } else if (change instanceof PieceChange.EdgingWorked edging) {
      edge(fields, ChangeRequest.Kind.EDGING_WORKED, edging.piece(), edging.edge());
      fields.put("edging", new ChangeRequest.EdgingRequest(edging.rows(), edging.rowMm(), edging.stitches()));
    } else if (change instanceof SeamChange.SeamWorked worked) {
      fields.put("kind", ChangeRequest.Kind.SEAM_WORKED);
      fields.put("seam", worked.seam());
      fields.put(
          "working",
          new ChangeRequest.WorkingRequest(worked.together(), worked.surplus(), worked.fullness(), worked.fuller(), Optional.of(worked.seamPlaces()), gives(worked.a()), gives(worked.b())));
    } else if (change instanceof SeamChange.AnchorPinned pinned) {
      fields.put("kind", ChangeRequest.Kind.ANCHOR_PINNED);
      fields.put("seam", pinned.seam());
      fields.put("pin", new ChangeRequest.PinRequest(pinned.id(), pinned.name(), pinned.positionA(), pinned.positionB()));
    } else {
      throw new IllegalArgumentException("Expected a change of a repair (%s)".formatted(change));
    }
    return fields;
  }

  private static Object value(Answers.Answer answer) {
    return answer instanceof Answers.Numeric number ? (Object) number.value() : answer.text();
  }

  private static void edge(Map<String, Object> fields, ChangeRequest.Kind kind, String piece, String edge) {
    fields.put("kind", kind);
    fields.put("piece", piece);
    fields.put("edge", edge);
  }

  private static ChangeRequest.Gives gives(SideWorking side) {
    return new ChangeRequest.Gives(side.placesPerRow(), side.spaces());
  }
}
