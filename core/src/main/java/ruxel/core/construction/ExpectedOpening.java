package ruxel.core.construction;

import java.util.List;
import ruxel.core.seam.Span;

/** An opening the construction leaves: its name and the stretches of edge that must stay free. */
public record ExpectedOpening(String id, String name, List<Span> spans) {
  public ExpectedOpening {
    spans = List.copyOf(spans);
  }
}
