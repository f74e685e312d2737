package ruxel.files;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/**
 * The garment file as it stands in JSON, version 1 (docs/garment-file.md). Absent lists are empty; absent
 * values take what the document says.
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@JsonPropertyOrder({"format", "version", "name", "unit", "terms", "hand", "recipe", "pieces", "seams", "openings", "settings", "houseRules"})
record GarmentFile(
    String format,
    int version,
    String name,
    Wording.Unit unit,
    Terms terms,
    Wording.Hand hand,
    RecipeOf recipe,
    List<PieceOf> pieces,
    List<SeamOf> seams,
    List<OpeningOf> openings,
    SettingsOf settings,
    Map<String, Double> houseRules) {
  static final String FORMAT = "ruxel-garment";
  static final int VERSION = 1;

  GarmentFile {
    unit = unit == null ? Wording.Unit.CM : unit;
    terms = terms == null ? Terms.US : terms;
    hand = hand == null ? Wording.Hand.RIGHT : hand;
    pieces = list(pieces);
    seams = list(seams);
    openings = list(openings);
    houseRules = houseRules == null ? Map.of() : houseRules;
  }

  static <T> List<T> list(List<T> given) {
    return given == null ? List.of() : given;
  }

  record RecipeOf(String construction, Map<String, Object> answers) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record PieceOf(
      String id, String name, Piece.Part part, Cloth cloth, MirrorOf mirrorOf, List<EdgeOf> edges, List<CornerOf> corners, Optional<LeanOf> lean) {
    PieceOf {
      corners = list(corners);
    }
  }

  record CornerOf(String behind, Corner kind) {}

  record LeanOf(double mm, boolean expected) {}

  record MirrorOf(String piece, Map<String, String> edges) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record EdgeOf(String id, String name, Optional<Double> measuredMm, List<RunOf> runs, List<LandmarkOf> landmarks) {
    EdgeOf {
      landmarks = list(landmarks);
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record LandmarkOf(String id, String name, Landmark.Kind kind, CutOf at, int every, int times, Optional<MarkerOf> marker) {
    LandmarkOf {
      times = Math.max(1, times);
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record MarkerOf(Marker.Purpose purpose, Optional<String> colour, Optional<String> takeOut) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record RunOf(
      String id,
      UnitKind kind,
      int count,
      Optional<Integer> made,
      Optional<Integer> worked,
      double dxMm,
      double dyMm,
      Fabric fabric,
      boolean noEase,
      Optional<String> label,
      Optional<Integer> chains,
      Optional<Integer> heldBack) {
    RunOf {
      fabric = fabric == null ? Fabric.PLAIN : fabric;
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record SeamOf(
      String id,
      String name,
      SeamRole role,
      SideOf a,
      SideOf b,
      List<AnchorOf> anchors,
      List<String> hidden,
      boolean together,
      Surplus surplus,
      Optional<Double> fullness,
      Optional<Side> fuller,
      boolean seamPlaces,
      Optional<String> method) {
    SeamOf {
      surplus = surplus == null ? Surplus.EVEN : surplus;
      role = role == null ? SeamRole.OTHER : role;
      anchors = list(anchors);
      hidden = list(hidden);
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record SideOf(String name, Optional<Integer> placesPerRow, Seam.Spaces spaces, List<SpanOf> spans) {
    SideOf {
      spaces = spaces == null ? Seam.Spaces.ROUND : spaces;
    }
  }

  record SpanOf(String piece, String edge, CutOf from, CutOf to, Span.Along along) {}

  record CutOf(String run, int offset, Cut.End end) {}

  record AnchorOf(String id, String name, SpotOf a, SpotOf b) {}

  record SpotOf(String piece, String edge, CutOf cut, Anchor.Spot.At at) {}

  record OpeningOf(String id, String name, List<SpanOf> spans) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record SettingsOf(
      List<CountOf> counts,
      List<MovedOf> anchors,
      List<MethodOf> methods,
      List<LaidOf> laid,
      List<String> order,
      List<ToldOf> told,
      List<MeasuredOf> measured,
      List<MarkOf> marks,
      List<WorkedOf> worked,
      List<PinOf> pins,
      List<OwedOf> owed,
      List<ToldCornerOf> corners,
      List<LeaningOf> leans,
      List<EdgingOf> edgings,
      List<LeftOf> left) {
    SettingsOf {
      corners = list(corners);
      leans = list(leans);
      edgings = list(edgings);
      owed = list(owed);
      left = list(left);
      counts = list(counts);
      anchors = list(anchors);
      methods = list(methods);
      laid = list(laid);
      order = list(order);
      told = list(told);
      measured = list(measured);
      marks = list(marks);
      worked = list(worked);
      pins = list(pins);
    }
  }

  record LeftOf(String finding, String reason) {}

  record ToldCornerOf(String piece, String behind, Corner kind) {}

  record LeaningOf(String piece, double mm, boolean expected) {}

  record EdgingOf(String piece, String edge, int rows, double rowMm, int stitches) {}

  record ToldOf(String piece, String edge, String run, List<PartOf> parts) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record PartOf(
      UnitKind kind,
      int count,
      Optional<Double> widthMm,
      Fabric fabric,
      boolean noEase,
      Optional<String> label,
      Optional<Integer> chains,
      Optional<Integer> heldBack) {
    PartOf {
      fabric = fabric == null ? Fabric.PLAIN : fabric;
    }
  }

  record MeasuredOf(String piece, String edge, double mm) {}

  record MarkOf(String piece, String edge, LandmarkOf landmark) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record WorkedOf(String seam, boolean together, Surplus surplus, double fullness, Optional<Side> fuller, boolean seamPlaces, GivesOf a, GivesOf b) {
    WorkedOf {
      surplus = surplus == null ? Surplus.EVEN : surplus;
      a = a == null ? GivesOf.USUAL : a;
      b = b == null ? GivesOf.USUAL : b;
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record GivesOf(Optional<Integer> placesPerRow, Seam.Spaces spaces) {
    static final GivesOf USUAL = new GivesOf(Optional.empty(), Seam.Spaces.ROUND);

    GivesOf {
      spaces = spaces == null ? Seam.Spaces.ROUND : spaces;
    }
  }

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record OwedOf(String id, String piece, String what, Optional<String> before) {}

  record PinOf(String seam, AnchorOf anchor) {}

  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  record CountOf(String piece, String edge, String run, int count, Optional<Counts.Source> when) {}

  record MovedOf(String seam, String anchor, Side side, SpotOf spot) {}

  record LaidOf(String piece, double dxMm, double dyMm, int quarterTurns) {}

  record MethodOf(String seam, String method) {}
}
