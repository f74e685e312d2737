package ruxel.app.garment;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ruxel.app.work.Progress;
import ruxel.core.change.Change;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.repair.Repair;
import ruxel.core.repair.Repairs;

/** The repairs of a seam and the rows it could be joined with, weighed against what is joined already. */
@Service
class RepairService {
  private final GarmentReader reader;
  private final Progress progress;

  RepairService(GarmentReader reader, Progress progress) {
    this.reader = reader;
    this.progress = progress;
  }

  /** A repair with the changes to send when it is tried or taken. */
  record RepairView(
      Repair.Rung rung,
      String title,
      String words,
      List<String> elsewhere,
      Repair.Effort effort,
      String effortWords,
      String risk,
      List<Change> changes) {}

  /** Repairs for the garment's version, best first. */
  record RepairList(int version, List<RepairView> repairs) {}

  RepairList of(UUID id, SeamId seam) {
    return list(id, (garment, begun) -> Repairs.of(garment, seam, begun));
  }

  RepairList joiningRows(UUID id, SeamId seam) {
    return list(id, (garment, begun) -> Repairs.joiningRows(garment, seam, begun));
  }

  private RepairList list(UUID id, BiFunction<Garment, Set<SeamId>, List<Repair>> repairs) {
    GarmentReader.Versioned versioned = reader.versioned(id);
    return new RepairList(versioned.version(), repairs.apply(versioned.garment(), begunSeams(id)).stream().map(this::view).toList());
  }

  private Set<SeamId> begunSeams(UUID id) {
    return progress.of(id).keySet().stream().flatMap(of -> of instanceof WorkRef.OfSeam seam ? Stream.of(seam.id()) : Stream.empty()).collect(Collectors.toSet());
  }

  private RepairView view(Repair r) {
    return new RepairView(
        r.rung(), r.title(), r.words(), r.elsewhere(), r.effort(), r.effortWords(), r.risk(), r.changes());
  }
}
