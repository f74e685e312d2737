package ruxel.core.construction;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.finding.Finding;
import ruxel.core.finding.Outcome;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Piece;

/** A construction (handbook 4): its questions, and what the maker's answers make of them, told for the wearer's left half. */
public abstract class Template {
  private final String id;
  private final String name;
  private final String tells;
  private final List<Sign> signs;
  private final List<Asked> asked;

  Template(String id, String name, String tells, List<Sign> signs, List<Asked> asked) {
    this.id = id;
    this.name = name;
    this.tells = tells;
    this.signs = List.copyOf(signs);
    this.asked = List.copyOf(asked);
  }

  public String id() {
    return id;
  }

  public String name() {
    return name;
  }

  /** One sentence that tells it apart from the others. */
  public String tells() {
    return tells;
  }

  /** What may be seen of its pieces; of each kind of look at least one unless it says nothing. */
  public List<Sign> signs() {
    return signs;
  }

  public List<Question> questions() {
    return asked.stream().map(Asked::question).toList();
  }

  /** All that is wrong with the answers at once, or what they make. */
  public Outcome<Construct> build(Answers answers) {
    Form form = new Form(asked, answers);
    List<Finding> findings = form.findings();
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    Halves halves = new Halves();
    tell(halves, form);
    List<Piece.Part> assumed = form.assumedParts();
    return Outcome.of(
        new Construct(
            halves.pieces(), halves.seams(), halves.openings(), lay(halves.pieces()), laidWords(),
            new Told(
                form.consequences(), form.assumed(), form.because(),
                halves.pieces().stream().filter(piece -> assumed.contains(piece.part())).map(Piece::id).toList(), form.dimensions(halves.pieces())),
            drags(form).stream().map(Drag::handle).toList(), halves.levers(), stops(form)));
  }

  /**
   * The answers that move when something of the drawing is dragged by so many steps, by key; empty when there is
   * no such handle. Out-of-range answers are refused when they are laid out.
   */
  public Optional<Map<String, Integer>> dragged(Answers answers, String handle, int steps) {
    return drags(new Form(asked, answers)).stream().filter(drag -> drag.handle().id().equals(handle)).findFirst().map(drag -> drag.moved().apply(steps));
  }

  /** Pieces, seams and openings. */
  abstract void tell(Halves halves, Form form);

  /** Where the pieces lie on the table. */
  List<Placement> lay(List<Piece> pieces) {
    return RoundShoulders.lay(pieces);
  }

  String laidWords() {
    return RoundShoulders.WORDS;
  }

  List<Drag> drags(Form form) {
    return List.of();
  }

  List<Stop> stops(Form form) {
    return List.of();
  }
}
