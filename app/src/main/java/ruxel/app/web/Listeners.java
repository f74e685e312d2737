package ruxel.app.web;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Windows that listen for what is told, at once and once; nothing is kept for those who come later. */
public final class Listeners {
  private static final int MOST = 100;

  private final List<SseEmitter> listening = new CopyOnWriteArrayList<>();

  /** A new listener; the oldest goes when there are too many. */
  public SseEmitter add() throws IOException {
    while (listening.size() >= MOST) {
      listening.remove(0).complete();
    }
    SseEmitter emitter = new SseEmitter(0L);
    emitter.onCompletion(() -> listening.remove(emitter));
    emitter.onError(error -> listening.remove(emitter));
    listening.add(emitter);
    emitter.send(SseEmitter.event().comment("listening"));
    return emitter;
  }

  /** How many heard it. */
  public int tell(String name, Object data) {
    int heard = 0;
    for (SseEmitter emitter : listening) {
      try {
        emitter.send(SseEmitter.event().name(name).data(data));
        heard++;
      } catch (IOException | IllegalStateException gone) {
        listening.remove(emitter);
      }
    }
    return heard;
  }

  /** Nobody listens any more; a stop need not wait for them. */
  public void close() {
    listening.forEach(SseEmitter::complete);
    listening.clear();
  }

  public boolean isEmpty() {
    return listening.isEmpty();
  }
}
