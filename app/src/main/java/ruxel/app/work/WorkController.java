package ruxel.app.work;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruxel.app.web.Problems;
import ruxel.core.bench.Work;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.files.WorkRefJson;

/** The bench over HTTP. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class WorkController {
  private final WorkService work;

  private final WorkWatchers watchers;

  private final EarlyEnds ends;

  WorkController(WorkService work, WorkWatchers watchers, EarlyEnds ends) {
    this.ends = ends;
    this.work = work;
    this.watchers = watchers;
  }

  record Events(String client, List<Sent> events) {}

  @PostMapping("/garments/{garment}/work")
  WorkService.View take(@PathVariable UUID garment, @RequestBody WorkRefJson.WorkReference wanted, @RequestParam(defaultValue = "false") boolean outOfTurn) {
    Optional<WorkRef> of = wanted.ref().filter(ref -> !(ref instanceof WorkRef.OfBoard));
    return work.take(garment, of.orElseThrow(() -> new Problems.NotFound("Name the seam, the strip, or the board and its line, that is taken to the bench.")), outOfTurn);
  }

  /** How a seam would be held and begun by today's plan; nothing is taken to the bench. */
  @GetMapping("/garments/{garment}/seams/{seam}/held")
  WorkService.Held held(@PathVariable UUID garment, @PathVariable SeamId seam) {
    return work.held(garment, seam);
  }

  /** A line of a board as it would be worked by today's plan. */
  @GetMapping("/garments/{garment}/boards/{board}/lines/{line}")
  WorkService.LineView line(@PathVariable UUID garment, @PathVariable BoardId board, @PathVariable LineId line) {
    return work.line(garment, new WorkRef.OfLine(board, line));
  }

  /** The lines of all boards that are in hand or joined. */
  @GetMapping("/garments/{garment}/lines")
  List<WorkService.LineProgress> lines(@PathVariable UUID garment) {
    return work.lines(garment);
  }

  /** A strip as it would be worked by today's plan. */
  @GetMapping("/garments/{garment}/strips/{strip}")
  WorkService.StripView strip(@PathVariable UUID garment, @PathVariable StripId strip) {
    return work.strip(garment, new WorkRef.OfStrip(strip));
  }

  /** The strips that are in hand or worked. */
  @GetMapping("/garments/{garment}/strips")
  List<WorkService.StripProgress> strips(@PathVariable UUID garment) {
    return work.strips(garment);
  }

  @GetMapping("/work/{id}")
  WorkService.View view(@PathVariable UUID id) {
    return work.view(id);
  }

  /** Where a work stands, told again whenever any window adds to it. */
  @GetMapping(path = "/work/{id}/moves", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter moves(@PathVariable UUID id) throws IOException {
    work.place(id);
    return watchers.watch(id);
  }

  @GetMapping("/work/{id}/place")
  WorkService.Kept place(@PathVariable UUID id) {
    return work.place(id);
  }

  @PostMapping("/work/{id}/events")
  WorkService.Kept keep(@PathVariable UUID id, @RequestBody Events sent) {
    return work.keep(id, sent.client(), sent.events());
  }

  /** What it would do to end a seam at the joint in hand. */
  @GetMapping("/work/{id}/end")
  EarlyEnds.EndView end(@PathVariable UUID id) {
    return ends.view(id);
  }

  record EndAsked(String client, int seq, int joint, boolean twinToo) {}

  /** Ends a seam at the joint in hand. */
  @PostMapping("/work/{id}/end")
  WorkService.Kept end(@PathVariable UUID id, @RequestBody EndAsked asked) {
    return work.end(id, asked.client(), Sent.of(asked.seq(), Work.Kind.ENDED, asked.joint(), Optional.empty()), asked.twinToo());
  }
}
