CREATE TABLE "acknowledgement" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"key" text NOT NULL,
	"fact" text NOT NULL,
	"about" text NOT NULL,
	"hazard" text NOT NULL,
	"reason" text NOT NULL,
	"on" date NOT NULL,
	"by" text NOT NULL,
	CONSTRAINT "acknowledgement_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "fixture" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"x" integer NOT NULL,
	"y" integer NOT NULL,
	CONSTRAINT "fixture_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "fixture_kind" CHECK ("fixture"."kind" in ('exit', 'heater', 'socket'))
);
--> statement-breakpoint
ALTER TABLE "bin" ALTER COLUMN "container_type_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "mouths" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "rest_days" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "lid_support" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "air_holes" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "latch" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "max_load" integer;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "reused" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "checked" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "out_width" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "out_depth" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "out_height" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "line_ids" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "stands_alone" boolean;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "compartments" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "soft" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "lockable" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "turntable" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "lift_out" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "kind" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "lies" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "litres_each" double precision;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "keepsake_of" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "put_off" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "handed_over" date;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "gained" integer;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "tested_on" date;--> statement-breakpoint
ALTER TABLE "acknowledgement" ADD CONSTRAINT "acknowledgement_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "acknowledgement" ADD CONSTRAINT "acknowledgement_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "acknowledgement_version" ON "acknowledgement" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "acknowledgement_room_id" ON "acknowledgement" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "fixture_version" ON "fixture" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "fixture_room_id" ON "fixture" USING btree ("room_id");--> statement-breakpoint
ALTER TABLE "line" ADD CONSTRAINT "line_keepsake_of_fk" FOREIGN KEY ("site_id","keepsake_of") REFERENCES "public"."person"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "bin_line_ids" ON "bin" USING gin ("line_ids" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "line_keepsake_of" ON "line" USING btree ("keepsake_of");--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_outside" CHECK ("bin"."container_type_id" is not null or ("bin"."out_width" > 0 and "bin"."out_depth" > 0 and "bin"."out_height" > 0));--> statement-breakpoint
ALTER TABLE "acknowledgement" ALTER CONSTRAINT "acknowledgement_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "acknowledgement" ALTER CONSTRAINT "acknowledgement_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "fixture" ALTER CONSTRAINT "fixture_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "fixture" ALTER CONSTRAINT "fixture_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "line" ALTER CONSTRAINT "line_keepsake_of_fk" DEFERRABLE INITIALLY DEFERRED;
