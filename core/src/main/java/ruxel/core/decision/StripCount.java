package ruxel.core.decision;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.strip.Stitches;

/** Stitches of a stretch of a strip: as many as the maker wants, or really worked. */
public record StripCount(Stitches stitches) implements Decision {
  @Override
  public List<?> target() {
    return List.of(stitches.strip(), stitches.at());
  }

  @Override
  public Stream<String> names() {
    return Stream.of(stitches.strip().text(), stitches.at().piece().text());
  }

  @Override
  public String told(Naming names) {
    return "the stitches of an edging on %s, %s".formatted(names.piece(stitches.at().piece()), names.edge(stitches.at().piece(), stitches.at().edge()));
  }
}
