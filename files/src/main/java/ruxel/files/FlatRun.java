package ruxel.files;

import java.util.Optional;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import tools.jackson.databind.util.StdConverter;

/** A run as it stands in the file: in one piece, without where it comes from, since every run of a file is given. */
record FlatRun(
    String id,
    UnitKind kind,
    int count,
    Optional<Integer> made,
    Optional<Integer> worked,
    double dxMm,
    double dyMm,
    Optional<Double> overMm,
    Fabric fabric,
    boolean noEase,
    Optional<String> label,
    Optional<Integer> chains,
    Optional<Integer> heldBack) {

  static final class Read extends StdConverter<FlatRun, Run> {
    @Override
    public Run convert(FlatRun r) {
      Run.Notes notes = new Run.Notes(r.label().orElse(""), r.chains().orElse(0), r.heldBack().orElse(0));
      return new Run(r.id(), r.kind(), new Counts(r.count(), r.made(), r.worked()), new Advance(r.dxMm(), r.dyMm(), r.overMm().orElse(0.0)), r.fabric(), r.noEase(), notes);
    }
  }

  static final class Written extends StdConverter<Run, FlatRun> {
    @Override
    public FlatRun convert(Run run) {
      Run.Notes notes = run.notes();
      return new FlatRun(
          run.id(), run.kind(), run.counts().planned(), run.counts().made(), run.counts().worked(), run.advance().dxMm(), run.advance().dyMm(), Optional.of(run.advance().overMm()).filter(mm -> mm > 0),
          run.fabric(), run.noEase(), Optional.of(notes.label()).filter(text -> !text.isEmpty()), some(notes.chains()), some(notes.heldBack()));
    }

    private static Optional<Integer> some(int count) {
      return Optional.of(count).filter(n -> n > 0);
    }
  }
}
