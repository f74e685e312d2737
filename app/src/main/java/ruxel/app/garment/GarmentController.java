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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.garment.GarmentStore.ShelfState;
import ruxel.app.garment.GarmentViews.Changed;
import ruxel.app.garment.GarmentViews.HistoryEntry;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.Preview;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.core.change.Change;
import ruxel.core.change.Stops;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.plan.AdviceView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.sheet.AssemblySheet;
import ruxel.files.AnswerValues;
import ruxel.files.GarmentSvg;

/** Garments over HTTP; the version travels as ETag and If-Match. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class GarmentController {
  private final GarmentService garments;
  private final RepairService repairs;
  private final Sheets sheets;
  private final GarmentSaver saver;

  GarmentController(GarmentService garments, RepairService repairs, Sheets sheets, GarmentSaver saver) {
    this.garments = garments;
    this.repairs = repairs;
    this.sheets = sheets;
    this.saver = saver;
  }

  record NewGarment(String name, String construction, Map<String, Object> answers) {}

  record Created(UUID id) {}

  /** Changes with the key of the request, so that one sent twice is carried out once. */
  record Changes(List<Change> changes, Optional<String> key) {}

  record PreviewOfChanges(int baseVersion, List<Change> changes, Optional<List<SeamId>> want) {}

  record PreviewOfAnswers(
      String construction, Map<String, Object> answers, Optional<Wording.Unit> unit, Optional<Terms> terms) {}

  /** A copy of a version, or of the newest, with changes made to it. */
  record CopyRequest(Optional<Integer> version, Optional<List<Change>> changes) {}

  /** Nothing; a write carries JSON all the same. */
  record Nothing() {}

  record StateChange(ShelfState state) {}

  /** Where a garment that was moved stands now; with this it may be moved again. */
  record Moved(String revision) {}

  @GetMapping("/garments")
  List<Written<Summary>> shelf(@RequestParam Optional<ShelfState> state) {
    return garments.shelf(state.orElse(ShelfState.OPEN));
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

  @PostMapping("/garments/sample")
  ResponseEntity<Created> sample(@RequestBody Nothing nothing) {
    return created(garments.importFile(DemoGarments.CARDIGAN.file()));
  }

  @PostMapping("/garments/{id}/copy")
  ResponseEntity<Created> copy(@PathVariable UUID id, @RequestBody CopyRequest wanted) {
    return created(garments.copy(id, wanted.version(), wanted.changes().orElse(List.of())));
  }

  @PostMapping("/garments/{id}/undo")
  ResponseEntity<Changed> undo(
      @PathVariable UUID id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch,
      @RequestBody Nothing nothing) {
    return tagged(garments.undo(id, Versions.required(ifMatch)));
  }

  @PostMapping("/garments/{id}/redo")
  ResponseEntity<Changed> redo(
      @PathVariable UUID id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch,
      @RequestBody Nothing nothing) {
    return tagged(garments.redo(id, Versions.required(ifMatch)));
  }

  @GetMapping("/garments/{id}/history")
  List<HistoryEntry> history(@PathVariable UUID id) {
    return garments.history(id);
  }

  @GetMapping("/garments/{id}")
  ResponseEntity<Opened> open(@PathVariable UUID id) {
    Opened opened = garments.open(id);
    return Versions.tagged(opened.version(), opened);
  }

  @GetMapping("/garments/{id}/file")
  ResponseEntity<String> file(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"garment.ruxel.json\"")
        .body(garments.file(id));
  }

  @GetMapping("/garments/{id}/sheet")
  AssemblySheet sheet(@PathVariable UUID id) {
    return AssemblySheet.of(garments.plan(id));
  }

  @GetMapping(path = "/garments/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheetPdf(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"assembly-sheet.pdf\"")
        .body(sheets.pdf(id));
  }

  @GetMapping(path = "/garments/{id}/table.svg", produces = "image/svg+xml")
  ResponseEntity<String> picture(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"garment.svg\"")
        .body(GarmentSvg.of(garments.plan(id)));
  }

  @PostMapping("/garments/{id}/changes")
  ResponseEntity<Changed> change(
      @PathVariable UUID id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch,
      @RequestBody Changes changes) {
    return tagged(garments.change(id, Versions.required(ifMatch), changes.changes(), changes.key()));
  }

  @GetMapping("/garments/{id}/seams/{seam}/rows")
  RepairService.RepairList joiningRows(@PathVariable UUID id, @PathVariable SeamId seam) {
    return repairs.joiningRows(id, seam);
  }

  @GetMapping("/garments/{id}/seams/{seam}/repairs")
  RepairService.RepairList repairs(@PathVariable UUID id, @PathVariable SeamId seam) {
    return repairs.of(id, seam);
  }

  /** Every method that may be taken there, the best first, each with its summands. */
  @GetMapping("/garments/{id}/seams/{seam}/advice")
  List<AdviceView.AnswerView> advice(@PathVariable UUID id, @PathVariable SeamId seam) {
    return garments.advice(id, seam);
  }

  @GetMapping("/garments/{id}/open-now")
  ResponseEntity<List<GarmentPlan.OpeningPlan>> openNow(@PathVariable UUID id) {
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(garments.openNow(id));
  }

  @GetMapping("/garments/{id}/stops")
  List<Stops.StopChoice> stops(@PathVariable UUID id, @RequestParam double mm) {
    return garments.stops(id, mm);
  }

  @PostMapping("/garments/{id}/preview")
  Preview preview(@PathVariable UUID id, @RequestBody PreviewOfChanges asked) {
    return garments.preview(id, asked.baseVersion(), asked.changes(), asked.want().orElse(List.of()));
  }

  @PostMapping("/preview")
  Preview preview(@RequestBody PreviewOfAnswers asked) {
    Wording wording = new Wording(asked.unit().orElse(Wording.Unit.CM), asked.terms().orElse(Terms.US), Wording.Hand.RIGHT);
    return garments.preview(asked.construction(), AnswerValues.of(asked.answers()), wording);
  }

  @PutMapping("/garments/{id}/state")
  Moved setState(@PathVariable UUID id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch, @RequestBody StateChange wanted) {
    return new Moved(saver.setState(id, wanted.state(), Versions.tag(ifMatch)));
  }

  private static ResponseEntity<Changed> tagged(Changed changed) {
    return Versions.tagged(changed.version(), changed);
  }
}
