package ruxel.core.construction;

import java.util.List;
import ruxel.core.seam.Span;

/** An opening the construction leaves: its name, what it is for, and the stretches of edge that must stay free. */
public record ExpectedOpening(String id, String name, Kind kind, List<Span> spans) {
  /** What goes through it. */
  public enum Kind {
    NECK,
    CUFF,
    ARMHOLE,
    HEM,
    FRONT,
    OTHER
  }

  public ExpectedOpening {
    spans = List.copyOf(spans);
  }
}
