package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Span;

/** Slits at both sides of a hem: measured, then stopped at a row, alike on front and back (handbook 4.11). */
final class Slit {
  static final Asked LENGTH =
      Asked.number(Question.number("slitMm", BODY, "Side slits, mm", "From the hem up; 0 when there are none.", 0, 1500), form -> 0)
          .refused(
              FindingCode.SLIT_TOO_LONG, form -> rows(form) >= sideRows(form),
              form -> List.of(Fact.length("slit", form.number(Slit.LENGTH)), Fact.length("side", Body.heightMm(form) - Armhole.rows(form) * Making.of(form).h())))
          .follows(
              form -> rows(form) == 0 ? "The sides are joined from the hem." : "Each slit stops after {rows:rows}, {length} up.",
              form -> List.of(Fact.count("rows", rows(form)), Fact.length("length", lengthMm(form, rows(form)))))
          .drawn(Drawn.up(Part.FRONT, "rib", "side").firstMm(form -> lengthMm(form, rows(form))));

  private Slit() {}

  /** Rows of the side that stay open, its ribbing counted; the nearest to what was measured. Linear in the rows. */
  static int rows(Form form) {
    if (!form.asks(LENGTH)) {
      return 0;
    }
    double wanted = form.number(LENGTH);
    int rows = 0;
    while (rows < sideRows(form) && Math.abs(lengthMm(form, rows + 1) - wanted) < Math.abs(lengthMm(form, rows) - wanted)) {
      rows++;
    }
    return rows;
  }

  /** Where the slit ends on a side edge that runs up from the hem, or down to it. */
  static Cut top(Form form, Span.Along up) {
    int rows = rows(form);
    int rib = form.countOrNone(Body.HEM_RIB);
    boolean inRib = rows < rib || rib > 0 && rows == 0;
    String run = inRib ? "rib" : "side";
    int offset = inRib ? rows : rows - rib;
    return new Cut(run, offset, up == FORWARD ? Cut.End.START : Cut.End.END);
  }

  /** The edges of the left slit, where there is one. */
  static List<Span> spans(Form form) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    String hem = BodyPanels.lowest(form);
    return rows(form) == 0
        ? List.of()
        : List.of(
            new Span(front.piece(), front.side(), Cut.startOf(hem), top(form, FORWARD), FORWARD),
            new Span(Halves.BACK, "left", top(form, BACKWARD), Cut.endOf(hem), FORWARD));
  }

  private static double lengthMm(Form form, int rows) {
    int rib = Math.min(rows, form.countOrNone(Body.HEM_RIB));
    return rib * Making.of(form).ribRowMm() + (rows - rib) * Making.of(form).h();
  }

  private static int sideRows(Form form) {
    return form.countOrNone(Body.HEM_RIB) + form.count(Body.ROWS) - Armhole.rows(form);
  }
}
