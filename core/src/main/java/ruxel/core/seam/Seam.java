package ruxel.core.seam;

import java.util.List;
import java.util.Optional;

/**
 * Two ordered lists of spans that are joined from end to end; both may lie on one piece (handbook 3).
 * {@code hidden} names the anchors (or {@link #START} and {@link #END}) from which surplus is
 * reckoned: underarm, hem, under the collar (model 3).
 */
public record Seam(
    String id,
    String name,
    SeamRole role,
    SideOf a,
    SideOf b,
    List<Anchor> anchors,
    List<String> hidden,
    boolean together,
    Optional<String> method) {
  public static final String START = "START";
  public static final String END = "END";

  public Seam {
    anchors = List.copyOf(anchors);
    hidden = hidden.stream().distinct().sorted().toList();
  }

  /** One side: what the maker calls it, its spans, and how many places a row gives if not the usual. */
  public record SideOf(String name, List<Span> spans, Optional<Integer> placesPerRow) {
    public SideOf {
      spans = List.copyOf(spans);
      if (spans.isEmpty()) {
        throw new IllegalArgumentException("Expected at least one span on side " + name);
      }
      placesPerRow.ifPresent(
          places -> {
            if (places < 1 || places > 3) {
              throw new IllegalArgumentException("Expected 1 to 3 places a row (%d)".formatted(places));
            }
          });
    }

    public static SideOf of(String name, Span... spans) {
      return new SideOf(name, List.of(spans), Optional.empty());
    }
  }

  public SideOf side(Side side) {
    return side == Side.A ? a : b;
  }

  public Optional<Anchor> anchor(String anchorId) {
    return anchors.stream().filter(anchor -> anchor.id().equals(anchorId)).findFirst();
  }

  public Seam withAnchors(List<Anchor> changed) {
    return new Seam(id, name, role, a, b, changed, hidden, together, method);
  }

  public Seam withMethod(Optional<String> chosen) {
    return new Seam(id, name, role, a, b, anchors, hidden, together, chosen);
  }
}
