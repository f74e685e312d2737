package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.change.GarmentColours;
import ruxel.core.colour.ColourTask.Pair;
import ruxel.core.colour.ColourTask;
import ruxel.core.colour.Placement;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Cells;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;

/** Looks at the colours of all squares: neighbours that are alike, and whether there are as many as are needed. */
final class ColourPlans {
  private final List<Piece> pieces;
  private final GarmentColours colours;
  private final List<OwnColourway> colourways;
  private final List<Integer> now;
  private final List<Finding> findings = new ArrayList<>();

  ColourPlans(List<Piece> pieces, Cells cells, Settings settings) {
    this.pieces = pieces;
    colours = new GarmentColours(pieces, cells, settings);
    colourways = settings.of(OwnColourway.class);
    now = colours.now();
  }

  List<Finding> findings() {
    return List.copyOf(findings);
  }

  /** Empty where nothing is made of squares. */
  Optional<ColourPlan> plan() {
    if (colours.cells().isEmpty()) {
      return Optional.empty();
    }
    ColourTask task = colours.task(0, Set.of());
    List<Pair> alike = Placement.clashes(task, now);
    compareWithStock();
    if (!alike.isEmpty()) {
      findings.add(
          Finding.of(
              FindingCode.SQUARES_ALIKE, Where.piece(colours.cells().get(alike.get(0).one()).piece()), Fact.text("one", name(alike.get(0).one())), Fact.text("other", name(alike.get(0).other())),
              Fact.text("colourway", Wording.low(colourways.get(now.get(alike.get(0).one())).name())), Fact.count("count", alike.size())));
    }
    int uncoloured = Collections.frequency(now, ColourTask.FREE);
    return Optional.of(
        new ColourPlan(
            alike.stream().map(this::clash).toList(), placement(),
            stock(), now.size(), uncoloured, words(alike.size(), uncoloured)));
  }

  private List<ColourPlan.Stock> stock() {
    List<ColourPlan.Stock> stock = new ArrayList<>();
    for (int i = 0; i < colourways.size(); i++) {
      OwnColourway own = colourways.get(i);
      stock.add(new ColourPlan.Stock(own.id(), own.name(), own.colour(), own.made(), Collections.frequency(now, i)));
    }
    return stock;
  }

  /** What is lacking of all, at the boards that are not coloured whole; and of each colourway. */
  private void compareWithStock() {
    for (ColourPlan.Stock stock : stock()) {
      stock.made().filter(made -> made < stock.placed()).ifPresent(
          made ->
              findings.add(
                  Finding.of(
                      FindingCode.COLOUR_SHORT, Where.path("$.settings.colourways"), Fact.text("colourway", stock.name()), Fact.count("count", stock.placed()), Fact.count("made", made),
                      Fact.count("more", stock.placed() - made))));
    }
    boolean isTold = !colourways.isEmpty() && colourways.stream().allMatch(own -> own.made().isPresent());
    int made = colourways.stream().mapToInt(own -> own.made().orElse(0)).sum();
    int lacking = now.size() - made;
    if (isTold && lacking > 0) {
      List<PieceId> boards = new ArrayList<>();
      for (int i = 0; i < now.size(); i++) {
        PieceId piece = colours.cells().get(i).piece();
        if (now.get(i) == ColourTask.FREE && !boards.contains(piece)) {
          boards.add(piece);
        }
      }
      PieceId last = boards.isEmpty() || Collections.frequency(now, ColourTask.FREE) > lacking ? colours.cells().get(now.size() - 1).piece() : boards.get(0);
      findings.add(
          Finding.of(
              FindingCode.SQUARES_SHORT, Where.piece(last), Fact.count("count", lacking), Fact.text("piece", Wording.low(Pieces.find(pieces, last).orElseThrow().name())),
              Fact.count("needed", now.size()), Fact.count("made", made)));
    }
  }

  private ColourPlan.Clash clash(Pair pair) {
    Cells.Cell one = colours.cells().get(pair.one());
    Cells.Cell other = colours.cells().get(pair.other());
    return new ColourPlan.Clash(one.piece(), one.place().row(), one.place().column(), other.piece(), other.place().row(), other.place().column(), colourways.get(now.get(pair.one())).id());
  }

  private String name(int number) {
    Cells.Cell cell = colours.cells().get(number);
    return "%s of the %s".formatted(cell.place().words(), Wording.low(Pieces.find(pieces, cell.piece()).orElseThrow().name()));
  }

  private List<ColourPlan.Placed> placement() {
    List<ColourPlan.Placed> placed = new ArrayList<>();
    for (int i = 0; i < now.size(); i++) {
      Cells.Cell cell = colours.cells().get(i);
      placed.add(new ColourPlan.Placed(cell.piece(), cell.place().row(), cell.place().column(), colours.square(i).colourway(), colours.square(i).locked()));
    }
    return placed;
  }

  private String words(int alike, int uncoloured) {
    if (colourways.isEmpty()) {
      return "%s. Tell the colourways they are made in, and how many of each.".formatted(Wording.counted(now.size(), "squares"));
    }
    if (uncoloured == now.size()) {
      return "%s, none has a colourway yet.".formatted(Wording.counted(now.size(), "squares"));
    }
    String without = uncoloured == 0 ? "" : " %s without a colourway.".formatted(Wording.counted(uncoloured, "squares"));
    return (alike == 0 ? "No two neighbours alike, across seams too." : "%s of neighbours alike.".formatted(Wording.counted(alike, "pairs"))) + without;
  }
}
