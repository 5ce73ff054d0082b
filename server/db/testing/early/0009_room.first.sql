ALTER TABLE "cut_piece" DROP CONSTRAINT "cut_piece_part";--> statement-breakpoint
ALTER TABLE "cut_stock" DROP CONSTRAINT "cut_stock_part";--> statement-breakpoint
ALTER TABLE "fixture" DROP CONSTRAINT "fixture_kind";--> statement-breakpoint
ALTER TABLE "photo" DROP CONSTRAINT "photo_kind";--> statement-breakpoint
ALTER TABLE "compartment" ADD COLUMN "blocked" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "cut_stock" ADD COLUMN "width" integer;--> statement-breakpoint
ALTER TABLE "fixture" ADD COLUMN "width" integer DEFAULT 300 NOT NULL;--> statement-breakpoint
ALTER TABLE "fixture" ADD COLUMN "height" integer DEFAULT 300 NOT NULL;--> statement-breakpoint
ALTER TABLE "fixture" ADD COLUMN "sill" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "fixture" ADD COLUMN "swing" text;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "wall_kind" text;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "may_drill" boolean;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "as_it_is" jsonb;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "view" text;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "lids" text;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "buy" text;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "faces" text DEFAULT 'front' NOT NULL;--> statement-breakpoint
ALTER TABLE "zone" ADD COLUMN "width" integer;--> statement-breakpoint
ALTER TABLE "zone" ADD COLUMN "depth" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "cells" integer;--> statement-breakpoint
ALTER TABLE "container_type" ADD COLUMN "tried" text;--> statement-breakpoint
ALTER TABLE "line" ADD COLUMN "cell" integer;--> statement-breakpoint
ALTER TABLE "photo" ADD COLUMN "container_type_id" text;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_container_type_id_fk" FOREIGN KEY ("site_id","container_type_id") REFERENCES "public"."container_type"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photo_container_type_id" ON "photo" USING btree ("container_type_id");--> statement-breakpoint
ALTER TABLE "cut_piece" ADD CONSTRAINT "cut_piece_part" CHECK ("cut_piece"."part" in ('rod', 'rail', 'board', 'divider', 'panel'));--> statement-breakpoint
ALTER TABLE "cut_stock" ADD CONSTRAINT "cut_stock_part" CHECK ("cut_stock"."part" in ('rod', 'rail', 'board', 'divider', 'panel'));--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_swing" CHECK ("fixture"."swing" in ('left', 'right', 'out'));--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_kind" CHECK ("fixture"."kind" in ('exit', 'door', 'window', 'heater', 'socket'));--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_wall_kind" CHECK ("room"."wall_kind" in ('masonry', 'plasterboard', 'timber'));--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_view" CHECK ("room"."view" in ('show', 'hide'));--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_lids" CHECK ("room"."lids" in ('lids', 'open'));--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_buy" CHECK ("room"."buy" in ('own', 'least', 'match'));--> statement-breakpoint
ALTER TABLE "unit" ADD CONSTRAINT "unit_faces" CHECK ("unit"."faces" in ('front', 'left', 'back', 'right'));--> statement-breakpoint
ALTER TABLE "container_type" ADD CONSTRAINT "container_type_tried" CHECK ("container_type"."tried" in ('fits', 'does not'));--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_kind" CHECK ("photo"."kind" in ('heap', 'line', 'before', 'after', 'container'));