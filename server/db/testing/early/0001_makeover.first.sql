CREATE TABLE "deferral" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"what" text NOT NULL,
	"until" text NOT NULL,
	"done" boolean NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photo" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"line_id" text,
	"kind" text NOT NULL,
	"taken_on" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"note" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "picture" (
	"photo_id" text PRIMARY KEY NOT NULL,
	"site_id" text NOT NULL,
	"data" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "session" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"started_at" text NOT NULL,
	"running_since" text,
	"ended_at" text,
	"seconds" double precision NOT NULL
);
--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "tidiers" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "limit" jsonb;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "fine" integer;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "school" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "condition" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "due" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "whereto" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "keep_until" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "decided_at" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "tested" double precision;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "dead" double precision;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "set_pieces" integer;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "set_missing" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "also" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "spread" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "facets" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "doubts" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "born" text;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "reads" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "limit" jsonb;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "minutes_a_day" integer;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "deadline" text;--> statement-breakpoint
CREATE INDEX "deferral_site" ON "deferral" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "photo_site" ON "photo" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "session_site" ON "session" USING btree ("site_id");