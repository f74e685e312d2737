package ruxel.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doNothing;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mockConstruction;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.mockito.MockedConstruction;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Windows that go away without a word. */
class ListenersTest {
  @Test
  void aBrowserThatIsGoneIsForgottenAndTheOthersHear() throws IOException {
    try (MockedConstruction<SseEmitter> emitters = mockConstruction(SseEmitter.class)) {
      Listeners listeners = new Listeners();
      SseEmitter gone = listeners.add();
      SseEmitter there = listeners.add();
      doNothing().doThrow(new IOException("Broken pipe")).when(gone).send(any(SseEmitter.SseEventBuilder.class));
      assertThat(listeners.tell("moved", 3)).isEqualTo(2);
      assertThat(listeners.tell("moved", 4)).isEqualTo(1);
      assertThat(listeners.tell("moved", 5)).isEqualTo(1);
      verify(gone, times(3)).send(any(SseEmitter.SseEventBuilder.class));
      verify(there, times(4)).send(any(SseEmitter.SseEventBuilder.class));
    }
  }

  @Test
  void theLastThatGoesLeavesNobody() throws IOException {
    try (MockedConstruction<SseEmitter> emitters = mockConstruction(SseEmitter.class)) {
      Listeners listeners = new Listeners();
      SseEmitter completed = listeners.add();
      doThrow(new IllegalStateException("completed")).when(completed).send(any(SseEmitter.SseEventBuilder.class));
      assertThat(listeners.tell("moved", 3)).isZero();
      assertThat(listeners.isEmpty()).isTrue();
    }
  }

  @Test
  void theOldestGoesWhenThereAreTooMany() throws IOException {
    try (MockedConstruction<SseEmitter> emitters = mockConstruction(SseEmitter.class)) {
      Listeners listeners = new Listeners();
      for (int i = 0; i <= 100; i++) {
        listeners.add();
      }
      verify(emitters.constructed().get(0)).complete();
      assertThat(listeners.tell("moved", 1)).isEqualTo(100);
    }
  }
}
