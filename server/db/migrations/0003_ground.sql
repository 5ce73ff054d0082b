DROP INDEX "bin_site";--> statement-breakpoint
DROP INDEX "bin_code";--> statement-breakpoint
DROP INDEX "category_site";--> statement-breakpoint
DROP INDEX "change_site";--> statement-breakpoint
DROP INDEX "compartment_site";--> statement-breakpoint
DROP INDEX "container_type_site";--> statement-breakpoint
DROP INDEX "deferral_site";--> statement-breakpoint
DROP INDEX "family_site";--> statement-breakpoint
DROP INDEX "line_site";--> statement-breakpoint
DROP INDEX "person_site";--> statement-breakpoint
DROP INDEX "photo_site";--> statement-breakpoint
DROP INDEX "room_site";--> statement-breakpoint
DROP INDEX "session_site";--> statement-breakpoint
DROP INDEX "unit_site";--> statement-breakpoint
DROP INDEX "zone_site";--> statement-breakpoint
DROP INDEX "journal_seq";--> statement-breakpoint
DROP INDEX "journal_row";--> statement-breakpoint
ALTER TABLE "category" ALTER COLUMN "users" SET DEFAULT '[]'::jsonb;--> statement-breakpoint
ALTER TABLE "change" DROP CONSTRAINT "change_pkey";--> statement-breakpoint
ALTER TABLE "deferral" ALTER COLUMN "until" SET DATA TYPE date USING "until"::date;--> statement-breakpoint
ALTER TABLE "line" ALTER COLUMN "due" SET DATA TYPE date USING "due"::date;--> statement-breakpoint
ALTER TABLE "line" ALTER COLUMN "keep_until" SET DATA TYPE date USING "keep_until"::date;--> statement-breakpoint
ALTER TABLE "line" ALTER COLUMN "decided_at" SET DATA TYPE timestamp with time zone USING "decided_at"::timestamp with time zone;--> statement-breakpoint
ALTER TABLE "photo" ALTER COLUMN "taken_on" SET DATA TYPE date USING "taken_on"::date;--> statement-breakpoint
ALTER TABLE "room" ALTER COLUMN "people" SET DEFAULT '[]'::jsonb;--> statement-breakpoint
ALTER TABLE "room" ALTER COLUMN "deadline" SET DATA TYPE date USING "deadline"::date;--> statement-breakpoint
ALTER TABLE "session" ALTER COLUMN "started_at" SET DATA TYPE timestamp with time zone USING "started_at"::timestamp with time zone;--> statement-breakpoint
ALTER TABLE "session" ALTER COLUMN "running_since" SET DATA TYPE timestamp with time zone USING "running_since"::timestamp with time zone;--> statement-breakpoint
ALTER TABLE "session" ALTER COLUMN "ended_at" SET DATA TYPE timestamp with time zone USING "ended_at"::timestamp with time zone;--> statement-breakpoint
ALTER TABLE "change" ADD CONSTRAINT "change_pk" PRIMARY KEY("site_id","seq");--> statement-breakpoint
ALTER TABLE "change" ADD COLUMN "model" integer DEFAULT 2 NOT NULL;--> statement-breakpoint
ALTER TABLE "change" ADD COLUMN "bytes" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "change" ADD COLUMN "touched" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "picture" ADD COLUMN "bytes" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "revision" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "history_from" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
-- What was there was written in the second version of the model
ALTER TABLE "change" ALTER COLUMN "model" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "change" ALTER COLUMN "touched" DROP DEFAULT;--> statement-breakpoint
UPDATE "site" s SET revision = greatest(s.version, (SELECT coalesce(max(seq), 0) FROM "change" c WHERE c.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "person" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "room" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "zone" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "unit" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "compartment" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "family" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "category" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "line" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "container_type" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "bin" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "session" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "deferral" r WHERE r.site_id = s.id), (SELECT coalesce(max(version), 0) FROM "photo" r WHERE r.site_id = s.id));--> statement-breakpoint
UPDATE "change" c SET touched = s.revision FROM "site" s WHERE s.id = c.site_id;--> statement-breakpoint
UPDATE "picture" SET bytes = length(data) * 3 / 4;--> statement-breakpoint
UPDATE "change" c SET bytes = least(g.bytes, 2000000000) FROM (SELECT site_id, seq, sum(coalesce(octet_length(before::text), 0) + coalesce(octet_length(after::text), 0)) AS bytes FROM "journal" GROUP BY site_id, seq) g WHERE g.site_id = c.site_id AND g.seq = c.seq;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_code" UNIQUE("site_id","code");--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "compartment" ADD CONSTRAINT "compartment_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "deferral" ADD CONSTRAINT "deferral_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "family" ADD CONSTRAINT "family_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "zone" ADD CONSTRAINT "zone_of_site" UNIQUE("site_id","id");--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_zone_kind" CHECK ("category"."zone_kind" in ('reading', 'building', 'dressing-up', 'art', 'table work', 'office', 'changing', 'sleeping', 'whole room'));--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_view" CHECK ("category"."view" in ('show', 'hide'));--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_density" CHECK ("category"."density" > 0);--> statement-breakpoint
ALTER TABLE "compartment" ADD CONSTRAINT "compartment_access" CHECK ("compartment"."access" in ('front', 'top'));--> statement-breakpoint
ALTER TABLE "compartment" ADD CONSTRAINT "compartment_size" CHECK ("compartment"."width" > 0 and "compartment"."depth" > 0 and "compartment"."height" > 0);--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_form" CHECK ("container_type"."form" in ('box', 'tapered', 'round'));--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_material" CHECK ("container_type"."material" in ('clear', 'plastic', 'wood', 'basket', 'card', 'metal', 'cloth', 'glass'));--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_inside" CHECK ("container_type"."in_width" <= "container_type"."out_width" and "container_type"."in_depth" <= "container_type"."out_depth" and "container_type"."in_height" <= "container_type"."out_height");--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_decision" CHECK ("line"."decision" in ('keep', 'give away', 'pass on', 'return', 'sell', 'recycle', 'bin', 'other room', 'decide later'));--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_condition" CHECK ("line"."condition" in ('sealed', 'good', 'worn', 'broken', 'dried out', 'incomplete'));--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_amount" CHECK ("line"."amount" > 0);--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_kind" CHECK ("person"."kind" in ('adult', 'child'));--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_born" CHECK ("person"."born" ~ '^[0-9]{4}-[0-9]{2}$');--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_kind" CHECK ("photo"."kind" in ('heap', 'line', 'before', 'after'));--> statement-breakpoint
ALTER TABLE "picture" ADD CONSTRAINT "picture_data" CHECK ("picture"."bytes" >= 0);--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_size" CHECK ("room"."width" > 0 and "room"."depth" > 0 and "room"."height" > 0);--> statement-breakpoint
ALTER TABLE "site" ADD CONSTRAINT "site_system" CHECK ("site"."system" in ('metric', 'imperial'));--> statement-breakpoint
ALTER TABLE "site" ADD CONSTRAINT "site_growth" CHECK ("site"."growth" between 0 and 0.5);--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_size" CHECK ("unit"."width" > 0 and "unit"."depth" > 0 and "unit"."height" > 0);--> statement-breakpoint
ALTER TABLE "zone" ADD CONSTRAINT "zone_kind" CHECK ("zone"."kind" in ('reading', 'building', 'dressing-up', 'art', 'table work', 'office', 'changing', 'sleeping', 'whole room'));--> statement-breakpoint
CREATE INDEX "bin_version" ON "bin" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "bin_room_id" ON "bin" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "bin_category_id" ON "bin" USING btree ("category_id");--> statement-breakpoint
CREATE INDEX "bin_container_type_id" ON "bin" USING btree ("container_type_id");--> statement-breakpoint
CREATE INDEX "bin_compartment_id" ON "bin" USING btree ("compartment_id");--> statement-breakpoint
CREATE INDEX "category_version" ON "category" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "category_family_id" ON "category" USING btree ("family_id");--> statement-breakpoint
CREATE INDEX "category_users" ON "category" USING gin ("users" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "category_container_type_id" ON "category" USING btree ("container_type_id");--> statement-breakpoint
CREATE INDEX "category_tidiers" ON "category" USING gin ("tidiers" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "category_limit" ON "category" USING btree (("limit" ->> 'containerTypeId'));--> statement-breakpoint
CREATE INDEX "category_starter" ON "category" USING btree ("site_id","starter");--> statement-breakpoint
CREATE INDEX "change_to_undo" ON "change" USING btree ("site_id","who","seq") WHERE not "change"."undone" and not "change"."first";--> statement-breakpoint
CREATE INDEX "change_to_redo" ON "change" USING btree ("site_id","who","seq") WHERE "change"."undone" and not "change"."dropped";--> statement-breakpoint
CREATE INDEX "change_touched" ON "change" USING btree ("site_id","touched");--> statement-breakpoint
CREATE INDEX "change_at" ON "change" USING btree ("site_id","at");--> statement-breakpoint
CREATE INDEX "compartment_version" ON "compartment" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "compartment_unit_id" ON "compartment" USING btree ("unit_id");--> statement-breakpoint
CREATE INDEX "container_type_version" ON "container_type" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "deferral_version" ON "deferral" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "deferral_room_id" ON "deferral" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "family_version" ON "family" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "line_version" ON "line" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "line_room_id" ON "line" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "line_category_id" ON "line" USING btree ("category_id");--> statement-breakpoint
CREATE INDEX "line_also" ON "line" USING gin ("also" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "line_sort" ON "line" USING btree ("site_id","sort");--> statement-breakpoint
CREATE INDEX "person_version" ON "person" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "person_limit" ON "person" USING btree (("limit" ->> 'containerTypeId'));--> statement-breakpoint
CREATE INDEX "photo_version" ON "photo" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "photo_room_id" ON "photo" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "photo_line_id" ON "photo" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "picture_site" ON "picture" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "room_version" ON "room" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "room_people" ON "room" USING gin ("people" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "session_version" ON "session" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "session_room_id" ON "session" USING btree ("room_id");--> statement-breakpoint
CREATE UNIQUE INDEX "session_open" ON "session" USING btree ("site_id","room_id") WHERE "session"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "unit_version" ON "unit" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "unit_room_id" ON "unit" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "zone_version" ON "zone" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "zone_room_id" ON "zone" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "journal_seq" ON "journal" USING btree ("site_id","seq");--> statement-breakpoint
CREATE INDEX "journal_row" ON "journal" USING btree ("site_id","row_id","seq");--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_category_id_fk" FOREIGN KEY ("site_id","category_id") REFERENCES "public"."category"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_container_type_id_fk" FOREIGN KEY ("site_id","container_type_id") REFERENCES "public"."container_type"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_compartment_id_fk" FOREIGN KEY ("site_id","compartment_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_family_id_fk" FOREIGN KEY ("site_id","family_id") REFERENCES "public"."family"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "category" ADD CONSTRAINT "category_container_type_id_fk" FOREIGN KEY ("site_id","container_type_id") REFERENCES "public"."container_type"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "change" ADD CONSTRAINT "change_site_id_site_id_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "compartment" ADD CONSTRAINT "compartment_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "compartment" ADD CONSTRAINT "compartment_unit_id_fk" FOREIGN KEY ("site_id","unit_id") REFERENCES "public"."unit"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "deferral" ADD CONSTRAINT "deferral_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "deferral" ADD CONSTRAINT "deferral_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "family" ADD CONSTRAINT "family_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "journal" ADD CONSTRAINT "journal_change_fk" FOREIGN KEY ("site_id","seq") REFERENCES "public"."change"("site_id","seq") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_category_id_fk" FOREIGN KEY ("site_id","category_id") REFERENCES "public"."category"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "picture" ADD CONSTRAINT "picture_site_id_site_id_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "zone" ADD CONSTRAINT "zone_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "zone" ADD CONSTRAINT "zone_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
-- Checked when a change is over: undo writes rows in the order of the journal.
ALTER TABLE "bin" ALTER CONSTRAINT "bin_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_category_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_container_type_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_compartment_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "category" ALTER CONSTRAINT "category_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "category" ALTER CONSTRAINT "category_family_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "category" ALTER CONSTRAINT "category_container_type_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "change" ALTER CONSTRAINT "change_site_id_site_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "compartment" ALTER CONSTRAINT "compartment_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "compartment" ALTER CONSTRAINT "compartment_unit_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "container_type" ALTER CONSTRAINT "container_type_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "deferral" ALTER CONSTRAINT "deferral_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "deferral" ALTER CONSTRAINT "deferral_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "family" ALTER CONSTRAINT "family_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "journal" ALTER CONSTRAINT "journal_change_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "line" ALTER CONSTRAINT "line_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "line" ALTER CONSTRAINT "line_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "line" ALTER CONSTRAINT "line_category_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "person" ALTER CONSTRAINT "person_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "photo" ALTER CONSTRAINT "photo_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "photo" ALTER CONSTRAINT "photo_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "photo" ALTER CONSTRAINT "photo_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "picture" ALTER CONSTRAINT "picture_site_id_site_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "room" ALTER CONSTRAINT "room_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "session" ALTER CONSTRAINT "session_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "session" ALTER CONSTRAINT "session_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "unit" ALTER CONSTRAINT "unit_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "unit" ALTER CONSTRAINT "unit_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "zone" ALTER CONSTRAINT "zone_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "zone" ALTER CONSTRAINT "zone_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
DROP SEQUENCE "public"."revision";
