CREATE TABLE "kit_check" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"on" date NOT NULL,
	"by" text NOT NULL,
	"found" jsonb NOT NULL,
	CONSTRAINT "kit_check_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "kit_item" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"name" text NOT NULL,
	"position" text NOT NULL,
	"wanted" integer NOT NULL,
	"have" integer NOT NULL,
	"expires" date,
	"sort" double precision NOT NULL,
	CONSTRAINT "kit_item_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "par" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"line_id" text NOT NULL,
	"use_id" text,
	"back_id" text,
	"unit" text NOT NULL,
	"least" double precision NOT NULL,
	"wanted" double precision NOT NULL,
	"pack" double precision NOT NULL,
	"price" integer NOT NULL,
	"lead_days" integer NOT NULL,
	"use" text NOT NULL,
	"per_day" double precision NOT NULL,
	"from_grams" integer,
	"to_grams" integer,
	"next_id" text,
	"expires" date,
	CONSTRAINT "par_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "par_use" CHECK ("par"."use" in ('counted', 'child', 'day'))
);
--> statement-breakpoint
CREATE TABLE "stock_count" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"par_id" text NOT NULL,
	"amount" double precision NOT NULL,
	"in_use" double precision NOT NULL,
	"on" date NOT NULL,
	CONSTRAINT "stock_count_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "stock_order" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"par_id" text NOT NULL,
	"packs" integer NOT NULL,
	"on" date NOT NULL,
	"received" integer NOT NULL,
	"closed" boolean NOT NULL,
	CONSTRAINT "stock_order_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "interest" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"line_id" text NOT NULL,
	"kind" text NOT NULL,
	"on" date NOT NULL,
	CONSTRAINT "interest_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "interest_kind" CHECK ("interest"."kind" in ('loved', 'used', 'not touched'))
);
--> statement-breakpoint
CREATE TABLE "rotating" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"line_id" text NOT NULL,
	"areas" jsonb NOT NULL,
	"from_months" integer NOT NULL,
	"to_months" integer NOT NULL,
	"after_ids" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"weeks_of_year" jsonb NOT NULL,
	"loved" double precision NOT NULL,
	"minutes" integer NOT NULL,
	CONSTRAINT "rotating_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "rotating_once" UNIQUE("site_id","line_id")
);
--> statement-breakpoint
CREATE TABLE "season" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"bin_id" text NOT NULL,
	"name" text NOT NULL,
	"comes_out" text NOT NULL,
	"goes_back" text NOT NULL,
	"out" boolean NOT NULL,
	CONSTRAINT "season_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "slot" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"compartment_id" text NOT NULL,
	"area" text NOT NULL,
	"part" integer NOT NULL,
	"parts" integer NOT NULL,
	CONSTRAINT "slot_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
CREATE TABLE "spell" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"slot_id" text NOT NULL,
	"line_id" text NOT NULL,
	"from" date NOT NULL,
	"to" date,
	"pinned" boolean NOT NULL,
	"begun" boolean NOT NULL,
	"ended" boolean NOT NULL,
	CONSTRAINT "spell_of_site" UNIQUE("site_id","id")
);
--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "rotation" jsonb;--> statement-breakpoint
ALTER TABLE "kit_check" ADD CONSTRAINT "kit_check_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kit_check" ADD CONSTRAINT "kit_check_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kit_item" ADD CONSTRAINT "kit_item_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kit_item" ADD CONSTRAINT "kit_item_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "par" ADD CONSTRAINT "par_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "par" ADD CONSTRAINT "par_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "par" ADD CONSTRAINT "par_use_id_fk" FOREIGN KEY ("site_id","use_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "par" ADD CONSTRAINT "par_back_id_fk" FOREIGN KEY ("site_id","back_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "par" ADD CONSTRAINT "par_next_id_fk" FOREIGN KEY ("site_id","next_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_count" ADD CONSTRAINT "stock_count_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_count" ADD CONSTRAINT "stock_count_par_id_fk" FOREIGN KEY ("site_id","par_id") REFERENCES "public"."par"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_order" ADD CONSTRAINT "stock_order_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_order" ADD CONSTRAINT "stock_order_par_id_fk" FOREIGN KEY ("site_id","par_id") REFERENCES "public"."par"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "interest" ADD CONSTRAINT "interest_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "interest" ADD CONSTRAINT "interest_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rotating" ADD CONSTRAINT "rotating_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rotating" ADD CONSTRAINT "rotating_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season" ADD CONSTRAINT "season_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season" ADD CONSTRAINT "season_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "slot" ADD CONSTRAINT "slot_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "slot" ADD CONSTRAINT "slot_compartment_id_fk" FOREIGN KEY ("site_id","compartment_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "spell" ADD CONSTRAINT "spell_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "spell" ADD CONSTRAINT "spell_slot_id_fk" FOREIGN KEY ("site_id","slot_id") REFERENCES "public"."slot"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "spell" ADD CONSTRAINT "spell_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "kit_check_version" ON "kit_check" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "kit_check_room_id" ON "kit_check" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "kit_item_version" ON "kit_item" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "kit_item_room_id" ON "kit_item" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "par_version" ON "par" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "par_line_id" ON "par" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "par_use_id" ON "par" USING btree ("use_id");--> statement-breakpoint
CREATE INDEX "par_back_id" ON "par" USING btree ("back_id");--> statement-breakpoint
CREATE INDEX "par_next_id" ON "par" USING btree ("next_id");--> statement-breakpoint
CREATE INDEX "stock_count_version" ON "stock_count" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "stock_count_par_id" ON "stock_count" USING btree ("par_id");--> statement-breakpoint
CREATE INDEX "stock_order_version" ON "stock_order" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "stock_order_par_id" ON "stock_order" USING btree ("par_id");--> statement-breakpoint
CREATE INDEX "interest_version" ON "interest" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "interest_line_id" ON "interest" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "rotating_version" ON "rotating" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "rotating_line_id" ON "rotating" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "rotating_after_ids" ON "rotating" USING gin ("after_ids" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "season_version" ON "season" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "season_bin_id" ON "season" USING btree ("bin_id");--> statement-breakpoint
CREATE INDEX "slot_version" ON "slot" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "slot_compartment_id" ON "slot" USING btree ("compartment_id");--> statement-breakpoint
CREATE INDEX "spell_version" ON "spell" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "spell_slot_id" ON "spell" USING btree ("slot_id");--> statement-breakpoint
CREATE INDEX "spell_line_id" ON "spell" USING btree ("line_id");--> statement-breakpoint
ALTER TABLE "kit_check" ALTER CONSTRAINT "kit_check_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "kit_check" ALTER CONSTRAINT "kit_check_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "kit_item" ALTER CONSTRAINT "kit_item_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "kit_item" ALTER CONSTRAINT "kit_item_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "par" ALTER CONSTRAINT "par_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "par" ALTER CONSTRAINT "par_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "par" ALTER CONSTRAINT "par_use_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "par" ALTER CONSTRAINT "par_back_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "par" ALTER CONSTRAINT "par_next_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stock_count" ALTER CONSTRAINT "stock_count_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stock_count" ALTER CONSTRAINT "stock_count_par_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stock_order" ALTER CONSTRAINT "stock_order_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "stock_order" ALTER CONSTRAINT "stock_order_par_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "interest" ALTER CONSTRAINT "interest_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "interest" ALTER CONSTRAINT "interest_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "rotating" ALTER CONSTRAINT "rotating_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "rotating" ALTER CONSTRAINT "rotating_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "season" ALTER CONSTRAINT "season_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "season" ALTER CONSTRAINT "season_bin_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "slot" ALTER CONSTRAINT "slot_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "slot" ALTER CONSTRAINT "slot_compartment_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "spell" ALTER CONSTRAINT "spell_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "spell" ALTER CONSTRAINT "spell_slot_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "spell" ALTER CONSTRAINT "spell_line_id_fk" DEFERRABLE INITIALLY DEFERRED;
