package ruxel.app.work;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The bench over HTTP. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class WorkController {
  private final WorkService work;

  private final WorkWatchers watchers;

  WorkController(WorkService work, WorkWatchers watchers) {
    this.work = work;
    this.watchers = watchers;
  }

  record Take(String seam) {}

  record Events(String client, List<WorkService.Sent> events) {}

  @PostMapping("/garments/{garment}/work")
  WorkService.View take(@PathVariable UUID garment, @RequestBody Take wanted) {
    return work.take(garment, wanted.seam());
  }

  /** How a seam would be held and begun by today's plan; nothing is taken to the bench. */
  @GetMapping("/garments/{garment}/seams/{seam}/held")
  WorkService.Held held(@PathVariable UUID garment, @PathVariable String seam) {
    return work.held(garment, seam);
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
}
