package ruxel.app.garment;

import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import ruxel.core.construction.Walk;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.FreeParts;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Seam;

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

  /** What may still be joined, and which pieces and seams are the maker's own. */
  record ByHand(List<FreeParts.FreePart> parts, List<String> pieces, List<String> seams) {}

  @PostMapping("/garments/free")
  ResponseEntity<GarmentController.Created> free(@RequestBody FreeGarment wanted) {
    UUID id = garments.createFree(wanted.name(), wanted.first());
    return ResponseEntity.created(URI.create("/api/garments/" + id)).body(new GarmentController.Created(id));
  }

  /** Saves nothing. */
  @PostMapping("/walks")
  Walked walk(@RequestBody OwnChange.PieceAdded told) {
    List<Finding> findings = new Walk(told.walk()).findings();
    boolean drawable = findings.stream().noneMatch(finding -> finding.code() == FindingCode.WALK_STEPS || finding.code() == FindingCode.WALK_STEP);
    return new Walked(drawable ? drawn(told) : Optional.empty(), FindingView.all(findings, Wording.USUAL));
  }

  private static Optional<ShelfFacts.ShelfPiece> drawn(OwnChange.PieceAdded told) {
    Garment alone = Garment.of("walk", new Walk(told.walk()).piece("walk", "walk", told.part(), told.colour()));
    return Planner.plan(alone) instanceof Outcome.Good<GarmentPlan> good ? good.value().pieces().stream().findFirst().map(ShelfFacts::piece) : Optional.empty();
  }

  @GetMapping("/garments/{id}/by-hand")
  ByHand byHand(@PathVariable UUID id) {
    Garment garment = reader.versioned(id).garment();
    return new ByHand(
        Problems.valueOf(FreeParts.of(garment), garment.wording()), garment.pieces().stream().map(Piece::id).toList(),
        garment.seams().stream().map(Seam::id).toList());
  }
}
