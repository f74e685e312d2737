package ruxel.core.construction;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.measure.Wording;
import ruxel.core.seam.SeamEnds;
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

  /** What its stretches are called where a seam ends at them; where an edge is open only in part towards the hem, that is a slit. */
  Stream<SeamEnds.Open> called() {
    boolean isNamed = kind == Kind.NECK || kind == Kind.ARMHOLE || kind == Kind.CUFF;
    String here = isNamed ? Wording.low(name) : "corner of the slit";
    return spans.stream().map(span -> new SeamEnds.Open(here, span));
  }
}
