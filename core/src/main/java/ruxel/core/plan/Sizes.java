package ruxel.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.method.TakeUp;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.ResolvedSpan;

/** How wide and high each piece is, as made and once its seams have taken their strip (handbook 3). */
final class Sizes {
  private final Wording wording;
  private final List<Piece> now;
  /** Widest strip lost along an edge, by piece and edge id, mm. */
  private final Map<String, Double> lost = new HashMap<>();

  /**
   * @param now the pieces without rows that are still to be worked
   */
  Sizes(List<SeamMatch> matches, List<Piece> now, Wording wording) {
    this.now = now;
    this.wording = wording;
    for (SeamMatch match : matches) {
      Optional<Method> method = match.seam().seam().method().flatMap(Method::of);
      note(match.a(), TakeUp.mm(method, match.a()));
      note(match.b(), TakeUp.mm(method, match.b()));
    }
  }

  private void note(SideLayout side, double mm) {
    for (ResolvedSpan span : side.spans()) {
      boolean rows = span.edge().runOfUnit(span.from()).kind().isRowEnd();
      if (rows) {
        lost.merge(key(span.piece(), span.edge()), mm, Math::max);
      }
    }
  }

  private static String key(Piece piece, Edge edge) {
    return piece.id() + "/" + edge.id();
  }

  PiecePlan.SizePlan of(Piece piece) {
    Outline.Box box = new Outline(piece).box();
    double width = box.width();
    double height = box.height();
    double offWidth = 0;
    double offHeight = 0;
    for (Edge edge : piece.edges()) {
      double strip = lost.getOrDefault(key(piece, edge), 0.0);
      boolean upright = Math.abs(edge.runs().get(0).advance().dyMm()) > Math.abs(edge.runs().get(0).advance().dxMm());
      offWidth += upright ? strip : 0;
      offHeight += upright ? 0 : strip;
    }
    Outline.Box before = Pieces.find(now, piece.id()).map(same -> new Outline(same).box()).orElse(box);
    boolean grows = before.width() < width || before.height() < height;
    String made =
        grows
            ? "%s wide, %s high now; %s wide, %s high with its rows".formatted(wording.length(before.width()), wording.length(before.height()), wording.length(width), wording.length(height))
            : "%s wide, %s high as made".formatted(wording.length(width), wording.length(height));
    String words =
        offWidth + offHeight == 0
            ? made + "."
            : "%s; %s wide, %s high once its seams are joined.".formatted(made, wording.length(width - offWidth), wording.length(height - offHeight));
    return new PiecePlan.SizePlan(width, height, width - offWidth, height - offHeight, words);
  }
}
