CREATE SEQUENCE "public"."revision" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1;--> statement-breakpoint
CREATE TABLE "bin" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"category_id" text NOT NULL,
	"container_type_id" text NOT NULL,
	"code" text NOT NULL,
	"name" text NOT NULL,
	"litres" double precision NOT NULL,
	"compartment_id" text,
	"pinned" boolean NOT NULL,
	"printed" text,
	"seen_full" double precision,
	"sort" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "category" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"family_id" text NOT NULL,
	"starter" text,
	"name" text NOT NULL,
	"pictogram" text NOT NULL,
	"synonyms" jsonb NOT NULL,
	"lie" text NOT NULL,
	"hazards" jsonb NOT NULL,
	"view" text,
	"lid" boolean NOT NULL,
	"light_sensitive" boolean NOT NULL,
	"density" double precision NOT NULL,
	"zone_kind" text NOT NULL,
	"per_week" double precision NOT NULL,
	"users" jsonb NOT NULL,
	"container_type_id" text,
	"factor" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "change" (
	"seq" bigint PRIMARY KEY NOT NULL,
	"site_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"who" text NOT NULL,
	"what" text NOT NULL,
	"undone" boolean DEFAULT false NOT NULL,
	"dropped" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
CREATE TABLE "compartment" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"unit_id" text NOT NULL,
	"name" text NOT NULL,
	"x" integer NOT NULL,
	"z" integer NOT NULL,
	"width" integer NOT NULL,
	"depth" integer NOT NULL,
	"height" integer NOT NULL,
	"floor" integer NOT NULL,
	"access" text NOT NULL,
	"door" boolean NOT NULL,
	"drawer" boolean NOT NULL,
	"max_load" integer NOT NULL,
	"sort" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "container_type" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"form" text NOT NULL,
	"out_width" integer NOT NULL,
	"out_depth" integer NOT NULL,
	"out_height" integer NOT NULL,
	"in_width" integer NOT NULL,
	"in_depth" integer NOT NULL,
	"in_height" integer NOT NULL,
	"see_through" boolean NOT NULL,
	"lid" boolean NOT NULL,
	"handle" boolean NOT NULL,
	"stackable" boolean NOT NULL,
	"mass" integer NOT NULL,
	"price" integer NOT NULL,
	"pack" integer NOT NULL,
	"material" text NOT NULL,
	"owned" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "family" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"hue" text NOT NULL,
	"pictogram" text NOT NULL,
	"sort" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "journal" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"seq" bigint NOT NULL,
	"site_id" text NOT NULL,
	"table" text NOT NULL,
	"row_id" text NOT NULL,
	"before" jsonb,
	"after" jsonb
);
--> statement-breakpoint
CREATE TABLE "line" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"category_id" text,
	"name" text NOT NULL,
	"amount" double precision NOT NULL,
	"measure" text NOT NULL,
	"length" integer,
	"width" integer,
	"height" integer,
	"decision" text NOT NULL,
	"note" text NOT NULL,
	"sort" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "person" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"stature" integer NOT NULL,
	"colour" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "room" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"code" text NOT NULL,
	"width" integer NOT NULL,
	"depth" integer NOT NULL,
	"height" integer NOT NULL,
	"sort" double precision NOT NULL,
	"people" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "site" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"name" text NOT NULL,
	"system" text NOT NULL,
	"currency" text NOT NULL,
	"growth" double precision NOT NULL,
	"fill_limit" double precision NOT NULL,
	"measures" jsonb NOT NULL,
	"removed" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
CREATE TABLE "unit" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"name" text NOT NULL,
	"template" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"depth" integer NOT NULL,
	"columns" integer NOT NULL,
	"rows" integer NOT NULL,
	"board" integer NOT NULL,
	"raised" integer NOT NULL,
	"x" integer NOT NULL,
	"y" integer NOT NULL,
	"locked" boolean NOT NULL,
	"sunlit" boolean NOT NULL,
	"on_view" boolean NOT NULL,
	"anchored" boolean NOT NULL,
	"sort" double precision NOT NULL
);
--> statement-breakpoint
CREATE TABLE "zone" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"x" integer NOT NULL,
	"y" integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX "bin_site" ON "bin" USING btree ("site_id");--> statement-breakpoint
CREATE UNIQUE INDEX "bin_code" ON "bin" USING btree ("site_id","code");--> statement-breakpoint
CREATE INDEX "category_site" ON "category" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "change_site" ON "change" USING btree ("site_id","seq");--> statement-breakpoint
CREATE INDEX "compartment_site" ON "compartment" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "container_type_site" ON "container_type" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "family_site" ON "family" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "journal_seq" ON "journal" USING btree ("seq");--> statement-breakpoint
CREATE INDEX "journal_row" ON "journal" USING btree ("row_id");--> statement-breakpoint
CREATE INDEX "line_site" ON "line" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "person_site" ON "person" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "room_site" ON "room" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "unit_site" ON "unit" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "zone_site" ON "zone" USING btree ("site_id");