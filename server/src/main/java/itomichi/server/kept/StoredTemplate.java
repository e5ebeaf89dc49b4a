package itomichi.server.kept;

import itomichi.documents.drawing.Ink;
import itomichi.kept.KeptTemplate;
import java.time.OffsetDateTime;
import java.util.UUID;

/** A kept template as the database has it. */
record StoredTemplate(
        UUID id, String name, String notes, Ink ink, KeptTemplate template, long version, OffsetDateTime keptAt) {}
