ALTER TABLE "category" RENAME COLUMN "lie" TO "packing_kind";--> statement-breakpoint
ALTER TABLE "category" RENAME COLUMN "factor" TO "bulk_correction";--> statement-breakpoint
ALTER TABLE "category" RENAME COLUMN "school" TO "scheme";--> statement-breakpoint
ALTER TABLE "line" RENAME COLUMN "whereto" TO "destination";--> statement-breakpoint
ALTER TABLE "line" RENAME COLUMN "facets" TO "attributes";--> statement-breakpoint
ALTER TABLE "family" RENAME COLUMN "fine" TO "granularity";--> statement-breakpoint
-- Until now nothing in the database kept a row from pointing to one that is gone: what does is put right as a removal would have done.
DELETE FROM "zone" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id);--> statement-breakpoint
DELETE FROM "unit" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id);--> statement-breakpoint
DELETE FROM "compartment" r WHERE NOT EXISTS (SELECT 1 FROM "unit" t WHERE t.site_id = r.site_id AND t.id = r.unit_id);--> statement-breakpoint
DELETE FROM "line" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id);--> statement-breakpoint
DELETE FROM "session" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id);--> statement-breakpoint
DELETE FROM "deferral" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id);--> statement-breakpoint
DELETE FROM "photo" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id)
  OR (r.line_id IS NOT NULL AND NOT EXISTS (SELECT 1 FROM "line" t WHERE t.site_id = r.site_id AND t.id = r.line_id));--> statement-breakpoint
DELETE FROM "bin" r WHERE NOT EXISTS (SELECT 1 FROM "room" t WHERE t.site_id = r.site_id AND t.id = r.room_id)
  OR NOT EXISTS (SELECT 1 FROM "category" t WHERE t.site_id = r.site_id AND t.id = r.category_id)
  OR NOT EXISTS (SELECT 1 FROM "container_type" t WHERE t.site_id = r.site_id AND t.id = r.container_type_id);--> statement-breakpoint
UPDATE "bin" r SET compartment_id = NULL, pinned = false WHERE compartment_id IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM "compartment" t WHERE t.site_id = r.site_id AND t.id = r.compartment_id);--> statement-breakpoint
UPDATE "line" r SET category_id = NULL WHERE category_id IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM "category" t WHERE t.site_id = r.site_id AND t.id = r.category_id);--> statement-breakpoint
UPDATE "category" r SET container_type_id = NULL WHERE container_type_id IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM "container_type" t WHERE t.site_id = r.site_id AND t.id = r.container_type_id);--> statement-breakpoint
UPDATE "category" r SET "limit" = NULL WHERE "limit" IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM "container_type" t WHERE t.site_id = r.site_id AND t.id = r."limit" ->> 'containerTypeId');--> statement-breakpoint
UPDATE "person" r SET "limit" = NULL WHERE "limit" IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM "container_type" t WHERE t.site_id = r.site_id AND t.id = r."limit" ->> 'containerTypeId');--> statement-breakpoint
UPDATE "room" r SET people = (SELECT coalesce(jsonb_agg(p), '[]') FROM jsonb_array_elements(r.people) p
  WHERE EXISTS (SELECT 1 FROM "person" t WHERE t.site_id = r.site_id AND t.id = p #>> '{}')) WHERE people <> '[]';--> statement-breakpoint
UPDATE "category" r SET users = (SELECT coalesce(jsonb_agg(p), '[]') FROM jsonb_array_elements(r.users) p
  WHERE EXISTS (SELECT 1 FROM "person" t WHERE t.site_id = r.site_id AND t.id = p #>> '{}')) WHERE users <> '[]';--> statement-breakpoint
UPDATE "category" r SET tidiers = (SELECT coalesce(jsonb_agg(p), '[]') FROM jsonb_array_elements(r.tidiers) p
  WHERE EXISTS (SELECT 1 FROM "person" t WHERE t.site_id = r.site_id AND t.id = p #>> '{}')) WHERE tidiers <> '[]';--> statement-breakpoint
UPDATE "line" r SET also = (SELECT coalesce(jsonb_agg(p), '[]') FROM jsonb_array_elements(r.also) p
  WHERE EXISTS (SELECT 1 FROM "category" t WHERE t.site_id = r.site_id AND t.id = p #>> '{}')) WHERE also <> '[]';--> statement-breakpoint
UPDATE "container_type" SET in_width = least(in_width, out_width), in_depth = least(in_depth, out_depth), in_height = least(in_height, out_height);--> statement-breakpoint
-- One open session a room: of several the last one begun stays open.
UPDATE "session" r SET ended_at = coalesce(r.running_since, r.started_at), running_since = NULL WHERE ended_at IS NULL
  AND EXISTS (SELECT 1 FROM "session" t WHERE t.room_id = r.room_id AND t.ended_at IS NULL AND (t.started_at, t.id) > (r.started_at, r.id));--> statement-breakpoint
DELETE FROM "picture" r WHERE NOT EXISTS (SELECT 1 FROM "site" t WHERE t.id = r.site_id);--> statement-breakpoint
DELETE FROM "journal" r WHERE NOT EXISTS (SELECT 1 FROM "change" t WHERE t.seq = r.seq AND t.site_id = r.site_id);--> statement-breakpoint
DELETE FROM "change" r WHERE NOT EXISTS (SELECT 1 FROM "site" t WHERE t.id = r.site_id);
