package ruxel.core.seam;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;

/**
 * Two ordered lists of spans that are joined from end to end; both may lie on one piece (handbook 3).
 * {@code hidden} names the anchors (or {@link #START} and {@link #END}) from which surplus is
 * reckoned: underarm, hem, under the collar (model 3).
 */
public record Seam(
    SeamId id,
    String name,
    SeamRole role,
    SideOf a,
    SideOf b,
    List<Anchor> anchors,
    List<String> hidden,
    Working working,
    Optional<String> method) {
  public static final int MOST_PLACES_PER_ROW = 3;
  public static final String START = "START";
  public static final String END = "END";
  /** How the ids of the maker's own anchors begin. */
  public static final String OWN_ANCHOR = "own.";

  public Seam {
    anchors = List.copyOf(anchors);
    hidden = hidden.stream().distinct().sorted().toList();
  }

  /**
   * How the two sides are brought together: several into one as one joint or each for itself, where the
   * surplus goes, how much longer one side is meant to be (a share; 0 where they should be equal) and which, and whether
   * the spots where two spans of a side meet are places of their own (model 3, seam places).
   */
  public record Working(boolean together, Surplus surplus, double fullness, Optional<Side> fuller, boolean seamPlaces) {
    public static final Working USUAL = new Working(false, Surplus.EVEN, 0, false);
    public static final double MOST_FULLNESS = 3;

    /** Without a side that is meant to be the fuller one: it is the longer. */
    public Working(boolean together, Surplus surplus, double fullness, boolean seamPlaces) {
      this(together, surplus, fullness, Optional.empty(), seamPlaces);
    }

    public Working {
      if (!(fullness >= 0 && fullness <= MOST_FULLNESS)) {
        throw new IllegalArgumentException("Expected a fullness from 0 to %s (%s)".formatted(MOST_FULLNESS, fullness));
      }
    }
  }

  /** What a seam makes of chain spaces: a place in each chain, or one stretch worked round. */
  public enum Spaces {
    INTO_CHAINS,
    ROUND
  }

  /** One side: what the maker calls it, its spans, and what rows and spaces give if not the usual. */
  public record SideOf(String name, List<Span> spans, Optional<Integer> placesPerRow, Spaces spaces) {
    public SideOf {
      spans = List.copyOf(spans);
      if (spans.isEmpty()) {
        throw new IllegalArgumentException("Expected at least one span on side " + name);
      }
      placesPerRow.ifPresent(
          places -> {
            if (places < 1 || places > MOST_PLACES_PER_ROW) {
              throw new IllegalArgumentException("Expected 1 to 3 places a row (%d)".formatted(places));
            }
          });
    }

    public static SideOf of(String name, Span... spans) {
      return new SideOf(name, List.of(spans), Optional.empty(), Spaces.ROUND);
    }

    public SideOf with(List<Span> changed) {
      return new SideOf(name, changed, placesPerRow, spaces);
    }

    SideOf turned() {
      List<Span> back = new ArrayList<>(spans.stream().map(Span::turned).toList());
      Collections.reverse(back);
      return with(back);
    }

    SideOf turnedOver(PieceId piece) {
      List<Span> changed = new ArrayList<>();
      int i = 0;
      while (i < spans.size()) {
        int from = i;
        while (i < spans.size() && spans.get(i).piece().equals(piece)) {
          i++;
        }
        List<Span> back = new ArrayList<>(spans.subList(from, i).stream().map(Span::turned).toList());
        Collections.reverse(back);
        changed.addAll(back);
        if (i < spans.size()) {
          changed.add(spans.get(i++));
        }
      }
      return with(changed);
    }

    public SideOf with(Optional<Integer> rowPlaces, Spaces chainSpaces) {
      return new SideOf(name, spans, rowPlaces, chainSpaces);
    }
  }

  public SideOf side(Side side) {
    return side == Side.A ? a : b;
  }

  public Optional<Anchor> anchor(String anchorId) {
    return anchors.stream().filter(anchor -> anchor.id().equals(anchorId)).findFirst();
  }

  public Seam withAnchors(List<Anchor> changed) {
    return new Seam(id, name, role, a, b, changed, hidden, working, method);
  }

  public Seam withMethod(Optional<String> chosen) {
    return new Seam(id, name, role, a, b, anchors, hidden, working, chosen);
  }

  public Seam withSides(SideOf changedA, SideOf changedB) {
    return new Seam(id, name, role, changedA, changedB, anchors, hidden, working, method);
  }

  public Seam withWorking(Working changed) {
    return new Seam(id, name, role, a, b, anchors, hidden, changed, method);
  }

  public Seam named(String otherName, SeamRole otherRole) {
    return new Seam(id, otherName, otherRole, a, b, anchors, hidden, working, method);
  }

  /** Joined from its other end. */
  public Seam turned() {
    List<String> ends = hidden.stream().map(end -> end.equals(START) ? END : end.equals(END) ? START : end).toList();
    return new Seam(id, name, role, a.turned(), b.turned(), anchors, ends, working, method);
  }

  /** With the spans on one piece running the other way: what follows each other on a side lies in the other order, too. */
  public Seam turnedOver(PieceId piece) {
    return withSides(a.turnedOver(piece), b.turnedOver(piece));
  }

  /** With its sides called the other way. */
  public Seam swapped() {
    List<Anchor> met = anchors.stream().map(anchor -> new Anchor(anchor.id(), anchor.name(), anchor.b(), anchor.a())).toList();
    return new Seam(id, name, role, b, a, met, hidden, working, method);
  }

  /** All spans of both sides. */
  public Stream<Span> spans() {
    return Stream.concat(a.spans().stream(), b.spans().stream());
  }
}
