package ruxel.core.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.KeptTail;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.decision.TurnedSeam;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.Piece;
import ruxel.core.seam.MirrorImage;
import ruxel.core.seam.OutlinePoint;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Span;
import ruxel.core.seam.TwinSeam;

/**
 * The end that each seam is begun at (model 3a). Seams that are joined while a row is worked run the way of the row: right side up, from
 * right to left, so with the ring of its piece; against it from a left hand. Others as the maker told; and of a pair that is held with the
 * same piece nearest the second is begun at its other end, unless a tail is kept where it starts.
 */
public final class SeamDirections {
  private final List<Piece> pieces;
  private final List<Seam> seams;
  private final Settings settings;
  private final boolean forward;

  SeamDirections(List<Piece> pieces, List<Seam> seams, Settings settings, Hand hand) {
    this.pieces = pieces;
    this.seams = seams;
    this.settings = settings;
    forward = hand == Hand.RIGHT;
  }

  /** All in their own directions. Near linear in the seams, square in those that are one of a pair where these are held with the same piece nearest. */
  List<Seam> directed() {
    return seams.stream().map(seam -> isTurned(seam) ? seam.turned() : seam).toList();
  }

  private boolean isTurned(Seam seam) {
    Optional<List<ResolvedSpan>> row = joinsAsWorked(seam) ? resolved(seam).flatMap(SeamDirections::live) : Optional.empty();
    if (row.isPresent()) {
      return row.get().stream().noneMatch(span -> span.forward() == forward);
    }
    return settings.on(TurnedSeam.class, seam.id()).map(TurnedSeam::turned).orElseGet(() -> isSecondOfAPair(seam));
  }

  private boolean isSecondOfAPair(Seam seam) {
    boolean samePiece = settings.on(OwnSchool.class, School.PAIR).filter(told -> told.way() == School.Way.SAME_PIECE).isPresent();
    boolean isStacked = samePiece && seam.method().flatMap(Method::of).filter(method -> !method.joinsAsWorked() && !ChosenFacing.of(settings, seam, method).isFlat()).isPresent();
    return isStacked && TwinSeam.of(seam, seams, pieces).filter(twin -> seams.indexOf(twin) < seams.indexOf(seam) && runsAlike(seam, directed(twin))).isPresent() && !beginsAtATail(seam);
  }

  /** The first of a pair, whose direction hangs on no other. */
  private Seam directed(Seam first) {
    return settings.on(TurnedSeam.class, first.id()).filter(TurnedSeam::turned).isPresent() ? first.turned() : first;
  }

  /** Whether one seam begins at the mirror image of where the other does. */
  private boolean runsAlike(Seam seam, Seam other) {
    MirrorImage image = new MirrorImage(pieces);
    Span start = image.of(other.a().spans().get(0));
    return Stream.of(seam.a(), seam.b()).map(side -> side.spans().get(0)).anyMatch(span -> span.piece().equals(start.piece()) && span.edge().equals(start.edge()) && span.along() == start.along());
  }

  private boolean beginsAtATail(Seam seam) {
    List<KeptTail> tails = settings.of(KeptTail.class);
    return !tails.isEmpty() && resolved(seam).filter(found -> Stream.of(found.a(), found.b()).anyMatch(side -> tails.stream().anyMatch(tail -> hangs(tail, side)))).isPresent();
  }

  private static boolean hangs(KeptTail tail, List<ResolvedSpan> side) {
    Piece piece = side.get(0).piece();
    return tail.piece().equals(piece.id()) && piece.edge(tail.corner()).filter(edge -> OutlinePoint.of(side, true).equals(new OutlinePoint(piece.id(), piece.edges().indexOf(edge), 0))).isPresent();
  }

  private Optional<ResolvedSeam> resolved(Seam seam) {
    return SeamResolver.find(pieces, List.of(seam), seam.id());
  }

  private static boolean joinsAsWorked(Seam seam) {
    return seam.method().flatMap(Method::of).filter(Method::joinsAsWorked).isPresent();
  }

  /** Whether a row that is worked meanwhile takes the choice away. */
  public static boolean isByARow(ResolvedSeam seam) {
    return joinsAsWorked(seam.seam()) && live(seam).isPresent();
  }

  private static Optional<List<ResolvedSpan>> live(ResolvedSeam seam) {
    return Stream.of(seam.a(), seam.b()).filter(ResolvedSpan::areLive).findFirst();
  }
}
