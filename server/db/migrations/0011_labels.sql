CREATE TABLE "label_layout" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"name" text NOT NULL,
	"medium" text NOT NULL,
	"width" integer,
	"height" integer,
	"parts" jsonb NOT NULL,
	"picture" text NOT NULL,
	"letters" text NOT NULL,
	"one_size" boolean NOT NULL,
	"read_from" text NOT NULL,
	"grid" jsonb,
	"used" integer NOT NULL,
	"weld" boolean NOT NULL,
	"mirrored" boolean NOT NULL,
	"dpi" integer NOT NULL,
	CONSTRAINT "label_layout_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "label_layout_medium" CHECK ("label_layout"."medium" in ('sheet', 'sticker', 'card', 'tag', 'folded', 'strip', 'spine', 'tape', 'plotter')),
	CONSTRAINT "label_layout_picture" CHECK ("label_layout"."picture" in ('pictogram', 'photo')),
	CONSTRAINT "label_layout_letters" CHECK ("label_layout"."letters" in ('as written', 'upper', 'lower')),
	CONSTRAINT "label_layout_read_from" CHECK ("label_layout"."read_from" in ('shelf', 'seated', 'room'))
);
--> statement-breakpoint
CREATE TABLE "printed_label" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"role" text NOT NULL,
	"bin_id" text,
	"number_id" text,
	"part" integer,
	"compartment_id" text,
	"layout_id" text,
	"says" jsonb NOT NULL,
	"printed_on" date,
	"old" boolean NOT NULL,
	CONSTRAINT "printed_label_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "printed_label_role" CHECK ("printed_label"."role" in ('bin', 'place', 'cell', 'lid', 'number', 'divider'))
);
--> statement-breakpoint
CREATE TABLE "set_number" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"line_id" text NOT NULL,
	"series" text NOT NULL,
	"number" integer NOT NULL,
	"name" text NOT NULL,
	CONSTRAINT "set_number_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "set_number_once" UNIQUE("site_id","series","number"),
	CONSTRAINT "set_number_from_one" CHECK ("set_number"."number" > 0)
);
--> statement-breakpoint
ALTER TABLE "photo" DROP CONSTRAINT "photo_kind";--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "labels_for" text;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "visitors" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "label_layout_id" text;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "short_name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "label_layout_id" text;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "other_name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "photo" ADD COLUMN "category_id" text;--> statement-breakpoint
ALTER TABLE "label_layout" ADD CONSTRAINT "label_layout_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_number_id_fk" FOREIGN KEY ("site_id","number_id") REFERENCES "public"."set_number"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_compartment_id_fk" FOREIGN KEY ("site_id","compartment_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "printed_label" ADD CONSTRAINT "printed_label_layout_id_fk" FOREIGN KEY ("site_id","layout_id") REFERENCES "public"."label_layout"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_number" ADD CONSTRAINT "set_number_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_number" ADD CONSTRAINT "set_number_line_id_fk" FOREIGN KEY ("site_id","line_id") REFERENCES "public"."line"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "label_layout_version" ON "label_layout" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "printed_label_version" ON "printed_label" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "printed_label_room_id" ON "printed_label" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "printed_label_bin_id" ON "printed_label" USING btree ("bin_id");--> statement-breakpoint
CREATE INDEX "printed_label_number_id" ON "printed_label" USING btree ("number_id");--> statement-breakpoint
CREATE INDEX "printed_label_compartment_id" ON "printed_label" USING btree ("compartment_id");--> statement-breakpoint
CREATE INDEX "printed_label_layout_id" ON "printed_label" USING btree ("layout_id");--> statement-breakpoint
CREATE INDEX "set_number_version" ON "set_number" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "set_number_line_id" ON "set_number" USING btree ("line_id");--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_label_layout_id_fk" FOREIGN KEY ("site_id","label_layout_id") REFERENCES "public"."label_layout"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_label_layout_id_fk" FOREIGN KEY ("site_id","label_layout_id") REFERENCES "public"."label_layout"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_category_id_fk" FOREIGN KEY ("site_id","category_id") REFERENCES "public"."category"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "room_label_layout_id" ON "room" USING btree ("label_layout_id");--> statement-breakpoint
CREATE INDEX "bin_label_layout_id" ON "bin" USING btree ("label_layout_id");--> statement-breakpoint
CREATE INDEX "photo_category_id" ON "photo" USING btree ("category_id");--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_labels_for" CHECK ("room"."labels_for" in ('pictures', 'beginners', 'words'));--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_kind" CHECK ("photo"."kind" in ('heap', 'line', 'before', 'after', 'container', 'label'));