package ruxel.app.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.springframework.dao.DataAccessResourceFailureException;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.files.GarmentDocument;
import ruxel.files.IdJson;
import tools.jackson.databind.json.JsonMapper;

/** A save that fails in the middle, or must not be begun, leaves nothing behind. */
class HalfwayTest {
  private static final UUID ID = UUID.randomUUID();
  private static final Garment QUAY = Garment.of("Quay", new Recipe("drop-shoulder", new Answers(Map.of())));

  private final GarmentStore store = mock();
  private final Progress progress = mock();
  private final OpenGarments open = mock();
  private final GarmentReader reader = mock();
  private final GarmentSaver saver = new GarmentSaver(store, new Histories(store), progress);
  private final GarmentService service =
      new GarmentService(store, reader, new Histories(store), open, saver, mock(MakerStore.class), progress, JsonMapper.builder().addModule(new IdJson()).addModule(new ChangeJson()).build());

  private static GarmentStore.Head head(int version, GarmentStore.ShelfState state) {
    return new GarmentStore.Head(ID, version, "Quay", OffsetDateTime.of(2026, 1, 1, 0, 0, 0, 0, ZoneOffset.UTC), state, "r" + version);
  }

  private void stands(GarmentStore.Head head) {
    when(reader.head(ID)).thenReturn(head);
    when(store.lock(ID)).thenReturn(Optional.of(head));
    when(open.of(any())).thenReturn(OpenGarments.computed(QUAY));
    when(progress.of(ID)).thenReturn(Map.of());
  }

  @Test
  void aDatabaseThatGoesWhileSavingLeavesNoTraceInWhatIsKeptOpen() {
    stands(head(3, GarmentStore.ShelfState.OPEN));
    when(store.save(eq(ID), anyInt(), any())).thenThrow(new DataAccessResourceFailureException("gone"));
    List<Change> changes = List.of(new Change.Renamed("Pier"));
    assertThatThrownBy(() -> service.change(ID, 3, changes, Optional.of("k"))).isInstanceOf(DataAccessResourceFailureException.class);
    verify(open, never()).keep(any(), any(), any());
    verify(reader, never()).opened(any());
  }

  @Test
  void theRowIsHeldBeforeAnythingIsAskedOfIt() {
    stands(head(3, GarmentStore.ShelfState.OPEN));
    when(store.save(eq(ID), anyInt(), any())).thenReturn("r4");
    assertThat(saver.save(ID, draft(3))).contains("r4");
    InOrder inTurn = inOrder(store, progress);
    inTurn.verify(store).lock(ID);
    inTurn.verify(store).hashOf(ID, "k");
    inTurn.verify(progress).of(ID);
    inTurn.verify(store).save(eq(ID), eq(3), any());
  }

  @Test
  void aRequestThatWasCarriedOutMeanwhileIsNotCarriedOutAgain() {
    stands(head(3, GarmentStore.ShelfState.OPEN));
    when(store.hashOf(ID, "k")).thenReturn(Optional.of("h"));
    assertThat(saver.save(ID, draft(2))).isEmpty();
    verify(store, never()).save(any(), anyInt(), any());
  }

  @Test
  void whatIsStaleOrInTheArchiveIsNotSaved() {
    stands(head(3, GarmentStore.ShelfState.OPEN));
    assertThatThrownBy(() -> saver.save(ID, draft(2))).isInstanceOf(Problems.Stale.class);
    stands(head(3, GarmentStore.ShelfState.ARCHIVED));
    assertThatThrownBy(() -> saver.save(ID, draft(3))).isInstanceOf(Problems.Refused.class);
    verify(store, never()).save(any(), anyInt(), any());
  }

  private static GarmentSaver.Draft draft(int base) {
    OpenGarments.Computed computed = OpenGarments.computed(QUAY);
    GarmentStore.Next next =
        new GarmentStore.Next(
            Problems.valueOf(GarmentDocument.of(QUAY), QUAY.wording()), "[]", "Named", History.Kind.CHANGE, Optional.empty(),
            Optional.of(new GarmentStore.Request("k", "h")));
    return new GarmentSaver.Draft(base, next, computed, Optional.of(computed), Optional.empty());
  }
}
