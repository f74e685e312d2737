package ruxel.core.method;

import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.match.Place;
import ruxel.core.match.SideLayout;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.SeamRole;

/** The <em>never</em> rules of handbook 8: why a method is not for a seam, and what to do instead. */
public final class Nevers {
  /** Why a method is not for a seam, and what instead. */
  public enum Never {
    SPACES("a space worked round has no single loop or bar to follow.", "Take whip stitch or slip stitch through both loops."),
    LOOP_ON_ROWS("row ends have no single loop to take; one strand would stretch into a hole.", "Take a method through both loops or strands, mattress or backstitch."),
    LOOP_ON_FOUNDATION("a foundation edge may lack that loop.", "Take a method through both loops or strands, mattress or backstitch."),
    NOT_RIB_ON_FOUNDATION("it joins the last row of a back-loop rib to its foundation.", "On stitch tops take slip stitch through the outer loops."),
    TOPS_ONLY("it follows the V of stitch tops, and here are row ends.", "Take mattress on row ends."),
    ROWS_ONLY("it needs the bars of row ends, and here are stitch tops only.", "Take mattress on stitch tops."),
    RIB_ROWS_ONLY("on row ends it needs the V and bar of a rib.", "Take mattress on row ends."),
    BOTH_FINISHED(
        "both edges are finished; it needs a row that is still to be worked.",
        "Work a joining row on one edge first: it adds its height and its yarn. Or take slip stitch through both loops."),
    MOTIFS_ONLY("its chains open a band of lace between the sides of motifs.", "Keep it for seams between motifs.");

    private final String reason;
    private final String instead;

    Never(String reason, String instead) {
      this.reason = reason;
      this.instead = instead;
    }

    public String reason() {
      return reason;
    }

    public String instead() {
      return instead;
    }
  }

  private final boolean rowEnds;
  private final boolean foundation;
  private final boolean onlyTops;
  private final boolean rowsAreRib;
  private final boolean ribMeetsFoundation;
  private final SeamRole role;
  private final boolean spaces;
  private final boolean live;

  public Nevers(SideLayout a, SideLayout b, SeamRole role) {
    rowEnds = has(a, UnitKind.ROW_END) || has(b, UnitKind.ROW_END);
    foundation = has(a, UnitKind.FOUNDATION_LOOP) || has(b, UnitKind.FOUNDATION_LOOP);
    onlyTops = !rowEnds;
    rowsAreRib = rowsAreRib(a) && rowsAreRib(b);
    ribMeetsFoundation =
        onlyTops
            && has(a, UnitKind.FOUNDATION_LOOP) != has(b, UnitKind.FOUNDATION_LOOP)
            && isRib(a)
            && isRib(b);
    this.role = role;
    live = a.isLive() || b.isLive();
    spaces = Stream.of(a, b).flatMap(side -> side.places().stream()).anyMatch(Place::space);
  }

  /** Empty when the method is allowed. */
  public Optional<Never> of(Method method) {
    return Optional.ofNullable(never(method));
  }

  private Never never(Method method) {
    if (spaces && method.on() != Method.On.ALL && method.on() != Method.On.LIVE && method.on() != Method.On.MOTIFS) {
      return Never.SPACES;
    }
    return switch (method.on()) {
      case ALL -> null;
      case LOOPS -> rowEnds ? Never.LOOP_ON_ROWS : foundation ? Never.LOOP_ON_FOUNDATION : null;
      case RIB_LOOPS -> ribMeetsFoundation ? null : Never.NOT_RIB_ON_FOUNDATION;
      case TOPS -> rowEnds ? Never.TOPS_ONLY : null;
      case ROWS_AND_TOPS -> onlyTops ? Never.ROWS_ONLY : null;
      case TOPS_AND_RIB_ROWS -> rowEnds && !rowsAreRib ? Never.RIB_ROWS_ONLY : null;
      case LIVE -> live ? null : Never.BOTH_FINISHED;
      case MOTIFS -> role == SeamRole.MOTIF ? null : Never.MOTIFS_ONLY;
    };
  }

  private static boolean has(SideLayout side, UnitKind kind) {
    return side.places().stream().anyMatch(place -> place.run().kind() == kind);
  }

  private static boolean isRib(SideLayout side) {
    return side.places().stream().allMatch(place -> place.run().fabric() == Fabric.RIB);
  }

  private static boolean rowsAreRib(SideLayout side) {
    return side.places().stream()
        .map(Place::run)
        .filter(run -> run.kind().isRowEnd())
        .allMatch(run -> run.fabric() == Fabric.RIB);
  }
}
