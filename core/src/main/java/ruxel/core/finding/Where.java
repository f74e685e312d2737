package ruxel.core.finding;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;

/** The place of a finding: an answer and those it does not go with, a piece with edge and run (by the construction's own id), a seam, a strip, or a path into a file. */
public record Where(
    Optional<String> answer,
    Optional<PieceId> piece,
    Optional<String> edge,
    Optional<String> run,
    Optional<SeamId> seam,
    Optional<String> path,
    List<String> against,
    Optional<StripId> strip) {

  public static final Where NOWHERE =
      new Where(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of(), Optional.empty());

  public static Where answer(String key) {
    return new Where(
        Optional.of(key), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of("$.recipe.answers." + key), List.of(), Optional.empty());
  }

  /** An answer that does not go with others. */
  public static Where answer(String key, List<String> others) {
    Where alone = answer(key);
    return new Where(alone.answer, alone.piece, alone.edge, alone.run, alone.seam, alone.path, List.copyOf(others), Optional.empty());
  }

  public static Where piece(PieceId piece) {
    return new Where(Optional.empty(), Optional.of(piece), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of(), Optional.empty());
  }

  public static Where edge(PieceId piece, String edge) {
    return new Where(Optional.empty(), Optional.of(piece), Optional.of(edge), Optional.empty(), Optional.empty(), Optional.empty(), List.of(), Optional.empty());
  }

  public static Where run(PieceId piece, String edge, String run) {
    return new Where(Optional.empty(), Optional.of(piece), Optional.of(edge), Optional.of(run), Optional.empty(), Optional.empty(), List.of(), Optional.empty());
  }

  public static Where seam(SeamId seam) {
    return new Where(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(seam), Optional.empty(), List.of(), Optional.empty());
  }

  public static Where path(String path) {
    return new Where(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(path), List.of(), Optional.empty());
  }

  public Where at(String jsonPath) {
    return new Where(answer, piece, edge, run, seam, Optional.of(jsonPath), against, strip);
  }

  /** The edge as a seam takes it. */
  public Where of(SeamId ofSeam) {
    return new Where(answer, piece, edge, run, Optional.of(ofSeam), path, against, strip);
  }

  /** The edge that a strip is worked onto. */
  public Where ofStrip(StripId id) {
    return new Where(answer, piece, edge, run, seam, path, against, Optional.of(id));
  }
}
