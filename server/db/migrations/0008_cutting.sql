CREATE TABLE "cut_piece" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"compartment_id" text NOT NULL,
	"part" text NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "cut_piece_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "cut_piece_part" CHECK ("cut_piece"."part" in ('rod', 'rail', 'board', 'divider')),
	CONSTRAINT "cut_piece_count" CHECK ("cut_piece"."count" > 0)
);
--> statement-breakpoint
CREATE TABLE "cut_stock" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"part" text NOT NULL,
	"length" integer NOT NULL,
	"price" integer NOT NULL,
	"count" integer,
	CONSTRAINT "cut_stock_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "cut_stock_part" CHECK ("cut_stock"."part" in ('rod', 'rail', 'board', 'divider')),
	CONSTRAINT "cut_stock_length" CHECK ("cut_stock"."length" > 0)
);
--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "kerf" integer DEFAULT 3 NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "clearance" integer DEFAULT 4 NOT NULL;--> statement-breakpoint
ALTER TABLE "cut_piece" ADD CONSTRAINT "cut_piece_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cut_piece" ADD CONSTRAINT "cut_piece_compartment_id_fk" FOREIGN KEY ("site_id","compartment_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cut_stock" ADD CONSTRAINT "cut_stock_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cut_piece_version" ON "cut_piece" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "cut_piece_compartment_id" ON "cut_piece" USING btree ("compartment_id");--> statement-breakpoint
CREATE INDEX "cut_stock_version" ON "cut_stock" USING btree ("site_id","version");