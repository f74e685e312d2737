package ruxel.core.construction;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import ruxel.core.construction.Question.Choice;
import ruxel.core.construction.Question.Group;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;

/** What stands at the corners of one large square or hexagon, worked in rounds from its middle. */
final class FoldedCorner {
  private static final String NONE = "NONE";

  static final Asked ASKED =
      Asked.choice(
          "corner", Group.GAUGE, "Corners", "It decides how many places a side has in a seam that begins at one.", form -> NONE,
          Stream.concat(Stream.of(new Choice(NONE, "stitches only, counted with the sides")), Arrays.stream(Corner.values()).map(corner -> new Choice(corner.name(), corner.words()))).toArray(Choice[]::new));

  private FoldedCorner() {}

  static Piece on(Piece piece, Form form) {
    if (form.is(ASKED, NONE)) {
      return piece;
    }
    Map<String, Corner> corners = new HashMap<>();
    List<Edge> edges = piece.edges();
    edges.forEach(edge -> corners.put(edge.id(), Corner.valueOf(form.choice(ASKED))));
    return piece.withCorners(corners);
  }
}
