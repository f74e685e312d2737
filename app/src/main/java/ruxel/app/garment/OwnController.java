package ruxel.app.garment;

import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.web.Problems;
import ruxel.core.change.OwnChange;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Outlining;
import ruxel.core.construction.Walk;
import ruxel.core.decision.TakenOut;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Given;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.FreeParts;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Seams;

/** Pieces walked by hand, and what of a garment may still be joined by hand. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class OwnController {
  private final GarmentService garments;
  private final GarmentReader reader;

  OwnController(GarmentService garments, GarmentReader reader) {
    this.garments = garments;
    this.reader = reader;
  }

  /** A garment that begins with one piece. */
  record FreeGarment(String name, OwnChange.PieceAdded first) {}

  /** A walk as far as it is told: drawn where it can be, with what is wrong with it. */
  record Walked(Optional<ShelfFacts.ShelfPiece> piece, List<FindingView> findings) {}

  /** What may still be joined, which pieces and seams are the maker's own, and which of the construction are taken out or told anew. */
  record ByHand(List<FreeParts.FreePart> parts, List<PieceId> pieces, List<SeamId> seams, List<OfConstruction> changed, List<RoleView> roles) {
    static final List<RoleView> ROLES = Stream.of(SeamRole.values()).map(role -> new RoleView(role, role.words())).toList();
  }

  /** What a seam may be. */
  record RoleView(SeamRole role, String words) {}

  /** A seam of the construction that is not as it made it. */
  record OfConstruction(SeamId seam, String name, boolean out) {}

  @PostMapping("/garments/free")
  ResponseEntity<GarmentController.Created> free(@RequestBody FreeGarment wanted) {
    UUID id = garments.createFree(wanted.name(), wanted.first());
    return ResponseEntity.created(URI.create("/api/garments/" + id)).body(new GarmentController.Created(id));
  }

  /** Saves nothing. */
  @PostMapping("/walks")
  Walked walk(@RequestBody OwnChange.PieceAdded told) {
    List<Finding> findings = new Walk(told.walk()).findings();
    return new Walked(
        isDrawable(findings) ? drawn(new Walk(told.walk()).piece(new PieceId("walk"), "walk", told.part(), told.colour())) : Optional.empty(), FindingView.all(findings, Wording.USUAL));
  }

  private static boolean isDrawable(List<Finding> findings) {
    return findings.stream().noneMatch(finding -> finding.code() == FindingCode.WALK_STEPS || finding.code() == FindingCode.WALK_STEP);
  }

  private static Optional<ShelfFacts.ShelfPiece> drawn(Piece piece) {
    return Planner.plan(Garment.of("walk", piece)) instanceof Outcome.Good<GarmentPlan> good ? good.value().pieces().stream().findFirst().map(ShelfFacts::piece) : Optional.empty();
  }

  @GetMapping("/garments/{id}/by-hand")
  ByHand byHand(@PathVariable UUID id) {
    Garment garment = reader.versioned(id).garment();
    return new ByHand(
        Problems.valueOf(FreeParts.of(garment), garment.wording()), garment.pieces().stream().map(Piece::id).toList(),
        garment.seams().stream().map(Seam::id).toList(), changed(garment), ByHand.ROLES);
  }

  private static List<OfConstruction> changed(Garment garment) {
    List<Seam> made = Problems.valueOf(Given.of(garment), garment.wording()).made().map(Construct::seams).orElse(List.of());
    return made.stream()
        .filter(seam -> garment.settings().on(TakenOut.class, seam.id()).isPresent() || Seams.find(garment.seams(), seam.id()).isPresent())
        .map(seam -> new OfConstruction(seam.id(), seam.name(), Seams.find(garment.seams(), seam.id()).isEmpty()))
        .toList();
  }

  /** The outline of a piece as a walk, to be told anew. */
  @GetMapping("/garments/{id}/outlines/{piece}")
  List<Outlining.Told> outline(@PathVariable UUID id, @PathVariable PieceId piece) {
    Garment garment = reader.versioned(id).garment();
    Given given = Problems.valueOf(Given.of(garment), garment.wording());
    return Outlining.of(Problems.valueOf(Pieces.named(given.construct().pieces(), piece, Where.piece(piece)), garment.wording()));
  }

  /** A piece of the maker's own as it would be with another outline; saves nothing. */
  @PostMapping("/garments/{id}/outlines/{piece}")
  Walked outlined(@PathVariable UUID id, @PathVariable PieceId piece, @RequestBody List<Outlining.Told> told) {
    Garment garment = reader.versioned(id).garment();
    Given given = Problems.valueOf(Given.of(garment), garment.wording());
    Piece own = Problems.valueOf(Pieces.named(given.construct().pieces(), piece, Where.piece(piece)), garment.wording());
    List<Finding> findings = Outlining.findings(own, told);
    return new Walked(isDrawable(findings) ? drawn(Outlining.outlined(own, told)) : Optional.empty(), FindingView.all(findings, garment.wording()));
  }
}
