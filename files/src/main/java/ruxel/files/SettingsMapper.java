package ruxel.files;

import java.util.Optional;
import ruxel.core.garment.EdgeSettings;
import ruxel.core.garment.PieceSettings;
import ruxel.core.garment.SeamSettings;
import ruxel.core.garment.Settings;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Marker;
import ruxel.core.seam.Seam;

/** Between the settings of a garment and those of its file, both ways. */
final class SettingsMapper {
  private SettingsMapper() {}

  static Settings settings(GarmentFile.SettingsOf s) {
    return new Settings(
        s.counts().stream().map(c -> new Settings.MadeCount(c.piece(), c.edge(), c.run(), c.count(), c.when().orElse(Counts.Source.AS_MADE))).toList(),
        s.anchors().stream().map(m -> new Settings.MovedAnchor(m.seam(), m.anchor(), m.side(), FileMapper.spot(m.spot()))).toList(),
        s.methods().stream().map(m -> new Settings.ChosenMethod(m.seam(), m.method())).toList(),
        s.laid().stream().map(l -> new Settings.LaidPiece(l.piece(), l.dxMm(), l.dyMm(), l.quarterTurns())).toList(),
        s.order(),
        new EdgeSettings(
            s.told().stream()
                .map(t -> new EdgeSettings.ToldRun(t.piece(), t.edge(), t.run(), t.parts().stream().map(SettingsMapper::part).toList()))
                .toList(),
            s.measured().stream().map(m -> new EdgeSettings.MeasuredEdge(m.piece(), m.edge(), m.mm())).toList(),
            s.marks().stream().map(m -> new EdgeSettings.MarkedEdge(m.piece(), m.edge(), landmark(m.landmark()))).toList()),
        new SeamSettings(
            s.worked().stream().map(SettingsMapper::worked).toList(),
            s.pins().stream().map(p -> new SeamSettings.OwnAnchor(p.seam(), FileMapper.anchor(p.anchor()))).toList()),
        s.owed().stream().map(o -> new Settings.OwedItem(o.id(), o.piece(), o.what(), o.before())).toList(),
        new PieceSettings(
            s.corners().stream().map(c -> new PieceSettings.ToldCorner(c.piece(), c.behind(), c.kind())).toList(),
            s.leans().stream().map(l -> new PieceSettings.LeaningPiece(l.piece(), new Lean(l.mm(), l.expected()))).toList(),
            s.edgings().stream().map(e -> new PieceSettings.EdgingRows(e.piece(), e.edge(), e.rows(), e.rowMm(), e.stitches())).toList()),
        s.left().stream().map(l -> new Settings.LeftFinding(l.finding(), l.reason())).toList());
  }

  private static EdgeSettings.Part part(GarmentFile.PartOf p) {
    return new EdgeSettings.Part(
        p.kind(), p.count(), p.widthMm(), p.fabric(), p.noEase(), p.label().orElse(""), p.chains().orElse(0), p.heldBack().orElse(0));
  }

  private static SeamSettings.WorkedSeam worked(GarmentFile.WorkedOf w) {
    return new SeamSettings.WorkedSeam(
        w.seam(), new Seam.Working(w.together(), w.surplus(), w.fullness(), w.seamPlaces()),
        new SeamSettings.SideWorking(w.a().placesPerRow(), w.a().spaces()), new SeamSettings.SideWorking(w.b().placesPerRow(), w.b().spaces()));
  }

  static Landmark landmark(GarmentFile.LandmarkOf l) {
    return new Landmark(l.id(), l.name(), l.kind(), FileMapper.cut(l.at()), l.every(), l.times(),
        l.marker().map(m -> new Marker(m.purpose(), m.colour().orElse(""), m.takeOut().orElse(""))));
  }

  static GarmentFile.SettingsOf file(Settings s) {
    return new GarmentFile.SettingsOf(
        s.counts().stream().map(c -> new GarmentFile.CountOf(c.piece(), c.edge(), c.run(), c.count(), Optional.of(c.when()).filter(Counts.Source.AS_WORKED::equals))).toList(),
        s.anchors().stream().map(m -> new GarmentFile.MovedOf(m.seam(), m.anchor(), m.side(), FileMapper.spot(m.spot()))).toList(),
        s.methods().stream().map(m -> new GarmentFile.MethodOf(m.seam(), m.method())).toList(),
        s.laid().stream().map(l -> new GarmentFile.LaidOf(l.piece(), l.dxMm(), l.dyMm(), l.quarterTurns())).toList(),
        s.order(),
        s.edges().told().stream()
            .map(t -> new GarmentFile.ToldOf(t.piece(), t.edge(), t.run(), t.parts().stream().map(SettingsMapper::part).toList()))
            .toList(),
        s.edges().measured().stream().map(m -> new GarmentFile.MeasuredOf(m.piece(), m.edge(), m.mm())).toList(),
        s.edges().marks().stream().map(m -> new GarmentFile.MarkOf(m.piece(), m.edge(), landmark(m.landmark()))).toList(),
        s.seams().worked().stream().map(SettingsMapper::worked).toList(),
        s.seams().pins().stream().map(p -> new GarmentFile.PinOf(p.seam(), FileMapper.anchor(p.anchor()))).toList(),
        s.owed().stream().map(o -> new GarmentFile.OwedOf(o.id(), o.piece(), o.what(), o.before())).toList(),
        s.pieces().corners().stream().map(c -> new GarmentFile.ToldCornerOf(c.piece(), c.behind(), c.corner())).toList(),
        s.pieces().leans().stream().map(l -> new GarmentFile.LeaningOf(l.piece(), l.lean().mm(), l.lean().expected())).toList(),
        s.pieces().edgings().stream().map(e -> new GarmentFile.EdgingOf(e.piece(), e.edge(), e.rows(), e.rowMm(), e.stitches())).toList(),
        s.left().stream().map(l -> new GarmentFile.LeftOf(l.finding(), l.reason())).toList());
  }

  private static GarmentFile.PartOf part(EdgeSettings.Part p) {
    return new GarmentFile.PartOf(
        p.kind(), p.count(), p.widthMm(), p.fabric(), p.noEase(), FileMapper.some(p.label()), FileMapper.some(p.chains()), FileMapper.some(p.heldBack()));
  }

  private static GarmentFile.WorkedOf worked(SeamSettings.WorkedSeam w) {
    return new GarmentFile.WorkedOf(
        w.seam(), w.working().together(), w.working().surplus(), w.working().fullness(), w.working().seamPlaces(), gives(w.a()), gives(w.b()));
  }

  private static GarmentFile.GivesOf gives(SeamSettings.SideWorking side) {
    return new GarmentFile.GivesOf(side.placesPerRow(), side.spaces());
  }

  static GarmentFile.LandmarkOf landmark(Landmark l) {
    return new GarmentFile.LandmarkOf(l.id(), l.name(), l.kind(), FileMapper.cut(l.first()), l.every(), l.times(),
        l.marker().map(m -> new GarmentFile.MarkerOf(m.purpose(), FileMapper.some(m.colour()), FileMapper.some(m.takeOut()))));
  }
}
