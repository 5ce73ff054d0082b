CREATE TABLE "day_slot" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"weekday" integer NOT NULL,
	"person_id" text,
	"activity" text NOT NULL,
	"line_ids" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"filled_for" date,
	CONSTRAINT "day_slot_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "day_slot_weekday" CHECK ("day_slot"."weekday" between 0 and 6)
);
--> statement-breakpoint
ALTER TABLE "day_slot" ADD CONSTRAINT "day_slot_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "day_slot" ADD CONSTRAINT "day_slot_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "day_slot" ADD CONSTRAINT "day_slot_person_id_fk" FOREIGN KEY ("site_id","person_id") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "day_slot_version" ON "day_slot" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "day_slot_room_id" ON "day_slot" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "day_slot_person_id" ON "day_slot" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "day_slot_line_ids" ON "day_slot" USING gin ("line_ids" jsonb_path_ops);--> statement-breakpoint
ALTER TABLE "day_slot" ALTER CONSTRAINT "day_slot_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "day_slot" ALTER CONSTRAINT "day_slot_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "day_slot" ALTER CONSTRAINT "day_slot_person_id_fk" DEFERRABLE INITIALLY DEFERRED;
