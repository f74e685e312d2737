package ruxel.app.work;

import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruxel.app.web.Listeners;

/** Windows that have the same seam at the bench: each is told at once where the work stands after another's joints. */
@Component
class WorkWatchers {
  /** Where the work stands, and which client made it so. */
  record Moved(String client, WorkService.Kept place) {}

  private final Map<UUID, Listeners> byWork = new ConcurrentHashMap<>();

  SseEmitter watch(UUID work) throws IOException {
    byWork.values().removeIf(Listeners::isEmpty);
    return byWork.computeIfAbsent(work, key -> new Listeners()).add();
  }

  @EventListener(ContextClosedEvent.class)
  void close() {
    byWork.values().forEach(Listeners::close);
  }

  void tell(UUID work, String client, WorkService.Kept place) {
    Listeners listeners = byWork.get(work);
    if (listeners != null) {
      listeners.tell("moved", new Moved(client, place));
    }
  }
}
