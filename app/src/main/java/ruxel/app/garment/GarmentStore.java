package ruxel.app.garment;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import ruxel.files.GarmentDocument;

/** Garments as one document each, with every version they had. */
@Repository
public class GarmentStore {
  /** Whether a garment lies on the shelf, in the archive, or was thrown away. */
  public enum ShelfState {
    OPEN,
    ARCHIVED,
    DELETED
  }

  /** A garment's row without its document; the revision is another after every write to the row, whoever wrote it. */
  public record Head(UUID id, int version, String name, OffsetDateTime changedAt, ShelfState state, String revision) {}

  /** A request that led to a version: the key it came with and what it asked for. */
  record Request(String key, String hash) {}

  /** What a new version is: its document, what led to it, and the request that asked for it. */
  record Next(GarmentDocument document, String changes, String label, History.Kind kind, Optional<Integer> of, Optional<Request> request) {}

  private static final int FORMAT_VERSION = 1;

  private final JdbcClient jdbc;

  GarmentStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  List<Head> all(ShelfState state) {
    return jdbc.sql("SELECT id, version, name, changed_at, state, xmin::text AS revision FROM garment WHERE state = :state ORDER BY changed_at DESC, id")
        .param("state", state.name())
        .query(GarmentStore::head)
        .list();
  }

  public Optional<Head> find(UUID id) {
    return jdbc.sql("SELECT id, version, name, changed_at, state, xmin::text AS revision FROM garment WHERE id = :id AND state <> 'DELETED'")
        .param("id", id)
        .query(GarmentStore::head)
        .optional();
  }

  /** The same, held until the transaction ends: whoever writes to a garment or takes a seam of it holds it first. */
  public Optional<Head> lock(UUID id) {
    return jdbc.sql("SELECT id, version, name, changed_at, state, xmin::text AS revision FROM garment WHERE id = :id AND state <> 'DELETED' FOR UPDATE")
        .param("id", id)
        .query(GarmentStore::head)
        .optional();
  }

  /** The same of one that may have been thrown away. */
  Optional<Head> lockAny(UUID id) {
    return jdbc.sql("SELECT id, version, name, changed_at, state, xmin::text AS revision FROM garment WHERE id = :id FOR UPDATE").param("id", id).query(GarmentStore::head).optional();
  }

  /** The document of a row as it was read; empty when it was written to in between. */
  Optional<String> document(Head head) {
    return jdbc.sql("SELECT document::text FROM garment WHERE id = :id AND xmin::text = :revision")
        .param("id", head.id())
        .param("revision", head.revision())
        .query(String.class)
        .optional();
  }

  /** The document a garment had at a version. */
  public Optional<String> document(UUID id, int version) {
    return jdbc.sql("SELECT document::text FROM garment_version WHERE garment_id = :id AND version = :version AND document IS NOT NULL")
        .param("id", id)
        .param("version", version)
        .query(String.class)
        .optional();
  }

  /** Versions of a garment behind one and up to another, oldest first. */
  List<History.Entry> versions(UUID id, int behind, int upTo) {
    return jdbc.sql(
            """
            SELECT version, kind, of_version, label, made_at, document IS NOT NULL AS whole
            FROM garment_version
            WHERE garment_id = :id AND version > :behind AND version <= :upTo
            ORDER BY version
            """)
        .param("id", id)
        .param("behind", behind)
        .param("upTo", upTo)
        .query(
            (rs, n) ->
                new History.Entry(
                    rs.getInt("version"),
                    History.Kind.valueOf(rs.getString("kind")),
                    Optional.ofNullable(rs.getObject("of_version", Integer.class)),
                    rs.getString("label"),
                    rs.getObject("made_at", OffsetDateTime.class),
                    rs.getBoolean("whole")))
        .list();
  }

  /** Lets the documents of old versions go, but for those named; what they were called stays. */
  void forget(UUID id, int before, Collection<Integer> kept) {
    jdbc.sql("UPDATE garment_version SET document = NULL WHERE garment_id = :id AND version < :before AND document IS NOT NULL AND version NOT IN (:kept)")
        .param("id", id)
        .param("before", before)
        .param("kept", kept)
        .update();
  }

  /** What the request with this key asked for, when it was carried out already; empty text where that was not kept. */
  Optional<String> hashOf(UUID id, String key) {
    return jdbc.sql("SELECT coalesce(request_hash, '') FROM garment_version WHERE garment_id = :id AND request_key = :key")
        .param("id", id)
        .param("key", key)
        .query(String.class)
        .optional();
  }

  /** The revision of the new row. */
  String insert(UUID id, GarmentDocument document, String label) {
    String revision =
        jdbc.sql(
                """
                INSERT INTO garment (id, version, name, state, format_version, document, changed_at)
                VALUES (:id, 1, :name, 'OPEN', :format, :document::jsonb, now())
                RETURNING xmin::text
                """)
            .param("id", id)
            .param("name", document.garment().name())
            .param("format", FORMAT_VERSION)
            .param("document", document.json())
            .query(String.class)
            .single();
    remember(id, 1, new Next(document, "[]", label, History.Kind.CHANGE, Optional.empty(), Optional.empty()));
    return revision;
  }

  /** Saves the version behind {@code version}, which must be the current one and held; the row's new revision. */
  String save(UUID id, int version, Next next) {
    String revision =
        jdbc.sql(
                """
                UPDATE garment SET version = :next, name = :name, document = :document::jsonb, changed_at = now()
                WHERE id = :id
                RETURNING xmin::text
                """)
            .param("id", id)
            .param("next", version + 1)
            .param("name", next.document().garment().name())
            .param("document", next.document().json())
            .query(String.class)
            .single();
    remember(id, version + 1, next);
    return revision;
  }

  private void remember(UUID id, int version, Next next) {
    jdbc.sql(
            """
            INSERT INTO garment_version (garment_id, version, document, change, label, made_at, kind, of_version, request_key, request_hash)
            VALUES (:id, :version, :document::jsonb, :change::jsonb, :label, now(), :kind, :of, :key, :hash)
            """)
        .param("id", id)
        .param("version", version)
        .param("document", next.document().json())
        .param("change", next.changes())
        .param("label", next.label())
        .param("kind", next.kind().name())
        .param("of", next.of().orElse(null), java.sql.Types.INTEGER)
        .param("key", next.request().map(Request::key).orElse(null), java.sql.Types.VARCHAR)
        .param("hash", next.request().map(Request::hash).orElse(null), java.sql.Types.VARCHAR)
        .update();
  }

  /** What was done since a version, oldest first. */
  List<String> labelsSince(UUID id, int version) {
    return jdbc.sql(
            """
            SELECT label FROM garment_version
            WHERE garment_id = :id AND version > :version
            ORDER BY version
            """)
        .param("id", id)
        .param("version", version)
        .query(String.class)
        .list();
  }

  /** Takes a garment that is held off the shelf or puts it back; the row's new revision. */
  String setState(UUID id, ShelfState state) {
    return jdbc.sql("UPDATE garment SET state = :state WHERE id = :id RETURNING xmin::text").param("id", id).param("state", state.name()).query(String.class).single();
  }

  private static Head head(ResultSet rs, int number) throws SQLException {
    return new Head(
        rs.getObject("id", UUID.class),
        rs.getInt("version"),
        rs.getString("name"),
        rs.getObject("changed_at", OffsetDateTime.class),
        ShelfState.valueOf(rs.getString("state")),
        rs.getString("revision"));
  }
}
