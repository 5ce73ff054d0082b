CREATE TABLE "recall" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"person_id" text NOT NULL,
	"bin_id" text NOT NULL,
	"state" jsonb NOT NULL,
	CONSTRAINT "recall_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "recall_once" UNIQUE("site_id","person_id","bin_id")
);
--> statement-breakpoint
CREATE TABLE "stray" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"what" text NOT NULL,
	"found_in" text NOT NULL,
	"found_on" date NOT NULL,
	"due" date NOT NULL,
	"line_id" text,
	"person_id" text,
	"settled" date,
	CONSTRAINT "stray_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "holiday" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"from" date NOT NULL,
	"to" date NOT NULL,
	CONSTRAINT "holiday_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "holiday_ends" CHECK ("holiday"."to" >= "holiday"."from")
);
--> statement-breakpoint
CREATE TABLE "routine" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"person_id" text,
	"minutes" integer NOT NULL,
	"rule" text NOT NULL,
	"from" date NOT NULL,
	"steps" jsonb NOT NULL,
	"on_holidays" boolean NOT NULL,
	CONSTRAINT "routine_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "routine_kind" CHECK ("routine"."kind" in ('daily reset', 'weekly reset', 'monthly check', 'seasonal edit', 'change-over', 'own'))
);
--> statement-breakpoint
CREATE TABLE "routine_day" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"routine_id" text NOT NULL,
	"day" date NOT NULL,
	"ticked" jsonb NOT NULL,
	"done_at" timestamp with time zone,
	"skipped" boolean NOT NULL,
	CONSTRAINT "routine_day_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "routine_day_once" UNIQUE("site_id","routine_id","day")
);
--> statement-breakpoint
ALTER TABLE "observation" DROP CONSTRAINT "observation_kind";--> statement-breakpoint
ALTER TABLE "observation" ADD COLUMN "found_id" text;--> statement-breakpoint
ALTER TABLE "observation" ADD COLUMN "person_id" text;--> statement-breakpoint
ALTER TABLE "observation" ADD COLUMN "seconds" integer;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "second_life" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "change_over" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "inside_id" text;--> statement-breakpoint
ALTER TABLE "recall" ADD CONSTRAINT "recall_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "recall" ADD CONSTRAINT "recall_person_id_fk" FOREIGN KEY ("site_id","person_id") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "recall" ADD CONSTRAINT "recall_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stray" ADD CONSTRAINT "stray_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stray" ADD CONSTRAINT "stray_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stray" ADD CONSTRAINT "stray_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stray" ADD CONSTRAINT "stray_person_id_fk" FOREIGN KEY ("site_id","person_id") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "holiday" ADD CONSTRAINT "holiday_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "routine" ADD CONSTRAINT "routine_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "routine" ADD CONSTRAINT "routine_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "routine" ADD CONSTRAINT "routine_person_id_fk" FOREIGN KEY ("site_id","person_id") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "routine_day" ADD CONSTRAINT "routine_day_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "routine_day" ADD CONSTRAINT "routine_day_routine_id_fk" FOREIGN KEY ("site_id","routine_id") REFERENCES "public"."routine"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "recall_version" ON "recall" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "recall_person_id" ON "recall" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "recall_bin_id" ON "recall" USING btree ("bin_id");--> statement-breakpoint
CREATE INDEX "stray_version" ON "stray" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "stray_room_id" ON "stray" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "stray_line_id" ON "stray" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "stray_person_id" ON "stray" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "holiday_version" ON "holiday" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "routine_version" ON "routine" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "routine_room_id" ON "routine" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "routine_person_id" ON "routine" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "routine_day_version" ON "routine_day" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "routine_day_routine_id" ON "routine_day" USING btree ("routine_id");--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_found_id_fk" FOREIGN KEY ("site_id","found_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_person_id_fk" FOREIGN KEY ("site_id","person_id") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_inside_id_fk" FOREIGN KEY ("site_id","inside_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "observation_found_id" ON "observation" USING btree ("found_id");--> statement-breakpoint
CREATE INDEX "observation_person_id" ON "observation" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "line_inside_id" ON "line" USING btree ("inside_id");--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_kind" CHECK ("observation"."kind" in ('used', 'put back', 'empty', 'over-full', 'not here', 'found', 'elsewhere', 'tidied', 'searched'));--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_change_over" CHECK ("unit"."change_over" in ('stays', 'closes', 'rolls away', 'folds', 'is covered'));--> statement-breakpoint
ALTER TABLE "recall" ALTER CONSTRAINT "recall_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "recall" ALTER CONSTRAINT "recall_person_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "recall" ALTER CONSTRAINT "recall_bin_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stray" ALTER CONSTRAINT "stray_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stray" ALTER CONSTRAINT "stray_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stray" ALTER CONSTRAINT "stray_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stray" ALTER CONSTRAINT "stray_person_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "holiday" ALTER CONSTRAINT "holiday_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "routine" ALTER CONSTRAINT "routine_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "routine" ALTER CONSTRAINT "routine_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "routine" ALTER CONSTRAINT "routine_person_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "routine_day" ALTER CONSTRAINT "routine_day_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "routine_day" ALTER CONSTRAINT "routine_day_routine_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "observation" ALTER CONSTRAINT "observation_found_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "observation" ALTER CONSTRAINT "observation_person_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "line" ALTER CONSTRAINT "line_inside_id_fk" DEFERRABLE INITIALLY DEFERRED;
