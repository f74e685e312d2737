package ruxel.core.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.board.Square.Place;
import ruxel.core.construction.Construct;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.Decision;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.KeptTail;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.PlacedSquares;
import ruxel.core.decision.Settings;
import ruxel.core.decision.TurnedSquare;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.StripId;
import ruxel.core.lay.Apart;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Strip;

/**
 * The pieces and seams of a garment today: what its template makes of the answers, or its own pieces,
 * with the settings laid over them. Settings without a target are named and kept.
 *
 * @param strips as the maker told them, and {@code stitches} over them, by the edges as they are laid out
 */
public record Layout(Construct construct, List<Strip> strips, List<Stitches> stitches, List<Decision> gone, List<Finding> findings) {

  /** Of garments that are still in use: a garment is laid out by each change that is tried on it, and by the plan. */
  private static final Map<Garment, Outcome<Layout>> KNOWN = Collections.synchronizedMap(new WeakHashMap<>());

  /** Refused only when the recipe's answers are, or when what is laid out exceeds the bounds. */
  public static Outcome<Layout> of(Garment garment) {
    Outcome<Layout> known = KNOWN.get(garment);
    if (known != null) {
      return known;
    }
    Outcome<Layout> laid = anew(garment);
    KNOWN.put(garment, laid);
    return laid;
  }

  private static Outcome<Layout> anew(Garment garment) {
    return Given.of(garment).then(
        given -> {
          Layout laid = laid(given, garment);
          List<Finding> exceeded = Bounds.exceeded(laid.construct());
          return exceeded.isEmpty() ? Outcome.of(laid) : Outcome.refused(exceeded);
        });
  }

  /** A strip as it is laid out. */
  public Optional<Strip> strip(StripId id) {
    return strips.stream().filter(strip -> strip.id().equals(id)).findFirst();
  }

  private static Layout laid(Given given, Garment garment) {
    Settings settings = garment.settings();
    Construct construct = given.construct();
    Overlay overlay = new Overlay(construct.pieces(), settings);
    List<MadeCount> goneCounts = new ArrayList<>();
    List<MadeCount> ofEdgings = new ArrayList<>();
    List<Piece> pieces = counted(overlay.pieces(), settings.of(MadeCount.class), ofEdgings);
    RowsTakenIn edgings = new RowsTakenIn(pieces, settings.of(EdgingRows.class));
    pieces = counted(edgings.pieces(), ofEdgings, goneCounts);
    Overlay onEdgings = Overlay.ofMarks(pieces, overlay.marksElsewhere());
    PieceOverlay wholes = new PieceOverlay(onEdgings.pieces(), settings);
    pieces = wholes.pieces().stream().map(piece -> placed(piece, settings)).toList();
    List<Seam> usual = construct.seams().stream().map(overlay::carried).map(seam -> worked(seam, settings)).map(edgings::carried).toList();
    List<Seam> bare = new SeamDirections(pieces, usual, settings, garment.wording().hand()).directed();
    List<Carries> carries = List.of(overlay, edgings);
    OwnAnchors own = new OwnAnchors(pieces, bare, settings, carries, garment.rules());
    EndedSeams ended = new EndedSeams(pieces, own.seams(), settings, carries);
    List<Seam> seams = ended.seams();
    Construct laid =
        new Construct(
            pieces, seams, construct.openings().stream().map(overlay::carried).map(edgings::carried).toList(),
            placements(apart(construct, pieces, edgings), pieces, settings.of(LaidPiece.class)), construct.laidWords(), construct.told(), construct.handles(), construct.levers(), construct.stops());
    List<Decision> gone = new ArrayList<>(goneCounts);
    gone.addAll(given.idle());
    Stream.<List<? extends Decision>>of(own.gone(), ended.gone(), overlay.gone(), onEdgings.marksElsewhere(), wholes.gone(), edgings.gone()).forEach(gone::addAll);
    settings.decisions().stream().filter(decision -> isGone(decision, construct, seams)).forEach(gone::add);
    CarriedStrips strips = new CarriedStrips(carries);
    LaidNames names = new LaidNames(Optional.of(laid), settings, garment.wording());
    return new Layout(laid, strips.strips(settings), strips.stitches(settings), List.copyOf(gone), gone.stream().map(decision -> finding(decision, names)).toList());
  }

  private static Piece placed(Piece piece, Settings settings) {
    if (piece.board().isEmpty()) {
      return piece;
    }
    Board board = piece.board().get();
    Optional<PlacedSquares> placed = settings.on(PlacedSquares.class, piece.id());
    Board coloured = placed.isPresent() ? board.with(placed.get()::on) : board;
    Map<Place, TurnedSquare> turned = new HashMap<>();
    settings.of(TurnedSquare.class).stream().filter(turn -> turn.piece().equals(piece.id())).forEach(turn -> turned.put(new Place(turn.row(), turn.column()), turn));
    return piece.withBoard(turned.isEmpty() ? coloured : coloured.with(square -> turned.containsKey(square.place()) ? turned.get(square.place()).on(square) : square));
  }

  private static boolean isGone(Decision decision, Construct construct, List<Seam> seams) {
    return decision.ofSeam().filter(id -> Seams.find(seams, id).isEmpty()).isPresent()
        || decision.ofPiece().filter(id -> Pieces.find(construct.pieces(), id).isEmpty()).isPresent()
        || decision instanceof KeptTail tail && Pieces.find(construct.pieces(), tail.piece(), tail.corner()).isEmpty();
  }

  private static Finding finding(Decision gone, LaidNames names) {
    return Finding.of(FindingCode.SETTING_GONE, Where.path("$.settings"), Fact.text("what", gone.told(names)));
  }

  /** What cannot be counted on these pieces is added to {@code missing}. */
  private static List<Piece> counted(List<Piece> pieces, List<MadeCount> counts, List<MadeCount> missing) {
    List<Piece> counted = pieces;
    for (MadeCount made : counts) {
      Optional<List<Piece>> changed = counted(counted, made);
      changed.ifPresentOrElse(ignored -> {}, () -> missing.add(made));
      counted = changed.orElse(counted);
    }
    return counted;
  }

  private static Optional<List<Piece>> counted(List<Piece> pieces, MadeCount made) {
    List<Piece> changed = new ArrayList<>(pieces);
    for (int i = 0; i < changed.size(); i++) {
      Piece piece = changed.get(i);
      Optional<Edge> edge = piece.id().equals(made.piece()) ? piece.edge(made.edge()) : Optional.empty();
      if (edge.flatMap(found -> found.run(made.run())).isPresent()) {
        changed.set(i, piece.withEdges(piece.edges().stream().map(e -> e == edge.get() ? counted(e, made) : e).toList()));
        return Optional.of(changed);
      }
    }
    return Optional.empty();
  }

  private static Edge counted(Edge edge, MadeCount made) {
    List<Run> runs =
        edge.runs().stream()
            .map(run -> run.id().equals(made.run()) ? run.withCounts(counted(run.counts(), made)) : run)
            .toList();
    return edge.withRuns(runs);
  }

  private static Counts counted(Counts counts, MadeCount made) {
    Optional<Integer> count = Optional.of(made.count());
    return made.when() == Counts.Source.AS_WORKED ? counts.withWorked(count) : counts.withMade(count);
  }

  private static List<Placement> apart(Construct construct, List<Piece> pieces, RowsTakenIn edgings) {
    return Apart.of(construct.pieces(), construct.placements(), pieces, construct.placements().stream().map(edgings::carried).toList());
  }

  private static List<Placement> placements(
      List<Placement> usual, List<Piece> pieces, List<LaidPiece> laid) {
    List<Placement> placements = new ArrayList<>(usual);
    for (LaidPiece own : laid) {
      Pieces.find(pieces, own.piece())
          .ifPresent(
              piece ->
                  placements.replaceAll(
                      p ->
                          p.piece().equals(own.piece())
                              ? p.turnedAbout(new Outline(piece).middle(), own.quarterTurns()).moved(own.dxMm(), own.dyMm())
                              : p));
    }
    return placements;
  }

  /** How the seam is worked, without the anchors the maker has moved or added. */
  private static Seam worked(Seam seam, Settings settings) {
    Seam worked = settings.on(WorkedSeam.class, seam.id()).map(w -> w.on(seam)).orElse(seam);
    return worked.withMethod(settings.on(ChosenMethod.class, seam.id()).map(ChosenMethod::method).or(seam::method));
  }
}
