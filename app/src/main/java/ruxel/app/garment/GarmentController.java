package ruxel.app.garment;

import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.garment.GarmentViews.Construction;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.Preview;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.web.Problems;
import ruxel.core.garment.Templates;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;

/** Garments over HTTP; the version travels as ETag and If-Match. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class GarmentController {
  private final GarmentService garments;

  GarmentController(GarmentService garments) {
    this.garments = garments;
  }

  record NewGarment(String name, String construction, Map<String, Object> answers) {}

  record Created(UUID id) {}

  record Changes(List<ChangeRequest> changes) {}

  record PreviewOfChanges(int baseVersion, List<ChangeRequest> changes, Optional<List<String>> want) {}

  record PreviewOfAnswers(
      String construction, Map<String, Object> answers, Optional<Wording.Unit> unit, Optional<Terms> terms) {}

  /** Whether a garment lies on the shelf. */
  enum ShelfState {
    OPEN,
    DELETED
  }

  record StateChange(ShelfState state) {}

  @GetMapping("/constructions")
  List<Construction> constructions() {
    return Templates.all().stream().map(t -> new Construction(t.id(), t.name(), t.questions())).toList();
  }

  @GetMapping("/garments")
  List<Summary> shelf() {
    return garments.shelf();
  }

  @PostMapping("/garments")
  ResponseEntity<Created> create(@RequestBody NewGarment wanted) {
    return created(garments.create(wanted.name(), wanted.construction(), AnswerValues.of(wanted.answers())));
  }

  @PostMapping("/garments/import")
  ResponseEntity<Created> importFile(@RequestBody byte[] file) {
    return created(garments.importFile(file));
  }

  private static ResponseEntity<Created> created(UUID id) {
    return ResponseEntity.created(URI.create("/api/garments/" + id)).body(new Created(id));
  }

  @GetMapping("/garments/{id}")
  ResponseEntity<Opened> open(@PathVariable UUID id) {
    return tagged(garments.open(id));
  }

  @GetMapping("/garments/{id}/file")
  ResponseEntity<String> file(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"garment.ruxel.json\"")
        .body(garments.file(id));
  }

  @PostMapping("/garments/{id}/changes")
  ResponseEntity<Opened> change(
      @PathVariable UUID id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch,
      @RequestBody Changes changes) {
    int version = ifMatch.map(GarmentController::version).orElseThrow(Problems.NoVersion::new);
    return tagged(garments.change(id, version, changes.changes()));
  }

  @PostMapping("/garments/{id}/preview")
  Preview preview(@PathVariable UUID id, @RequestBody PreviewOfChanges asked) {
    return garments.preview(id, asked.baseVersion(), asked.changes(), asked.want().orElse(List.of()));
  }

  @PostMapping("/preview")
  Preview preview(@RequestBody PreviewOfAnswers asked) {
    Wording wording = new Wording(asked.unit().orElse(Wording.Unit.CM), asked.terms().orElse(Terms.US));
    return garments.preview(asked.construction(), AnswerValues.of(asked.answers()), wording);
  }

  @PutMapping("/garments/{id}/state")
  void setState(@PathVariable UUID id, @RequestBody StateChange wanted) {
    switch (wanted.state()) {
      case DELETED -> garments.putAway(id);
      case OPEN -> garments.putBack(id);
    }
  }

  private static ResponseEntity<Opened> tagged(Opened opened) {
    // Work moves on without a new version, so that a kept copy would be out of date.
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).eTag("\"" + opened.version() + "\"").body(opened);
  }

  /** −1, which is no version, for a tag that is none of ours. */
  private static int version(String ifMatch) {
    String digits = ifMatch.replaceAll("^(W/)?\"|\"$", "");
    return digits.matches("\\d{1,9}") ? Integer.parseInt(digits) : -1;
  }
}
