package ruxel.app.garment;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruxel.app.work.Progress;
import ruxel.core.change.Change;
import ruxel.core.repair.Repair;
import ruxel.core.repair.Repairs;

/** The repairs of a seam, weighed against what is joined already. */
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

  RepairList of(UUID id, String seam) {
    GarmentReader.Versioned versioned = reader.versioned(id);
    List<Repair> repairs = Repairs.of(versioned.garment(), seam, progress.of(id).keySet());
    return new RepairList(versioned.version(), repairs.stream().map(this::view).toList());
  }

  private RepairView view(Repair r) {
    return new RepairView(
        r.rung(), r.title(), r.words(), r.elsewhere(), r.effort(), r.effortWords(), r.risk(), r.changes());
  }
}
