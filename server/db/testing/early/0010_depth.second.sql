CREATE TABLE "move" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"bin_id" text NOT NULL,
	"to" text NOT NULL,
	"from_id" text,
	"x" integer,
	"y" integer,
	"z" integer,
	"turned" boolean DEFAULT false NOT NULL,
	"sort" double precision NOT NULL,
	"done" boolean NOT NULL,
	CONSTRAINT "move_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "move_to" CHECK ("move"."to" in ('place', 'parking'))
);
--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "x" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "y" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "z" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "turned" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "move" ADD CONSTRAINT "move_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "move" ADD CONSTRAINT "move_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "move" ADD CONSTRAINT "move_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "move" ADD CONSTRAINT "move_from_id_fk" FOREIGN KEY ("site_id","from_id") REFERENCES "public"."compartment"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "move_version" ON "move" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "move_room_id" ON "move" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "move_bin_id" ON "move" USING btree ("bin_id");--> statement-breakpoint
CREATE INDEX "move_from_id" ON "move" USING btree ("from_id");--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_position" CHECK (("bin"."x" is null) = ("bin"."y" is null) and ("bin"."x" is null) = ("bin"."z" is null));