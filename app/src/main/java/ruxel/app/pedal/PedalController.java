package ruxel.app.pedal;

import java.io.IOException;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruxel.app.web.Listeners;

/**
 * The counter pedal: a press posted here is passed on at once to every bench that listens. Presses are not
 * kept; what they do is an event of the bench.
 */
@RestController
@RequestMapping("/api/pedal")
class PedalController {
  private final Listeners benches = new Listeners();

  @EventListener(ContextClosedEvent.class)
  void close() {
    benches.close();
  }

  /** The two treadles of a pedal. */
  enum Treadle {
    FORWARD,
    BACK
  }

  record Press(Treadle treadle) {}

  /** How many benches heard a press. */
  record Heard(int benches) {}

  @PostMapping(path = "/presses", produces = MediaType.APPLICATION_JSON_VALUE)
  Heard press(@RequestBody Press press) {
    return new Heard(benches.tell("press", press.treadle().name()));
  }

  @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter listen() throws IOException {
    return benches.add();
  }
}
