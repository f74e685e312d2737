package ruxel.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.OwedItem;
import ruxel.core.decision.Settings;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;

/** What comes before a seam is begun: what is owed and has its last moment now, rows to be worked on, markers on its edges. */
final class StepFirst {
  private final ResolvedSeam seam;
  private final List<ResolvedSeam> later;
  private final Optional<TurnIt> turn;
  private final Settings settings;
  private final RowPlans rows;

  /**
   * @param later seams that are joined after this one
   * @param turn how the work is turned before it
   * @param rows rows that are joined while they are worked
   */
  StepFirst(ResolvedSeam seam, List<ResolvedSeam> later, Optional<TurnIt> turn, Settings settings, RowPlans rows) {
    this.seam = seam;
    this.later = later;
    this.turn = turn;
    this.settings = settings;
    this.rows = rows;
  }

  /** How the work is turned before it. */
  Optional<TurnIt> turn() {
    return turn;
  }

  /** What must be done, with turning it as the last. */
  List<String> todo() {
    return Stream.concat(work().stream(), turn.map(TurnIt::first).stream()).toList();
  }

  /** What must be done, beside turning it. */
  List<String> work() {
    Set<String> todo = new LinkedHashSet<>();
    settings.of(OwedItem.class).stream()
        .filter(item -> item.before().filter(seam.seam().id()::equals).isPresent())
        .forEach(item -> todo.add("Still owed, and this is the last moment: " + item.what() + "."));
    Optional<RowPlan> row = rows.joining(seam.seam().id());
    row.map(joined -> "Joined while a row is worked. " + joined.words()).ifPresent(todo::add);
    for (ResolvedSpan span : spans()) {
      for (EdgingRows edging : settings.of(EdgingRows.class)) {
        boolean joins = rows.along(edging).filter(along -> !along.seams().isEmpty()).isPresent();
        if (!joins && edging.piece().equals(span.piece().id()) && span.runs().stream().anyMatch(run -> edging.made(span.edge().id(), run))) {
          String edge = span.piece().edge(edging.edge()).map(found -> found.name()).orElse(edging.edge());
          todo.add(
              "Work the %s along the %s of the %s first."
                  .formatted(edging.rows() == 1 ? "edging row" : edging.rows() + " edging rows", edge, Wording.low(span.piece().name())));
        }
      }
    }
    return List.copyOf(todo);
  }

  /** The markers that hang on what it joins, what each is for, and when it is taken out: said at the last seam that needs it. */
  List<String> markers() {
    List<String> markers = new ArrayList<>();
    for (ResolvedSpan span : spans()) {
      for (Landmark mark : span.edge().landmarks()) {
        mark.marker()
            .filter(marker -> hangs(mark, span))
            .map(marker -> words(marker, mark, span))
            .filter(words -> !markers.contains(words))
            .ifPresent(markers::add);
      }
    }
    return List.copyOf(markers);
  }

  private String words(Marker marker, Landmark mark, ResolvedSpan span) {
    boolean needed = later.stream().anyMatch(other -> spans(other).anyMatch(s -> s.piece().id().equals(span.piece().id()) && s.edgeIndex() == span.edgeIndex() && hangs(mark, s)));
    String out = needed ? "Leave it in: it is needed again." : marker.takeOut().isEmpty() ? "Take it out when the seam is done." : "Take it out: " + marker.takeOut() + ".";
    return "The %s \u201c%s\u201d on the %s %s. %s".formatted(marker.title(), mark.name(), Wording.low(span.piece().name()), marker.purpose().words(), out);
  }

  private static boolean hangs(Landmark mark, ResolvedSpan span) {
    return mark.cuts(span.edge()).stream().anyMatch(cut -> span.from() <= cut && cut <= span.to());
  }

  private List<ResolvedSpan> spans() {
    return spans(seam).toList();
  }

  private static Stream<ResolvedSpan> spans(ResolvedSeam seam) {
    return Stream.concat(seam.a().stream(), seam.b().stream());
  }
}
