package ruxel.app.pedal;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The counter pedal: a press posted here is passed on at once to every bench that listens. Presses are not
 * kept; what they do is an event of the bench.
 */
@RestController
@RequestMapping("/api/pedal")
class PedalController {
  private final List<SseEmitter> listening = new CopyOnWriteArrayList<>();

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
    int heard = 0;
    for (SseEmitter bench : listening) {
      try {
        bench.send(SseEmitter.event().name("press").data(press.treadle().name()));
        heard++;
      } catch (IOException | IllegalStateException gone) {
        listening.remove(bench);
      }
    }
    return new Heard(heard);
  }

  @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter listen() throws IOException {
    SseEmitter bench = new SseEmitter(0L);
    bench.onCompletion(() -> listening.remove(bench));
    bench.onError(error -> listening.remove(bench));
    listening.add(bench);
    bench.send(SseEmitter.event().comment("listening"));
    return bench;
  }
}
